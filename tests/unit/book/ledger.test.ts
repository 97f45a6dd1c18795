import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { eatsADay, latestMeasured, ledgerOf, ripenessOf, storesOfFeed, type Entry } from '#core/book'
import { SHIPPED_FIGURES as F } from '#core/figures'
import { exactly, ZERO } from '#core/loads'
import { entry } from '../../helpers/book'

const NEED = { low: 16, high: 20 }
const ledger = (kg: number, entries: readonly Entry[], today = '2026-08-20', eats = exactly(0.5)) =>
  ledgerOf(
    { at: '2026-08-10', kg: exactly(kg), by: 'weighed' },
    entries,
    today,
    { on: () => eats, withoutFlow: eats },
    NEED,
    F,
  )

describe('the food ledger of a hive', () => {
  it('adds up by hand: weighed, fed, taken, eaten', () => {
    const fed = entry('feed', '2026-08-12T19:00', { feed: 'two-to-one', kg: 6 })
    const taken = entry('crop', '2026-08-15T09:00', { kg: 10 })
    const { lines, there, balance } = ledger(30, [fed, taken])
    // 6 kg of syrup are 4 kg of sugar, 5 kg of stores; ten days eat 5 kg.
    expect(lines.map(({ of, kg }) => [of, kg.middle])).toEqual([
      ['there', 30],
      ['feed', 5],
      ['crop', -10],
      ['eaten', -5],
    ])
    expect(there.middle).toBe(20)
    expect(balance).toEqual(there)
  })

  it('balances, whatever was written, and never tells less than nothing', () => {
    const any = fc.array(
      fc.record({
        day: fc.integer({ min: 1, max: 25 }),
        kg: fc.double({ min: 0, max: 40, noNaN: true }),
        crop: fc.boolean(),
      }),
    )
    fc.assert(
      fc.property(any, fc.double({ min: 0, max: 60, noNaN: true }), (raw, kg) => {
        const entries = raw.map((one) => {
          const at = `2026-08-${String(one.day + 3).padStart(2, '0')}T12:00`
          return one.crop ? entry('crop', at, { kg: one.kg }) : entry('feed', at, { feed: 'comb', kg: one.kg })
        })
        const { lines, balance, there } = ledger(kg, entries)
        expect(lines.reduce((sum, line) => sum + line.kg.middle, 0)).toBeCloseTo(balance.middle, 9)
        expect(there.low).toBeGreaterThanOrEqual(0)
        expect(there.middle).toBeCloseTo(Math.max(0, balance.middle), 9)
      }),
    )
  })

  it('counts nothing twice: what was fed or taken on the day of the measure is in it', () => {
    const fed = entry('feed', '2026-08-10T19:00', { feed: 'fondant', kg: 4 })
    const later = entry('feed', '2026-08-25T19:00', { feed: 'fondant', kg: 4 })
    expect(ledger(30, [fed, later]).lines.map(({ of }) => of)).toEqual(['there', 'eaten'])
  })

  it('lets take what is over the need, and says how long the rest lasts', () => {
    const rich = ledger(45, [])
    expect(rich.mayTake).toEqual({ low: 20, high: 24 })
    expect(rich.lastsDays).toEqual({ low: 80, high: 80 })
    expect(ledger(12, []).mayTake).toEqual({ low: 0, high: 0 })
    expect(ledger(12, [], '2026-08-20', ZERO).lastsDays).toBeUndefined()
  })

  it('takes the newest of weighing, heft and frames; a later one of the same day counts', () => {
    const known = [
      { at: '2026-08-01', kg: exactly(9), by: 'weighed' as const },
      { at: '2026-08-10', kg: exactly(12), by: 'frames' as const },
      { at: '2026-08-10', kg: exactly(13), by: 'weighed' as const },
      { at: '2026-09-10', kg: exactly(20), by: 'heft' as const },
    ]
    expect(latestMeasured(known, '2026-08-20')?.kg.middle).toBe(13)
    expect(latestMeasured([], '2026-08-20')).toBeUndefined()
  })

  it('feeds as stores: 1 kg of sugar gives 1.25 kg, 1 kg of fondant 1.05 kg; a colony eats in a flow too', () => {
    expect(storesOfFeed({ feed: 'fondant', kg: 4 }, F)).toBeCloseTo(4.2, 9)
    expect(storesOfFeed({ feed: 'one-to-one', kg: 4 }, F)).toBe(2.5)
    expect(storesOfFeed({ feed: 'comb', kg: 4 }, F)).toBe(4)
    expect(eatsADay('flow', exactly(0.1), F)).toMatchObject({ low: 0.5, high: 1 })
    expect(eatsADay('dearth', exactly(0.1), F)).toMatchObject({ low: 0.5, high: 1 })
    expect(eatsADay('winter', exactly(0.1), F).middle).toBe(0.1)
  })

  it('calls honey ripe by its water where that was read, else by what is sealed', () => {
    expect(ripenessOf({ sealedShare: 0.8 }, F)).toBe('ripe')
    expect(ripenessOf({ sealedShare: 0.79 }, F)).toBe('unripe')
    expect(ripenessOf({ sealedShare: 0.95, water: 0.19 }, F)).toBe('unripe')
    expect(ripenessOf({ water: 0.201 }, F)).toBe('too-wet')
    expect(ripenessOf({}, F)).toBeUndefined()
  })
})
