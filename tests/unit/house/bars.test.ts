import { readdirSync, readFileSync } from 'node:fs'
import { join, relative } from 'node:path'
import { describe, expect, it } from 'vitest'
import { ENTRY_SORTS } from '#core/book'
import { CATALOGUE, FORMATS } from '#core/parts'
import { RULES } from '#core/rules'
import { keysOf } from '#core/units'
import { EDIT_KINDS } from '#core/yard'
import { root, sources } from '../../helpers/sources'

/** Published equations and tables, each with its source. */
const TABLES = ['core/loads/lifting/equation.ts', 'core/loads/lifting/zones.ts']
/** Pictures of a part at a scale of their own. */
const PICTURES = [
  'app/drawing/PatternPicture.vue',
  'app/views/bench/SizesPicture.vue',
  'app/views/frames/HangingPicture.vue',
]
/** A keeper's own body, what can be typed at all, and the arithmetic of a calendar. */
const NO_FIGURES = ['core/loads/lifting/profile.ts', 'core/yard/measure.ts', 'core/yard/typed.ts']
/** Where millimetres are those of a drawing or a sheet of paper. */
const DRAWINGS = ['app/drawing/', 'app/export/', ...PICTURES]

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

  it('only core/parts/catalogue and the demo know a pattern by its identity', () => {
    const ids = new Set([...CATALOGUE.patterns.keys(), ...CATALOGUE.hanging.keys()])
    const named = linesOf(['core', 'app', 'shared', 'server', 'cli'], ['core/parts/catalogue/']).filter(({ text }) =>
      [...text.matchAll(/['"`]([\w-]+)['"`]/g)].some(([, word]) => ids.has(word!)),
    )
    expect(named.map(({ at, text }) => `${at} ${text.trim().slice(0, 120)}`)).toEqual([])
  })

  it('identities are opaque: none is cut, matched or built outside the catalogue', () => {
    const lines = linesOf(['core', 'app'], ['core/parts/catalogue/'])
    expect(
      found(lines, /\b(pattern\??\.id|patternId)!?\??\.(startsWith|endsWith|includes|replace|slice|split|match)\(/),
    ).toEqual([])
    expect(
      found(lines, /[`'"](box|floor|crown|roof|excluder|eke|feeder|absorber|slab|stand|frame|dummy)-\$\{/),
    ).toEqual([])
  })

  it('what a stage means is asked of the stage: no list of stages and no word of one stands elsewhere', () => {
    const lines = linesOf(['core', 'app', 'shared', 'server', 'cli'], ['core/yard/stages/'])
    const asks = /[sS]tage\b\)? [!=]== '|Set<Stage>|Record<Stage, '/
    expect(lines.filter(({ text }) => asks.test(text))).toEqual([])
  })

  it('a kind of edit is one file and one line: nobody else sorts edits by their kind', () => {
    const kinds = readdirSync(join(root, 'core/yard/edits/kinds')).map((file) => file.replace('.ts', ''))
    expect([...keysOf(EDIT_KINDS), 'index'].sort()).toEqual(kinds.sort())
    const lines = linesOf(['core', 'app', 'shared', 'server', 'cli'], ['core/yard/edits/'])
    expect(lines.filter(({ text }) => new RegExp(`case '(${kinds.join('|')})'`).test(text))).toEqual([])
  })

  it('a sort of entry is one file and one line: nobody else sorts entries by name', () => {
    const files = readdirSync(join(root, 'core/book/entries')).map((file) => file.replace('.ts', ''))
    expect([...ENTRY_SORTS, 'entry', 'index', 'sort'].sort()).toEqual(files.sort())
    const lines = linesOf(['core', 'app', 'shared', 'server', 'cli'], ['core/book/entries/'])
    const sorts = ENTRY_SORTS.join('|')
    const asks = new RegExp(`\\bsort [!=]== '(${sorts})'|new Set.*\\b(${sorts})', '(${sorts})'`)
    expect(lines.filter(({ text }) => asks.test(text) && !text.includes('v-show'))).toEqual([])
  })

  it('a rule is one file and one line, and says its own name only', () => {
    const all = [...sources(join(root, 'core/rules'))].map((path) => readFileSync(path, 'utf8'))
    const named = all.flatMap((text) =>
      [...text.matchAll(/^export const \w+: Rule<\s*'([a-z.-]+)'/gm)].map(([, id]) => id!),
    )
    expect(named.sort()).toEqual(RULES.map(({ id }) => id).sort())
    expect(all.filter((text) => (text.match(/^export const \w+: Rule</gm) ?? []).length > 1)).toEqual([])
    const lines = linesOf(['core', 'app', 'shared', 'server', 'cli'], ['core/rules/', 'core/words/findings/'])
    expect(lines.filter(({ text }) => new RegExp(`'(${named.join('|')})'`).test(text))).toEqual([])
  })

  it('a format is one file and one line: its name stands nowhere else but in what is said of it', () => {
    const files = readdirSync(join(root, 'core/parts/catalogue/formats')).map((file) => file.replace('.ts', ''))
    expect(FORMATS.filter((format) => !files.includes(format))).toEqual([])
    const lines = linesOf(['core', 'app', 'shared', 'server', 'cli'], ['core/parts/catalogue/'])
    const named = new RegExp(`['"](${FORMATS.filter((format) => /\d/.test(format)).join('|')})['"]`)
    expect(lines.filter(({ text }) => named.test(text)).map(({ at }) => at.split(':')[0])).toEqual([
      'core/book/merge.ts',
      'app/shell/PartsPicture.vue',
    ])
  })

  it('no view makes an edit by hand: each says its verb of core/yard/deeds', () => {
    const sorts = keysOf(EDIT_KINDS)
    expect(sorts.length).toBeGreaterThan(20)
    expect(found(linesOf(['app']), new RegExp(`kind: '(${sorts.join('|')})'`))).toEqual([])
  })

  it('every control is of the kit: raw ones stand in app/kit only', () => {
    expect(found(linesOf(['app'], ['app/kit/']), /<(button|select|input|table|textarea|dialog)\b/)).toEqual([])
  })

  it('nothing is gone to by a call that drops what is pressed while another page is on its way', () => {
    expect(found(linesOf(['app']), /\bnavigateTo\(/)).toEqual([])
  })

  it('views, workers and the command line go through the one door to a hive', () => {
    const below = /\b(assembleHive|assessHive|partsById|contextOf|massOfHive|layOut)\(/
    expect(found(linesOf(['app', 'cli']), below)).toEqual([])
  })

  it('today is asked of one clock, the one where the keeper is: never in another way in a view', () => {
    const elsewhere = /new Date\(\)\.toISOString\(\)\.slice\(|stageOn\(new Date\(|day\(new Date\(\)\.toISO/
    expect(found(linesOf(['app']), elsewhere)).toEqual([])
  })

  it('a number with a unit is a figure of core/figures, a size of a part, or in a table of a standard', () => {
    const lines = linesOf(
      ['core', 'app'],
      ['core/figures/', 'core/parts/', 'core/units/', ...TABLES, ...NO_FIGURES, ...DRAWINGS],
    )
    const unit = '(Mm|Cm|Kg|Grams|Days|Deg|DegC|Celsius|Litres|Ml|Lb|Watts|Hours|Percent)'
    expect(found(lines, /const [A-Z_]+_(MM|CM|KG|GRAMS|DAYS|DEG|LITRES|ML|LB|WATTS|HOURS)\b[^=]*= *-?\d/)).toEqual([])
    expect(found(lines, new RegExp(`\\w${unit}: *-?(0\\.0*)?[1-9][\\d._]*(?![\\d._]| *\\*)`))).toEqual([])
    expect(found(lines, new RegExp(`\\w${unit} *[<>]=? *-?(0\\.0*)?[1-9][\\d._]*(?![\\d._]| *\\*)`))).toEqual([])
  })

  it('a part that is changed is resolved anew: a copy would bring along what is remembered of the other', () => {
    const copies = linesOf(['core', 'app']).filter(({ text }) => /\{ \.\.\.[\w.]+, (part|hung|dimensions)\b/.test(text))
    expect(copies.filter(({ at }) => !at.startsWith('core/parts/catalogue/of-yard'))).toEqual([])
  })

  it('no line of core is longer than 120 characters', () => {
    expect(linesOf(['core']).filter(({ text }) => text.length > 120)).toEqual([])
  })
})
