import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dueOf } from '#core/book'
import { CLIMATES, type Climate, type Stage, type Yard } from '#core/yard'
import {
  CALENDARS,
  autumnOf,
  isPacked,
  partingFor,
  partingOn,
  shifted,
  stageOn,
  writeYear,
  yearOf,
  type Parting,
} from '#core/year'
import { daysFrom } from '#core/units'
import { autumnInWords, waitsInWords } from '#core/words'
import { L, build } from '../../helpers/hives'
import { runs } from '../../helpers/runs'

const HIVE = [L.stand, L.mesh, L.deep, L.crown, L.roof]
const yardIn = (climate: Climate, more: object = {}, stage: Stage = 'after-crop', south = false): Yard => {
  const { yard } = build(HIVE, { stage })
  const calendar = south ? shifted(CALENDARS[climate], 182) : CALENDARS[climate]
  return { ...yard, season: { calendar, ...more } }
}

describe('packing, wrapping and closing are three things with days of their own', () => {
  it('cold inland: fed to the end of September, wrapped in November, a fortnight before the frost stays (year)', () => {
    const { pack, wrap, lastLook, frostStays } = autumnOf(yardIn('cold-continental'))!
    expect(pack).toBe('09-30')
    expect(wrap.slice(0, 2)).toBe('11')
    expect(frostStays > '11-15' && frostStays < '12-15').toBe(true)
    expect(daysFrom(lastLook, frostStays)).toBe(14)
  })

  it('by the sea: packing as October begins, closed by the first frost, and none where there is no winter', () => {
    expect(autumnOf(yardIn('cool-maritime'))).toEqual({
      pack: '10-04',
      wrap: '11-01',
      lastLook: '10-18',
      frostStays: '11-01',
    })
    expect(autumnOf(yardIn('tropical-highland'))).toBeUndefined()
    expect(autumnInWords('winter', yardIn('tropical-highland'), { units: 'mm', vocabulary: 'british' })).toEqual([])
  })

  it('a day of packing that the keeper moved stands, and colder months of their own bring the frost forward', () => {
    const moved = yardIn('cold-continental')
    const calendar = { ...CALENDARS['cold-continental'], moved: { 'pack-down': '09-12' } }
    expect(autumnOf({ ...moved, season: { calendar } })!.pack).toBe('09-12')
    const colder = yardIn('cold-continental', { winterMeansCelsius: [4, -4, -12, -15, -12, -4] })
    expect(autumnOf(colder)!.frostStays < autumnOf(moved)!.frostStays).toBe(true)
  })

  it('no box is forbidden to be parted on a warm day of autumn: cold inland on 12 October it is free', () => {
    const cold = yardIn('cold-continental')
    const on = (yard: Yard, ...days: string[]) => days.map((day) => partingOn(`2026-${day}`, yard))
    expect(on(cold, '09-10', '10-12', '11-20', '12-20', '03-20', '04-20')).toEqual([
      'free',
      'free',
      'too-late',
      'cold',
      'cold',
      'free',
    ])
    expect(on(yardIn('cool-maritime'), '10-10', '10-25', '11-01', '01-10', '06-01')).toEqual([
      'free',
      'too-late',
      'cold',
      'cold',
      'free',
    ])
    expect(partingOn('2026-06-10', yardIn('cool-maritime', {}, 'after-crop', true))).toBe('cold')
  })

  it('a plan of a later stage is warned as its own day is, one of today as today', () => {
    const cold = yardIn('cold-continental')
    expect(partingFor('winter', '2026-06-01', cold)).toBe('free')
    expect(partingFor('winter', '2026-12-20', cold)).toBe('cold')
    expect(partingFor('supering', '2026-12-20', cold)).toBe('free')
    expect(partingFor('late-winter-check', '2026-06-01', cold)).toBe('cold')
  })

  it('looks go on until a yard is packed, in season and temperature', () => {
    const cold = yardIn('cold-continental')
    expect([isPacked('2026-09-12', cold), isPacked('2026-10-01', cold), isPacked('2026-02-01', cold)]).toEqual([
      false,
      true,
      true,
    ])
  })

  it('the year never lies before the day: boxes may be parted, then not, then again, once a year (property)', () => {
    const RANK: Readonly<Record<Parting, number>> = { free: 0, 'too-late': 1, cold: 2 }
    fc.assert(
      fc.property(
        fc.constantFrom(...CLIMATES),
        fc.boolean(),
        fc.array(fc.integer({ min: -20, max: 20 }), { minLength: 6, maxLength: 6 }),
        (climate, south, means) => {
          const yard = yardIn(climate, { winterMeansCelsius: means }, 'after-crop', south)
          const year = yearOf(yard)
          const days = Array.from({ length: 365 }, (_, i) =>
            new Date(Date.UTC(2025, 0, 1 + i)).toISOString().slice(0, 10),
          )
          const ranks = days.map((day) => RANK[partingOn(day, yard)])
          const falls = ranks.filter((rank, i) => rank < ranks.at(i - 1)!).length
          expect(falls).toBeLessThanOrEqual(1)
          // No warm stage is ever closed.
          for (const [i, day] of days.entries())
            if (['flow', 'supering', 'building-up', 'after-crop', 'crop'].includes(stageOn(day, year)))
              expect(ranks[i]).toBe(0)
          const autumn = autumnOf(yard)
          if (autumn) expect(daysFrom(autumn.pack, autumn.frostStays)).toBeLessThan(182)
        },
      ),
      { numRuns: runs(60) },
    )
  })
})

