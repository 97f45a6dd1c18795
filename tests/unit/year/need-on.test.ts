import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { SHIPPED_FIGURES as F } from '#core/figures'
import { CLIMATES, emptyYard, type Climate, type Yard } from '#core/yard'
import { CALENDARS, feedingOf, firstForage, needOn, shifted, yearOf } from '#core/year'
import { HALF_YEAR_DAYS, addDays, daysFrom } from '#core/units'

const yardOf = (climate: Climate, isSouth = false): Yard => ({
  ...emptyYard('y', 'Y'),
  season: { calendar: isSouth ? shifted(CALENDARS[climate], HALF_YEAR_DAYS) : CALENDARS[climate] },
})
const COLD = CLIMATES.filter((climate) => CALENDARS[climate].firstFrost !== null)

describe('what a hive asks to eat on a day (common practice; how it is shared out, from memory)', () => {
  it.each(COLD.flatMap((climate) => [false, true].map((isSouth) => [climate, isSouth] as const)))(
    'never grows as the winter runs out: %s, south %s',
    (climate, isSouth) => {
      const yard = yardOf(climate, isSouth)
      const year = yearOf(yard)
      const frost = year.calendar.firstFrost!
      const days = daysFrom(frost, firstForage(year))
      const left = Array.from({ length: days }, (_, i) => needOn(yard, addDays(frost, i)))
      expect(left[0]!.share).toBe(1)
      for (let i = 1; i < days; i++) {
        expect(left[i]!.share).toBeLessThan(left[i - 1]!.share)
        expect(left[i]!.high).toBeLessThanOrEqual(left[i - 1]!.high)
        expect(left[i]!.low).toBeGreaterThanOrEqual(F.foodLeastKg)
      }
      expect(needOn(yard, firstForage(year))).toMatchObject({ share: 0, low: F.foodLeastKg, high: F.foodLeastKg })
    },
  )

  it('is the whole from the last crop to the first frost, and less than half of it on 20 February by the sea', () => {
    const yard = yardOf('cool-maritime')
    expect(needOn(yard, '2026-09-20')).toMatchObject({ share: 1, low: 16, high: 20, until: '04-12' })
    const february = needOn(yard, '2026-02-20')
    expect(february.high).toBeLessThan(10)
    expect(february.share).toBeGreaterThan(0.25)
  })

  it('is that of a dearth between two flows and where there is no winter, and never that of a winter', () => {
    for (const climate of ['warm-temperate', 'tropical-highland'] as const) {
      const { flowEnd } = CALENDARS[climate]
      const asked = needOn(yardOf(climate), `2026-${addDays(flowEnd, 20)}`)
      expect(asked.low).toBe(F.foodLeastKg)
      expect(asked.high).toBeLessThanOrEqual(F.needDearthKgHigh)
      expect(asked.until).toBe(CALENDARS[climate].secondFlow!.start)
    }
  })

  it('is never under the least on any day of any year', () => {
    fc.assert(
      fc.property(fc.constantFrom(...CLIMATES), fc.boolean(), fc.nat(364), (climate, isSouth, n) => {
        const { low, high, share } = needOn(yardOf(climate, isSouth), addDays('01-01', n))
        return low >= F.foodLeastKg && high >= low && share >= 0 && share <= 1
      }),
    )
  })
})

describe('what is done about food', () => {
  const at = (stage: 'crop' | 'winter', hasSupers: boolean) => ({ stage, hasSupers, figures: F })
  it('is never sugar while crop supers are on, whatever is short', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 40, noNaN: true }), (kg) => {
        const { todo } = feedingOf({ low: kg, high: kg + 5 }, { low: 16, high: 20 }, at('crop', true))
        return todo === 'nothing' || todo === 'supers-first'
      }),
    )
  })

  it('is a decision where the range begins at nothing: weigh first, else half way', () => {
    const unsure = feedingOf({ low: 10, high: 18 }, { low: 16, high: 20 }, at('winter', false))
    expect([unsure.todo, unsure.short.low]).toEqual(['weigh-first', 0])
    expect(unsure.middle.totalKg).toBeCloseTo(5 / F.storesFromFondantKgPerKg, 9)
    expect(feedingOf({ low: 4, high: 6 }, { low: 16, high: 20 }, at('winter', false)).todo).toBe('feed')
    expect(feedingOf({ low: 30, high: 36 }, { low: 16, high: 20 }, at('winter', false)).todo).toBe('nothing')
  })
})
