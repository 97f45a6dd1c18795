import { HyperFormula } from 'hyperformula'
import { describe, expect, it } from 'vitest'
import { CATALOGUE, type Pattern } from '#core/parts'
import { inchesFromFraction } from '#core/units'
import { L, N, build, gapBetween, type Layer } from '../helpers/hives'

const USDA = 'USDA Agriculture Handbook 335, hive drawings, from memory'
const BS = 'BS 1300:1960, from memory'

/** Published or common figures: source, box, depth, frame height, top space, bottom space, gap between two alike. */
const BOXES: readonly (readonly [
  source: string,
  pattern: string,
  depth: string,
  frame: string,
  top: string,
  bottom: string,
  gap: string,
])[] = [
  [USDA, 'box-langstroth-deep', '9 5/8', '9 1/8', '1/4', '1/4', '1/2'],
  [USDA, 'box-langstroth-medium', '6 5/8', '6 1/4', '1/4', '1/8', '3/8'],
  [USDA, 'box-langstroth-shallow', '5 11/16', '5 3/8', '1/4', '1/16', '5/16'],
  [BS, 'box-national-brood', '8 7/8', '8 1/2', '0', '3/8', '3/8'],
  [BS, 'box-national-super', '5 7/8', '5 1/2', '0', '3/8', '3/8'],
  [BS, 'box-national-14x12', '12 3/8', '12', '0', '3/8', '3/8'],
]
const mm = (fraction: string) => inchesFromFraction(fraction)! * 25.4

describe('boxes and their gaps', () => {
  it.each(BOXES)('%s: %s', (_source, id, depth, frame, top, bottom, gap) => {
    const pattern = CATALOGUE.patterns.get(id)!
    expect(pattern.dimensions.depth).toMatchObject({ inches: depth, plusMinusMm: 0 })
    expect(pattern.dimensions.depth!.mm).toBeCloseTo(mm(depth), 6)
    const hung = CATALOGUE.hanging.get(pattern.normalContents!.framePatternId)!
    expect(hung.height.mm).toBeCloseTo(mm(frame), 6)
    const built = build([
      [id, 'brood'],
      [id, 'super'],
    ])
    const between = gapBetween(built, 0, 1)
    expect(between.terms[0]!.mm).toBeCloseTo(mm(top), 3)
    expect(between.terms[1]!.mm).toBeCloseTo(mm(bottom), 3)
    expect(between.mm).toBeCloseTo(mm(gap), 3)
  })

  it(
    'common practice: a National with its space on top leaves 3.2 mm over a bottom-space one, ' +
      'and 15.9 the other way',
    () => {
      expect(gapBetween(build([N.brood, N.topSuper]), 0, 1).mm).toBeCloseTo(3.175, 3)
      expect(gapBetween(build([N.topBrood, N.super]), 0, 1).mm).toBeCloseTo(15.875, 3)
    },
  )

  it('common practice: frame counts, lug bearings and end-bar gaps', () => {
    const clearances = (id: string) => {
      const { dimensions, normalContents } = CATALOGUE.patterns.get(id)!
      const frame = CATALOGUE.hanging.get(normalContents!.framePatternId)!
      return {
        lug: (frame.topBarLength.mm - dimensions.insideLength!.mm) / 2,
        end: (dimensions.insideLength!.mm - frame.lengthOverEndBars.mm) / 2,
        count: normalContents!.count,
      }
    }
    const langstroth = clearances('box-langstroth-deep')
    expect(langstroth.lug).toBeCloseTo(7.9, 1)
    expect(langstroth.end).toBeCloseTo(9.525, 3)
    const national = clearances('box-national-brood')
    expect(national.lug).toBeCloseTo(30.9, 1)
    expect(national.end).toBeCloseTo(7.2, 1)
    expect([langstroth.count, national.count]).toEqual([10, 11])
  })

  it('bee space itself: 1/4 to 3/8 in (Langstroth, The Hive and the Honey-Bee; USDA AH-335, from memory)', () => {
    const limits = gapBetween(build([L.deep, L.crown]), 0, 1).band!
    expect([limits.minMm, limits.maxMm]).toEqual([6.35, 9.525])
  })
})

describe('every value of the catalogue', () => {
  const patterns: Pattern[] = [...CATALOGUE.patterns.values()]

  it('carries its mark and its source', () => {
    for (const pattern of patterns) {
      const { dimensions, mass, id } = pattern
      for (const [name, length] of Object.entries(dimensions)) {
        expect(length.source.text, `${id} ${name}`).not.toBe('')
        expect(length.plusMinusMm, `${id} ${name}`).toBe(
          length.source.mark !== 'M' ? 0 : length.plusMinusMm === 3 && /poly/.test(id) ? 3 : 1,
        )
      }
      if (mass) expect(mass.source.text).not.toBe('')
    }
  })

  it('keeps its inch fraction where it was drawn in inches', () => {
    const inInches = patterns.flatMap(({ dimensions }) => Object.values(dimensions)).filter(({ inches }) => inches)
    expect(inInches.length).toBeGreaterThan(50)
    for (const length of inInches) expect(length.mm).toBeCloseTo(mm(length.inches!), 6)
  })

  it('tells each pattern from every other by name and identity', () => {
    expect(new Set(patterns.map(({ id }) => id)).size).toBe(patterns.length)
    const names = patterns.map(({ label, format }) => `${label.british}/${format}`)
    expect(new Set(names).size).toBe(names.length)
  })
})

describe('gap sums against a spreadsheet', () => {
  const STACKS: (readonly Layer[])[] = [
    [L.floor, L.deep, L.framed, L.medium, L.medium, L.crown, L.roof],
    [N.floor, N.brood, N.framed, N.topSuper, N.super, N.crown, N.roof],
    [N.floor, N.brood, N.sheet, N.super, ['crown-national', undefined, true], N.roof],
  ]

  it.each(STACKS.map((layers, n) => [n, layers] as const))(
    'stack %d: the same sums in hyperformula from catalogue dimensions',
    (_n, layers) => {
      const built = build(layers)
      const rows = built.assessment.layout.parts.map((part) => {
        const { dimensions } = part
        const hung = part.hung[0]?.pattern
        if (hung) {
          return [dimensions.depth!.mm, dimensions.restDepth!.mm, hung.lugThickness.mm, hung.height.mm]
        }
        const rim = dimensions.rimDepth?.mm ?? 0
        const rimAbove = (part.pattern!.rimSide === 'above') !== part.placement.turnedOver
        const low = part.pattern!.kind === 'floor' ? 0 : rimAbove ? 0 : rim
        const high = part.pattern!.kind === 'floor' ? dimensions.upperRecess!.mm : rimAbove ? rim : 0
        return [null, low, high, null]
      })
      const sheet = HyperFormula.buildFromArray(
        rows.map((row, i) => {
          const r = i + 1
          const box = row[0] !== null
          return [
            ...row,
            box ? `=B${r}-C${r}` : `=C${r}`,
            box ? `=A${r}-(B${r}-C${r})-D${r}` : `=B${r}`,
            i > 0 ? `=E${i}+F${r}` : null,
          ]
        }),
        { licenseKey: 'gpl-v3' },
      )
      for (let i = 1; i < layers.length; i++) {
        const value = sheet.getCellValue({ sheet: 0, row: i, col: 6 })
        expect(gapBetween(built, i - 1, i).mm, `gap ${i}`).toBeCloseTo(Number(value), 6)
      }
      sheet.destroy()
    },
  )
})
