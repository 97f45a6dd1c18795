import { dirname, resolve } from 'node:path'
import type { Plugin } from 'vite'

const OPENED = /new Worker\(\s*new URL\('([^']+\.worker\.ts)', import\.meta\.url\),\s*\{ type: 'module' \},?\s*\)/g

/** A worker is an entry of the app's own build: it takes what it needs of core from the chunks the page has too. */
export function workersAsChunks(): Plugin {
  return {
    name: 'workers-as-chunks',
    enforce: 'pre',
    apply: (_config, { command }) => command === 'build',
    transform(code, id) {
      if (!code.includes('new Worker(')) return
      const chunked = code.replaceAll(OPENED, (_, path: string) => {
        const reference = this.emitFile({ type: 'chunk', id: resolve(dirname(id.split('?')[0]!), path) })
        return `new Worker(import.meta.ROLLUP_FILE_URL_${reference}, { type: 'module' })`
      })
      return { code: chunked, map: null }
    },
  }
}
