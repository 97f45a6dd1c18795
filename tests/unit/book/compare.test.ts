import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  coldTimes,
  comparedGroups,
  drawTrial,
  groupWinters,
  schoolOf,
  trialOutcome,
  trialsOf,
  winterOfHive,
  type Entry,
  yardMites,
  type ColdTime,
  type WinterOfHive,
} from '#core/book'
import { SHIPPED_FIGURES as F } from '#core/figures'
import { CALENDARS } from '#core/year'
import { entry } from '../../helpers/book'
import { build, L } from '../../helpers/hives'

const YEAR = { calendar: CALENDARS['cool-maritime'], figures: F }
const WINTER: ColdTime = { winter: 2025, from: '2025-10-04', to: '2026-03-01' }
const look = (day: string, body: object = {}) => entry('look', `${day}T12:00`, body)
const fate = (day: string, what: 'alive' | 'dead' | 'sold' | 'merged') => entry('fate', `${day}T12:00`, { fate: what })

describe('winters of hives', () => {
  it('are the cold times of the yard that have begun and ended', () => {
    expect(coldTimes(YEAR, '2024-06-01', '2026-11-20')).toEqual([
      { ...WINTER, winter: 2024, from: '2024-10-04', to: '2025-03-01' },
      WINTER,
    ])
    expect(coldTimes({ ...YEAR, calendar: CALENDARS['tropical-highland'] }, '2024-06-01', '2026-11-20')).toEqual([])
  })

  it('count a hive only where somebody wrote of it before and has said what became of it', () => {
    const of = (...own: Parameters<typeof winterOfHive>[0][number][]) => winterOfHive(own, WINTER, F)
    expect(of(look('2025-09-10'), look('2026-03-20'))).toMatchObject({ alive: true, winter: 2025 })
    expect(of(look('2025-09-10'), fate('2026-01-10', 'dead'))).toMatchObject({ alive: false })
    expect(of(look('2025-09-10'))).toBeUndefined()
    expect(of(look('2026-03-20'))).toBeUndefined()
    expect(of(look('2025-09-10'), fate('2025-09-20', 'sold'), look('2026-03-20'))).toBeUndefined()
    expect(of(look('2025-09-10'), fate('2025-11-20', 'merged'))).toBeUndefined()
    // Seen in June only: by then it may be another colony.
    expect(of(look('2025-09-10'), look('2026-06-20'))).toBeUndefined()
  })

  it('tell mites of the autumn and frames of food that went', () => {
    const tray = entry('mites', '2025-09-12T12:00', { way: 'tray', mites: 12, days: 3 })
    const own = [
      look('2025-09-10', { foodFrames: { sealed: 8 } }),
      tray,
      look('2026-03-20', { foodFrames: { sealed: 5 } }),
    ]
    expect(winterOfHive(own, WINTER, F)).toMatchObject({ autumnFall: 4, framesEaten: 3 })
    // A death in the cold counts though nothing else was ever written, and whatever colony comes in after it.
    const death = fate('2025-12-15', 'dead')
    expect(winterOfHive([death], WINTER, F)).toMatchObject({ alive: false })
    expect(winterOfHive([death, fate('2026-03-20', 'alive')], WINTER, F)).toMatchObject({ alive: false })
  })

  it('are compared by what they have in common, and with few hives nothing is told', () => {
    const winters = (alive: number, dead: number, hiveId: string): WinterOfHive[] =>
      Array.from({ length: alive + dead }, (_, i) => ({
        hiveId,
        winter: 2025,
        alive: i < alive,
        autumnFall: undefined,
        framesEaten: i === 0 ? 3 : undefined,
      }))
    const groups = groupWinters([...winters(18, 2, 'a'), ...winters(8, 12, 'b')], ({ hiveId }) => hiveId)
    expect(groups.map(({ key, alive }) => [key, alive.count, alive.of])).toEqual([
      ['a', 18, 20],
      ['b', 8, 20],
    ])
    expect(groups[0]!.framesEaten).toBe(3)
    expect(comparedGroups(groups, F)?.tells).toBe('a')
    expect(
      comparedGroups(
        groupWinters([...winters(5, 0, 'a'), ...winters(0, 5, 'b')], (one) => one.hiveId),
        F,
      )?.tells,
    ).toBe('too-few')
    expect(comparedGroups(groups.slice(0, 1), F)).toBeUndefined()
  })

  it('know the school of a hive by what stands there', () => {
    const { yard, hive } = build([L.floor, L.deep, L.crown, L.roof])
    expect(schoolOf(yard, hive, 'winterTop')).toBe('bare')
    expect(schoolOf({ ...yard, season: { way: { winterTop: 'vented' } } }, hive, 'winterTop')).toBe('vented')
    expect(schoolOf({ ...yard, prolific: true }, hive, 'strain')).toBe('prolific')
    expect(schoolOf(yard, hive, 'climate')).toBe('cool-maritime')
  })
})

