import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { catalogueOf, combsAcross, hangAcross } from '#core/parts'
import { bandOf } from '#core/stack'
import { foodNeedOf } from '#core/year'
import {
  FIGURES,
  FIGURE_NAMES,
  ORDERED,
  SHIPPED_FIGURES,
  UNIT_IN_NAME,
  figureOfKey,
  figuresWith,
  ownFigure,
  type FigureName,
} from '#core/figures'
import { hiveIn } from '#core/ask'
import { applyEdit, upgraded, type Yard } from '#core/yard'
import { overwrite } from '#core/yard/deeds'
import { liftsOf, USUAL_PROFILE, standingOf, usualWeighing } from '#core/loads'
import { keysOf } from '#core/units'
import { L, build } from '../../helpers/hives'
import { root, sources } from '../../helpers/sources'

const own = (mm: number) => ({ mm, plusMinusMm: 0, source: { mark: 'own' as const, text: 'the keeper’s own' } })

/** A hive of a yard that counts with some figures of its own. */
function hiveWith(figures: Partial<Record<FigureName, number>>) {
  const built = build([L.stand, L.floor, L.deep, L.deep, L.medium, L.crown, L.roof])
  const yard: Yard = { ...built.yard, figures: keysOf(figures).map((name) => ownFigure(name, figures[name]!)) }
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
      const { value, label, usedIn, source } = FIGURES[name]
      expect(
        [label, usedIn, source.text].every((text) => text.length > 0),
        name,
      ).toBe(true)
      expect(Number.isFinite(value) && value > 0, name).toBe(true)
    }
  })

  it('carry their unit in their name', () => {
    const plain = (name: string) => name.replace(/(Low|Typical|High)$/, '')
    expect(FIGURE_NAMES.filter((name) => !UNIT_IN_NAME[FIGURES[name].unit].test(plain(name)))).toEqual([])
  })

  it('are each overwritten by name, in the unit of the name', () => {
    for (const name of FIGURE_NAMES) {
      // A figure that has a least or a most beside it moves with them: alone it would cross one.
      const together = ORDERED.find((names) => names.includes(name)) ?? [name]
      const doubled = together.map((one) => [one, 2 * SHIPPED_FIGURES[one]] as const)
      const figures = figuresWith(doubled.map(([one, value]) => ownFigure(one, value)))
      expect(figures).toEqual({ ...SHIPPED_FIGURES, ...Object.fromEntries(doubled) })
    }
  })

  it('are counted with as they ship where what a yard says cannot be', () => {
    for (const value of [0, -5, Number.NaN, 1e9])
      expect(figuresWith([ownFigure('honeyDensityKgPerLitre', value)])).toEqual(SHIPPED_FIGURES)
    expect(figuresWith([ownFigure('broodNeedMendCells', 42_000)]).broodNeedMendCells).toBe(42_000)
  })

  it('are all counted with: none is on the list for show', () => {
    const code = [...sources(join(root, 'core')), ...sources(join(root, 'app'))]
      .filter((path) => !path.includes('/figures/'))
      .map((path) => readFileSync(path, 'utf8'))
      .join('\n')
    // a range is asked by its stem: `rangeOf(figures, 'fillShare')` counts with its low, typical and high
    const stems = [...code.matchAll(/rangeOf\([^()]*\)/g)].flatMap(([call]) => [...call.matchAll(/'(\w+)'/g)])
    const ranges = new Set(stems.flatMap(([, stem]) => ['Low', 'Typical', 'High'].map((end) => `${stem}${end}`)))
    expect(FIGURE_NAMES.filter((name) => !ranges.has(name) && !new RegExp(`\\b${name}\\b`).test(code))).toEqual([])
  })

  const shipped = hiveWith({})
  it.each([
    ['beeTightMm', 2, (hive: typeof shipped) => hive.context.figures.beeTightMm, 2],
    ['combMostMm', 20, (hive: typeof shipped) => hive.thickest, 10],
    [
      'honeyDensityKgPerLitre',
      2 * SHIPPED_FIGURES.honeyDensityKgPerLitre,
      (hive: typeof shipped) => hive.mass.items.honey.middle,
      undefined,
    ],
    ['fillShareTypical', 0.8, (hive: typeof shipped) => hive.mass.items.honey.middle, undefined],
    ['timberDensityKgPerM3', 800, (hive: typeof shipped) => hive.mass.items.ware.middle, undefined],
    ['waxHoldsKgPerKg', 23, (hive: typeof shipped) => hive.mass.items.wax.middle, undefined],
    ['beeGrams', 0.2, (hive: typeof shipped) => hive.mass.items.bees.middle, undefined],
    ['broodKgPerDm2Typical', 0.25, (hive: typeof shipped) => hive.mass.items.brood.middle, undefined],
    ['windForceFactor', 2, (hive: typeof shipped) => hive.winds.asItStands, undefined],
    ['handHoldMm', 100, (hive: typeof shipped) => hive.lifts.highest?.from.handMm, undefined],
    ['needMaritimeKgLow', 18, (hive: typeof shipped) => foodNeedOf(hive.context).low, 18],
    ['beeSpaceMaxMm', 12, (hive: typeof shipped) => bandOf('range', hive.context.figures).maxMm, 12],
    ['metricMaxMm', 12, (hive: typeof shipped) => bandOf('metric', hive.context.figures).maxMm, 12],
  ] as const)('%s of a yard reaches what is counted with it', (name, value, read, expected) => {
    const changed = read(hiveWith({ [name]: value }))
    expect(changed).not.toEqual(read(shipped))
    if (expected !== undefined) expect(changed).toEqual(expected)
  })

  it('of one yard are not those of another', () => {
    expect(hiveWith({ honeyDensityKgPerLitre: 3 }).mass.items.honey.middle).not.toBe(
      hiveWith({}).mass.items.honey.middle,
    )
    expect(hiveWith({}).mass.items.honey.middle).toBe(shipped.mass.items.honey.middle)
    expect(catalogueOf({ overrides: [], figures: [], patterns: [], hanging: [] }).figures).toBe(SHIPPED_FIGURES)
  })
})

