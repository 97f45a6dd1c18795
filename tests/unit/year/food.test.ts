import { SHIPPED_FIGURES } from '#core/figures'
import { assessHive } from '#core/rules'
import { meaningOf, CLIMATES, type Climate } from '#core/yard'
import { foodNeedOf, mixFor, shortOf } from '#core/year'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { L, build, type Layer } from '../../helpers/hives'

describe('food missing to the winter (by hand: need less stores, the least against the most)', () => {
  it.each<[Climate, { low: number; high: number }, { low: number; high: number }]>([
    ['cool-maritime', { low: 10, high: 12 }, { low: 4, high: 10 }],
    ['warm-temperate', { low: 20, high: 22 }, { low: 0, high: 7 }],
    ['cold-continental', { low: 12, high: 16 }, { low: 11, high: 29 }],
    ['tropical-highland', { low: 0, high: 2 }, { low: 3, high: 10 }],
    ['cool-maritime', { low: 30, high: 40 }, { low: 0, high: 0 }],
  ])('%s with %o', (climate, stores, short) => {
    expect(shortOf(stores, foodNeedOf({ climate, prolific: false, figures: SHIPPED_FIGURES }))).toEqual(short)
  })

  it('a prolific strain asks for a fifth more (from memory), and the finding says the same need as every view', () => {
    expect(foodNeedOf({ climate: 'cool-maritime', prolific: true, figures: SHIPPED_FIGURES })).toEqual({
      low: 19.2,
      high: 24,
    })
    const layers: readonly Layer[] = [L.floor, L.deep, L.crown, L.roof]
    const { yard, hive } = build(layers, {
      stage: 'winter',
      change: (part) => ({
        ...part,
        contents: part.contents.map((one) => ({ ...one, comb: 'drawn' as const, holds: 'empty' as const })),
      }),
    })
    const facts = (prolific: boolean) =>
      assessHive({ ...yard, prolific }, hive).findings.find(({ rule }) => rule === 'season.short-of-food')!.facts
    for (const prolific of [true, false])
      expect(facts(prolific)).toMatchObject({
        needLow: foodNeedOf({ climate: 'cool-maritime', prolific, figures: SHIPPED_FIGURES }).low,
        needHigh: foodNeedOf({ climate: 'cool-maritime', prolific, figures: SHIPPED_FIGURES }).high,
      })
  })

  it('is never below nothing, and more stores never make it more', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...CLIMATES),
        fc.double({ min: 0, max: 80, noNaN: true }),
        fc.double({ min: 0, max: 20, noNaN: true }),
        (climate, low, more) => {
          const need = foodNeedOf({ climate, prolific: false, figures: SHIPPED_FIGURES })
          const [less, least] = [
            shortOf({ low, high: low + 2 }, need),
            shortOf({ low: low + more, high: low + more + 2 }, need),
          ]
          expect(less.low).toBeGreaterThanOrEqual(0)
          expect(least.low).toBeLessThanOrEqual(less.low)
          expect(least.high).toBeLessThanOrEqual(less.high)
        },
      ),
    )
  })
})

describe('syrup (common practice: 1 kg of sugar gives 1.25 kg of stores)', () => {
  it.each([
    [10, 'two-to-one', 8, 4],
    [10, 'one-to-one', 8, 8],
    [2.1, 'fondant', 1.68, 0.32],
    [0, 'two-to-one', 0, 0],
  ] as const)('%d kg as %s: %d kg of sugar, %d kg of water', (storesKg, feed, sugarKg, waterKg) => {
    const mix = mixFor(storesKg, feed, SHIPPED_FIGURES)
    expect([mix.sugarKg, mix.waterKg, mix.totalKg].map((kg) => Math.round(kg * 1e6) / 1e6)).toEqual([
      sugarKg,
      waterKg,
      sugarKg + waterKg,
    ])
  })
  it('refuses less than nothing', () => {
    expect(() => mixFor(-1, 'fondant', SHIPPED_FIGURES)).toThrow(RangeError)
    expect(() => mixFor(Number.NaN, 'fondant', SHIPPED_FIGURES)).toThrow(RangeError)
  })
  it('thick in autumn, thin in spring, fondant in the cold', () => {
    expect(
      (['after-crop', 'pack-down', 'building-up', 'settling', 'winter', 'late-winter-check'] as const).map(
        (stage) => meaningOf(stage).feed,
      ),
    ).toEqual(['two-to-one', 'two-to-one', 'one-to-one', 'one-to-one', 'fondant', 'fondant'])
  })
})