describe('a trial', () => {
  const ids = Array.from({ length: 21 }, (_, i) => `h${i}`)
  it('draws half of the hives, each exactly once, whatever the lot', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0, max: 0.999, noNaN: true }), { minLength: 10, maxLength: 10 }),
        (lots) => {
          let at = 0
          const drawn = drawTrial(ids, () => lots[at++ % lots.length]!)
          expect(drawn.with).toHaveLength(10)
          expect([...drawn.with, ...drawn.without].sort()).toEqual([...ids].sort())
        },
      ),
    )
  })

  it('comes to what was written since it began, side by side', () => {
    const drawn = (hiveId: string, side: 'with' | 'without') =>
      entry('trial', '2025-08-01T10:00', { trial: 'slab', side }, { hiveId })
    const of = (hiveId: string, day: string, what: 'alive' | 'dead') => ({ ...fate(day, what), hiveId })
    const entries = [
      of('h1', '2025-03-01', 'dead'),
      drawn('h1', 'with'),
      drawn('h2', 'with'),
      drawn('h3', 'without'),
      of('h1', '2026-03-01', 'alive'),
      of('h3', '2026-03-01', 'dead'),
      entry('mites', '2025-10-01T10:00', { way: 'tray', mites: 6, days: 3 }, { hiveId: 'h2' }),
    ]
    const [trial] = trialsOf(entries)
    expect(trial).toEqual({ name: 'slab', began: '2025-08-01', with: ['h1', 'h2'], without: ['h3'] })
    const outcome = trialOutcome(trial!, entries, YEAR, '2026-05-01')
    expect(outcome.alive.with).toMatchObject({ count: 1, of: 1 })
    expect(outcome.alive.without).toMatchObject({ count: 0, of: 1 })
    expect(outcome.compared?.tells).toBe('too-few')
    expect(outcome.fall).toEqual({ with: { mean: 2, of: 1 }, without: undefined })
    // A death counts, also where a colony came in after it; who is seen once the winter is over lives.
    const more = [...entries, of('h2', '2026-01-10', 'dead'), of('h2', '2026-05-01', 'alive')]
    expect(trialOutcome(trial!, more, YEAR, '2026-05-02').alive.with).toMatchObject({ count: 1, of: 2 })
    const seen = [...entries, entry('look', '2026-04-10T12:00', {}, { hiveId: 'h2' })]
    expect(trialOutcome(trial!, seen, YEAR, '2026-05-02').alive.with).toMatchObject({ count: 2, of: 2 })
    const early = [...entries, entry('look', '2025-09-10T12:00', {}, { hiveId: 'h2' })]
    expect(trialOutcome(trial!, early, YEAR, '2026-05-02').alive.with).toMatchObject({ count: 1, of: 1 })
  })
})

describe('the mites of a yard', () => {
  it('stand month by month, and hive by hive the worst against its limit first', () => {
    const tray = (hiveId: string, day: string, mites: number) =>
      entry('mites', `${day}T10:00`, { way: 'tray', mites, days: 2 }, { hiveId })
    const { months, last } = yardMites(
      [
        tray('a', '2026-06-10', 4),
        tray('b', '2026-06-12', 40),
        tray('c', '2026-06-20', 10),
        tray('b', '2026-07-01', 2),
      ],
      YEAR,
      { from: '2026-01-01', to: '2026-12-31' },
    )
    expect(months.day[0]).toEqual({
      day: '2026-06-12',
      low: 2,
      median: 5,
      high: 20,
      counts: 3,
      over: 1,
      limit: F.fallSummerADay,
    })
    expect(last.map(({ hiveId, rate }) => [hiveId, rate])).toEqual([
      ['c', 5],
      ['a', 2],
      ['b', 1],
    ])
    expect(months.hundred).toEqual([])
  })

  it('goes by the wash where a newer tray says otherwise, and tells both; by the tray where the wash is old', () => {
    const wash = (day: string, mites: number) =>
      entry('mites', `${day}T10:00`, { way: 'wash', mites, bees: 300 }, { hiveId: 'a' })
    const tray = (day: string, mites: number) =>
      entry('mites', `${day}T10:00`, { way: 'tray', mites, days: 2 }, { hiveId: 'a' })
    const last = (...counts: Entry[]) => yardMites(counts, YEAR, { from: '2026-01-01', to: '2026-12-31' }).last[0]!
    const found = last(wash('2026-07-10', 12), tray('2026-07-12', 2))
    expect(found).toMatchObject({ in: 'hundred', over: true, beside: { in: 'day', over: false, day: '2026-07-12' } })
    expect(last(wash('2026-07-10', 12), tray('2026-07-12', 60)).beside).toBeUndefined()
    expect(last(wash('2026-05-10', 12), tray('2026-07-12', 2))).toMatchObject({ in: 'day', over: false })
  })

  it('shows the days on which hives were treated together, and the weeks of winter bees', () => {
    const gel = (hiveId: string, day: string, more: object = {}) =>
      entry('treatment', `${day}T18:00`, { product: 'gel', ...more }, { hiveId })
    const { treated, winterBees } = yardMites(
      [
        gel('a', '2026-08-01', { until: '2026-08-20' }),
        gel('b', '2026-08-15', { labelDays: 28 }),
        gel('a', '2026-11-20'),
      ],
      YEAR,
      { from: '2026-01-01', to: '2026-12-31' },
    )
    expect(treated).toEqual([
      { from: '2026-08-01', to: '2026-09-12', hives: 2 },
      { from: '2026-11-20', to: '2026-12-31', hives: 1 },
    ])
    expect(winterBees).toEqual([{ from: '2026-09-06', to: '2026-11-01' }])
  })
})
