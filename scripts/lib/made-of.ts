import { writeFile } from 'node:fs/promises'
import type { Plugin } from 'vite'

/** Writes down at every build what each script of the client is made of: module by length before it is made small. */
export function madeOf(path: string): Plugin {
  return {
    name: 'made-of',
    apply: (_config, { command }) => command === 'build',
    async generateBundle(_options, bundle) {
      const chunks = Object.values(bundle).filter((file) => file.type === 'chunk')
      if (!chunks.some(({ fileName }) => fileName.startsWith('_nuxt/'))) return
      const lengths = chunks.map(({ fileName, modules }) => [
        fileName.split('/').at(-1)!,
        Object.fromEntries(Object.entries(modules).map(([id, { renderedLength }]) => [id, renderedLength])),
      ])
      await writeFile(path, JSON.stringify(Object.fromEntries(lengths)))
    },
  }
}
