import { readFileSync } from 'node:fs'
import { join, relative } from 'node:path'
import { describe, expect, it } from 'vitest'
import { root, sources } from '../../helpers/sources'

const CODE = ['app', 'core', 'server', 'shared', 'cli', 'scripts'].flatMap((room) => [...sources(join(root, room))])
const linesOf = (text: string) => text.split('\n').length - 1
const tooLong = (most: number, textOf: (path: string) => string) =>
  CODE.filter((path) => linesOf(textOf(path)) > most).map((path) => relative(root, path))

/** Files that are longer still; whoever makes one short takes it off, and nobody puts one on. */
const STILL_LONG = [
  'app/views/frames/FromAbove.vue',
  'app/views/records/Frames.vue',
  'app/views/row/Yard.vue',
  'app/views/year/Ribbon.vue',
  'app/views/frames/Page.vue',
  'app/views/winter/Page.vue',
]
/** A pattern is data: its file is as long as there are patterns. */
const DATA = ['core/parts/catalogue/between-and-above.ts']

describe('a file is read in one sitting', () => {
  it('of 300 lines at most', () => {
    expect(tooLong(300, (path) => readFileSync(path, 'utf8')).sort()).toEqual([...STILL_LONG, ...DATA].sort())
  })

  it('and fewer setups than ever are over 100', () => {
    const setups = tooLong(102, (path) =>
      path.endsWith('.vue')
        ? (/<script setup[^>]*>[\s\S]*?<\/script>/.exec(readFileSync(path, 'utf8'))?.[0] ?? '')
        : '',
    )
    expect(setups.length).toBeLessThanOrEqual(20)
  })
})
