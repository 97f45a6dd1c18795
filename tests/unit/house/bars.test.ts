import { readFileSync } from 'node:fs'
import { join, relative } from 'node:path'
import { describe, expect, it } from 'vitest'
import { CATALOGUE } from '#core/catalogue'
import { root, sources } from '../../helpers/sources'

interface Line {
  readonly at: string
  readonly text: string
}

/** Every line of these rooms, but of those left out. */
function linesOf(rooms: readonly string[], without: readonly string[] = []): Line[] {
  return rooms
    .flatMap((room) => [...sources(join(root, room))])
    .filter((path) => !without.some((out) => relative(root, path).startsWith(out)))
    .flatMap((path) =>
      readFileSync(path, 'utf8')
        .split('\n')
        .map((text, i) => ({ at: `${relative(root, path)}:${i + 1}`, text })),
    )
}
const found = (lines: readonly Line[], pattern: RegExp) =>
  lines.filter(({ text }) => pattern.test(text)).map(({ at, text }) => `${at} ${text.trim().slice(0, 120)}`)

describe('the rule a newcomer can follow', () => {
  it('only core/parts asks of what kind a part is', () => {
    const lines = linesOf(['core', 'app', 'shared', 'server', 'cli'], ['core/parts/'])
    expect(found(lines, /\bkind\s*[!=]==|[!=]==\s*[\w.]*\bkind\b/)).toEqual([])
    expect(found(lines, /switch \([^)]*(pattern|part)\??\.kind\)/)).toEqual([])
  })

  it('only core/catalogue and the demo know a pattern by its identity', () => {
    const ids = new Set([...CATALOGUE.patterns.keys(), ...CATALOGUE.hanging.keys()])
    const named = linesOf(['core', 'app', 'shared', 'server', 'cli'], ['core/catalogue/']).filter(({ text }) =>
      [...text.matchAll(/['"`]([\w-]+)['"`]/g)].some(([, word]) => ids.has(word!)),
    )
    expect(named.map(({ at, text }) => `${at} ${text.trim().slice(0, 120)}`)).toEqual([])
  })

  it('identities are opaque: none is cut, matched or built outside the catalogue', () => {
    const lines = linesOf(['core', 'app'], ['core/catalogue/'])
    expect(
      found(lines, /\b(pattern\??\.id|patternId)!?\??\.(startsWith|endsWith|includes|replace|slice|split|match)\(/),
    ).toEqual([])
    expect(
      found(lines, /[`'"](box|floor|crown|roof|excluder|eke|feeder|absorber|slab|stand|frame|dummy)-\$\{/),
    ).toEqual([])
  })

  it('no view makes an edit by hand: each says its verb of core/hive/deeds', () => {
    const sorts = [...readFileSync(join(root, 'core/hive/edit.ts'), 'utf8').matchAll(/readonly kind: '([\w-]+)'/g)].map(
      ([, sort]) => sort!,
    )
    expect(sorts.length).toBeGreaterThan(20)
    expect(found(linesOf(['app']), new RegExp(`kind: '(${sorts.join('|')})'`))).toEqual([])
  })

  it('no line of core is longer than 120 characters', () => {
    expect(linesOf(['core']).filter(({ text }) => text.length > 120)).toEqual([])
  })
})
