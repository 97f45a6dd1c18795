import { readFileSync } from 'node:fs'
import { join, relative } from 'node:path'
import { describe, expect, it } from 'vitest'
import { root, sources } from '../../helpers/sources'

const CODE = ['app', 'core', 'server', 'shared', 'cli', 'scripts'].flatMap((room) => [...sources(join(root, room))])
const linesOf = (text: string) => text.split('\n').length - 1
const tooLong = (most: number, textOf: (path: string) => string) =>
  CODE.filter((path) => linesOf(textOf(path)) > most).map((path) => relative(root, path))

/** A pattern is data: its file is as long as there are patterns. */
const DATA = ['core/parts/catalogue/between-and-above.ts']

describe('a file is read in one sitting', () => {
  it('of 300 lines at most', () => {
    expect(tooLong(300, (path) => readFileSync(path, 'utf8')).sort()).toEqual(DATA)
  })

  it('its setup of 100', () => {
    const setupOf = (path: string) =>
      /<script setup[^>]*>[\s\S]*?<\/script>/.exec(readFileSync(path, 'utf8'))?.[0] ?? ''
    expect(tooLong(102, (path) => (path.endsWith('.vue') ? setupOf(path) : ''))).toEqual([])
  })

  it('and asks for eight things at most', () => {
    const asks = CODE.filter((path) => path.endsWith('.vue')).map((path) => {
      const text = readFileSync(path, 'utf8')
      const fields = /defineProps<\{\n([\s\S]*?)\n\s*\}>\(/.exec(text)?.[1]?.split('\n') ?? []
      const indents = fields.filter((line) => line.trim() !== '').map((line) => line.search(/\S/))
      const own = fields.filter((line) => /^\s*\w+\??:/.test(line) && line.search(/\S/) === Math.min(...indents))
      const inLine = /defineProps<\{([^\n]*)\}>/.exec(text)?.[1]?.split(';') ?? []
      return { path, count: own.length + inLine.filter((field) => field.trim() !== '').length }
    })
    expect(Math.max(...asks.map(({ count }) => count))).toBeGreaterThan(5)
    expect(asks.filter(({ count }) => count > 8).map(({ path }) => relative(root, path))).toEqual([])
  })
})