describe('what the plan and Due make of it', () => {
  it('wraps are not on while boxes are packed down, and are in winter', () => {
    const yard = yardIn('cold-continental', { way: { wrap: 'wrap' } })
    const [planned] = writeYear(yard, ['pack-down', 'winter'])
    const wraps = (stage: Stage) =>
      planned!.stages.get(stage)!.hive.attachments.filter(({ partId }) => /wrap/.test(partId)).length
    expect([wraps('pack-down'), wraps('winter')]).toEqual([0, 1])
  })

  it('packing is due once the yard is fed, wrapping for a packed hive in November; who is behind is behind', () => {
    const visits = (stage: Stage, today: string) =>
      dueOf(yardIn('cold-continental', {}, stage), [], today).flatMap(({ day, reason }) =>
        reason.due === 'visit' ? [`${reason.stage} ${day} ${reason.parting}`] : [],
      )
    expect(visits('after-crop', '2026-09-01')).toEqual(['pack-down 2026-09-30 free'])
    expect(visits('after-crop', '2026-09-10')).toEqual(['pack-down 2026-09-30 free'])
    const [wrap] = visits('pack-down', '2026-09-30')
    expect(wrap).toMatch(/^winter 2026-11-\d\d free$/)
    expect(visits('pack-down', '2026-10-20')).toEqual([wrap])
    expect(visits('flow', '2026-10-20')).toEqual(['winter 2026-10-05 free'])
  })

  it('without a winter the first super is on before the flow begins, though no stage is named for it', () => {
    const visits = (today: string) =>
      dueOf(yardIn('tropical-highland', {}, 'dearth'), [], today).flatMap(({ day, reason }) =>
        reason.due === 'visit' ? [day] : [],
      )
    expect(visits('2026-02-20')).toEqual(['2026-02-22'])
    expect(stageOn('2026-02-22', yearOf(yardIn('tropical-highland')))).toBe('dearth')
  })

  it('a change that parts boxes in the cold says itself that it waits, until when, and what is done closed', () => {
    const cold = yardIn('cold-continental')
    const box = cold.parts.find(({ patternId }) => patternId.startsWith('box'))!
    const step = { partId: box.id, patternId: box.patternId, from: 'hive', to: 'van', kg: 20, turned: false } as const
    const reader = { units: 'mm', vocabulary: 'british' } as const
    expect(waitsInWords([step], 'cold', cold, reader)).toMatch(/leave this change until 5 Apr.*Closed, one does/)
    expect(waitsInWords([step], 'free', cold, reader)).toBeUndefined()
    expect(waitsInWords([{ ...step, patternId: 'mouse-guard' }], 'cold', cold, reader)).toBeUndefined()
  })

  it('is said with its days, in either unit', () => {
    const cold = yardIn('cold-continental')
    const say = (units: 'mm' | 'inches') =>
      autumnInWords(undefined, cold, { units, vocabulary: units === 'mm' ? 'british' : 'northAmerican' }).join(' ')
    expect(say('mm')).toMatch(/Feed and treat until about 30 Sept?.* falls towards 5 °C/)
    expect(say('inches')).toMatch(/41 °F/)
    expect(autumnInWords('flow', cold, { units: 'mm', vocabulary: 'british' })).toEqual([])
  })
})
