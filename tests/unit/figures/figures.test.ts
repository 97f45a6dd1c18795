import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { catalogueOf, combsAcross, hangAcross } from '#core/parts'
import { bandOf } from '#core/stack'
import { foodNeedOf } from '#core/year'
import { FIGURE_NAMES, SHIPPED_FIGURES, figureKey, ORDERED, figuresWith, type FigureName } from '#core/figures'
import { TOLD } from '#core/figures/told'
import { hiveIn } from '#core/ask'
import type { Yard } from '#core/yard'
import { liftsOf, USUAL_PROFILE, standingOf, usualWeighing } from '#core/loads'
import { keysOf } from '#core/units'
import { L, build } from '../../helpers/hives'
import { root, sources } from '../../helpers/sources'

const own = (mm: number) => ({ mm, plusMinusMm: 0, source: { mark: 'own' as const, text: 'the keeper’s own' } })

/** A hive of a yard that counts with some figures of its own. */
function hiveWith(figures: Partial<Record<FigureName, number>>) {
  const built = build([L.stand, L.floor, L.deep, L.deep, L.medium, L.crown, L.roof])
  const overrides = keysOf(figures).map((name) => ({ key: figureKey(name), length: own(figures[name]!) }))
  const yard: Yard = { ...built.yard, overrides }
  const hive = yard.hives[0]!
  const { assessment, context } = hiveIn(yard, hive)
  const mass = hiveIn(yard, hive).mass({ ...usualWeighing('flow'), fullness: 'full' })
  const boxes = assessment.layout.parts.filter(({ pattern }) => pattern?.normalContents)
  return {
    assessment,
    context,
    mass,
    thickest: Math.max(
      ...boxes.flatMap(({ resolved }) => combsAcross(hangAcross(resolved), 'all-honey').map(({ nearMm }) => nearMm)),
    ),
    winds: standingOf(assessment.layout, [], mass, mass).winds,
    lifts: liftsOf(assessment.layout, mass, USUAL_PROFILE),
  }
}

describe('the figures of the trade', () => {
  it('each say what they are, in what, where they are used and where they come from', () => {
    for (const name of FIGURE_NAMES) {
      const { label, usedIn, source } = TOLD[name]
      const value = SHIPPED_FIGURES[name]
      expect(
        [label, usedIn, source.text].every((text) => text.length > 0),
        name,
      ).toBe(true)
      expect(Number.isFinite(value) && value > 0, name).toBe(true)
    }
  })

  it('are each overwritten under a key of their own, and nothing else is', () => {
    for (const name of FIGURE_NAMES) {
      // A figure that has a least or a most beside it moves with them: alone it would cross one.
      const together = ORDERED.find((names) => names.includes(name)) ?? [name]
      const own = together.map((one) => [one, 2 * SHIPPED_FIGURES[one]] as const)
      const figures = figuresWith(own.map(([one, mm]) => ({ key: figureKey(one), length: { mm } })))
      expect(figures).toEqual({ ...SHIPPED_FIGURES, ...Object.fromEntries(own) })
    }
    expect(figuresWith([{ key: 'limit.nothing-of-the-kind', length: { mm: 1 } }])).toBe(SHIPPED_FIGURES)
    expect(figuresWith([{ key: 'box-langstroth-deep.depth', length: { mm: 1 } }])).toBe(SHIPPED_FIGURES)
  })

  it('are counted with as they ship where what a yard says cannot be', () => {
    for (const mm of [0, -5, Number.NaN, 1e9])
      expect(figuresWith([{ key: figureKey('honeyDensity'), length: { mm } }])).toEqual(SHIPPED_FIGURES)
    expect(figuresWith([{ key: figureKey('broodNeedMend'), length: { mm: 42_000 } }]).broodNeedMend).toBe(42_000)
  })

  it('are all counted with: none is on the list for show', () => {
    const code = [...sources(join(root, 'core')), ...sources(join(root, 'app'))]
      .filter((path) => !path.includes('/figures/'))
      .map((path) => readFileSync(path, 'utf8'))
      .join('\n')
    // a range is asked by its stem: `rangeOf(figures, 'fill')` counts with fillLow, fillTypical and fillHigh
    const stems = [...code.matchAll(/rangeOf\([^()]*\)/g)].flatMap(([call]) => [...call.matchAll(/'(\w+)'/g)])
    const ranges = new Set(stems.flatMap(([, stem]) => ['Low', 'Typical', 'High'].map((end) => `${stem}${end}`)))
    expect(FIGURE_NAMES.filter((name) => !ranges.has(name) && !new RegExp(`\\b${name}\\b`).test(code))).toEqual([])
  })

  const shipped = hiveWith({})
  it.each([
    ['beeTight', 2, (hive: typeof shipped) => hive.context.figures.beeTight, 2],
    ['combMost', 20, (hive: typeof shipped) => hive.thickest, 10],
    [
      'honeyDensity',
      2 * SHIPPED_FIGURES.honeyDensity,
      (hive: typeof shipped) => hive.mass.items.honey.middle,
      undefined,
    ],
    ['fillTypical', 0.8, (hive: typeof shipped) => hive.mass.items.honey.middle, undefined],
    ['timberDensity', 800, (hive: typeof shipped) => hive.mass.items.ware.middle, undefined],
    ['waxRatio', 23, (hive: typeof shipped) => hive.mass.items.wax.middle, undefined],
    ['beeGrams', 0.2, (hive: typeof shipped) => hive.mass.items.bees.middle, undefined],
    ['broodTypical', 0.25, (hive: typeof shipped) => hive.mass.items.brood.middle, undefined],
    ['windForce', 2, (hive: typeof shipped) => hive.winds.asItStands, undefined],
    ['handHold', 100, (hive: typeof shipped) => hive.lifts.highest?.from.handMm, undefined],
    ['needMaritimeLow', 18, (hive: typeof shipped) => foodNeedOf(hive.context).low, 18],
    ['beeSpaceMax', 12, (hive: typeof shipped) => bandOf('range', hive.context.figures).maxMm, 12],
    ['metricMax', 12, (hive: typeof shipped) => bandOf('metric', hive.context.figures).maxMm, 12],
  ] as const)('%s of a yard reaches what is counted with it', (name, value, read, expected) => {
    const changed = read(hiveWith({ [name]: value }))
    expect(changed).not.toEqual(read(shipped))
    if (expected !== undefined) expect(changed).toEqual(expected)
  })

  it('of one yard are not those of another', () => {
    expect(hiveWith({ honeyDensity: 3 }).mass.items.honey.middle).not.toBe(hiveWith({}).mass.items.honey.middle)
    expect(hiveWith({}).mass.items.honey.middle).toBe(shipped.mass.items.honey.middle)
    expect(catalogueOf({ overrides: [], patterns: [], hanging: [] }).figures).toBe(SHIPPED_FIGURES)
  })
})
