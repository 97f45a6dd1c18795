import { readdirSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'

/** The folder of the project. */
export const root = fileURLToPath(new URL('../..', import.meta.url))

/** Every file of code below a folder. */
export function* sources(folder: string): Generator<string> {
  for (const name of readdirSync(folder)) {
    const path = join(folder, name)
    if (statSync(path).isDirectory()) yield* sources(path)
    else if (/\.(ts|vue)$/.test(name)) yield path
  }
}