describe('figures as they were overwritten before version 8', () => {
  const before = [
    { key: 'limit.beeTight', length: own(2) },
    { key: 'limit.brickKg', length: own(3) },
    { key: 'box-langstroth-deep.depth', length: own(240) },
    { key: 'limit.nothing-of-the-kind', length: own(1) },
    { key: 'limit.constructor', length: own(1) },
    { key: 'limit.honeyDensity', length: own(0) },
  ]

  it('are read out of older plan files, the sizes among them left as they are', () => {
    const { figures: _none, ...yard } = { ...build([L.floor]).yard, overrides: before }
    for (const version of [1, 3, 7])
      expect(upgraded({ version, yards: [yard] })).toMatchObject({
        version: 8,
        yards: [
          {
            figures: [
              { name: 'beeTightMm', value: 2, unit: 'mm' },
              { name: 'brickKg', value: 3, unit: 'kg' },
            ],
            overrides: before.slice(2),
          },
        ],
      })
  })

  it('by edits that an older Duvet wrote, undo and all', () => {
    const { yard } = build([L.floor])
    const done = applyEdit(yard, overwrite('limit.beeTight', own(2)))
    expect(done.ok && done.yard).toMatchObject({ figures: [ownFigure('beeTightMm', 2)], overrides: [] })
    const undone = done.ok && applyEdit(done.yard, overwrite('limit.beeTight', null))
    expect(undone && undone.ok && undone.yard).toEqual(yard)
  })

  it('each by its older name', () => {
    // As the files of version 7 name them: a share of figures keeps its name, the rest had none of their unit.
    const older =
      'beeTight wide honeyDensity fillLow waxRatio eatsADayTypical beeGrams lookLeastCelsius prolific eggDays'
    expect(older.split(' ').map((name) => figureOfKey(`limit.${name}`))).toEqual([
      'beeTightMm',
      'wideMm',
      'honeyDensityKgPerLitre',
      'fillShareLow',
      'waxHoldsKgPerKg',
      'eatsKgADayTypical',
      'beeGrams',
      'lookLeastCelsius',
      'prolificRoomTimes',
      'eggDays',
    ])
    expect(figureOfKey('limit.nothing-of-the-kind')).toBeUndefined()
    expect(figureOfKey('box-langstroth-deep.depth')).toBeUndefined()
  })
})
