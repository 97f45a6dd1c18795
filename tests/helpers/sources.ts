import { readdirSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'

/** The folder of the project. */
export const root = fileURLToPath(new URL('../..', import.meta.url))

/** Every file of code below a folder, or of another sort. */
export function* sources(folder: string, of = /\.(ts|vue)$/): Generator<string> {
  for (const name of readdirSync(folder)) {
    const path = join(folder, name)
    if (statSync(path).isDirectory()) yield* sources(path, of)
    else if (of.test(name)) yield path
  }
}
