import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  daysLater,
  dueOf,
  foodEntries,
  foodOf,
  foodsOf,
  forMerging,
  giversOf,
  trialOutcome,
  trialsOf,
  withColonies,
  type Entry,
  type EntryBodies,
  type FoodBook,
} from '#core/book'
import { hasBees, isSound, standingParts, type Yard } from '#core/yard'
import {
  hiveAt,
  hiveIn,
  carriedOf,
  feedingAt,
  hiveByWay,
  winterForm,
  winterOf,
  winterWays,
  dayOfYard,
  yearOfYard,
  type PlannedYear,
  winterOfYard,
} from '#core/ask'
import { USUAL_PROFILE, usualWeighing } from '#core/loads'
import { CALENDARS, stagesOf, writeHive, yearOf } from '#core/year'
import { verdictOf, feedingInWords, feedToCarryInWords, assessYard, type HiveVerdict } from '#core/words'
import { coldestTimeOf, dripsOf, firstWet, stateOf } from '#core/heat'
import { entry } from '../../helpers/book'
import { HIVE, HOME, say, STATES, STRONG, TODAY } from '../../helpers/states'
import { runs } from '../../helpers/runs'

const READER = { units: 'mm', vocabulary: 'british' } as const

describe.each(STATES)(
  'a hive that is $name',
  ({ entries = [], weighed, yard: home = HOME, bees = true, sound = true, grade }) => {
    const scale = weighed && { at: weighed[0], kg: weighed[1], parts: standingParts(HIVE) }
    const book: FoodBook = { entries, weighed: scale ? { [HIVE.id]: scale } : {} }
    const living = withColonies(home, entries, TODAY)
    const yard: Yard = { ...living, foods: foodsOf(living, living.hives, book, TODAY) }
    const hive = yard.hives.find(({ id }) => id === HIVE.id)!
    const due = dueOf(yard, entries, TODAY, scale ? { [HIVE.id]: TODAY } : {}).filter(
      ({ hiveId }) => hiveId === hive.id,
    )

    it('is so in its verdict, in the row and on the bench', async () => {
      expect([hasBees(yard, hive.id), isSound(yard, hive.id)]).toEqual([bees, sound])
      const verdict = verdictOf(hiveIn(yard, hive), READER)
      if (grade) expect(verdict.worst).toBe(grade)
      if (!sound && grade) expect(verdict.says).toMatch(/dead|no colony|closed/i)
      const row: HiveVerdict[] = []
      await assessYard(
        yard,
        {},
        READER,
        (some) => void row.push(...some),
        () => false,
      )
      expect(row.find(({ hiveId }) => hiveId === hive.id)).toEqual({ hiveId: hive.id, ...verdict })
    })

    it('is so in what is due: a colony is opened, counted, fed or given room only where it lives and is free', () => {
      const opens = due.filter(({ reason }) =>
        ['look', 'count', 'weigh', 'box', 'visit', 'feed', 'act'].includes(reason.due),
      )
      if (!bees || !sound) expect(opens).toEqual([])
      else expect(opens.length).toBeGreaterThan(0)
      // What was weighed today is not asked for today.
      if (scale) expect(due.some(({ reason, day }) => reason.due === 'weigh' && day <= TODAY)).toBe(false)
    })

    it('has one stage: where it stands, in what is due and in its plan', () => {
      const next = due.find(({ reason }) => reason.due === 'visit')
      if (next?.reason.due === 'visit') expect(next.reason.stands).toBe(hive.stage)
      expect(hiveIn(yard, hive).context.stage).toBe(hive.stage)
      expect(writeHive(yard, hive, stagesOf(yard)).stages.get(hive.stage)?.hive.stage ?? hive.stage).toBe(hive.stage)
    })

    it('is so in its food: one need, one stock, in its verdict, its year, its winter, its book and every hive’s list', async () => {
      const plan = writeHive(yard, hive, stagesOf(yard)).stages.get('pack-down')!
      const known = hiveIn(yard, hive)
      const food = foodOf(known, entries, scale ? [scale] : [], TODAY)
      const feeding = feedingAt(yard, plan)
      expect(feeding === undefined).toBe(!bees)
      const winter = winterOf(winterForm(yard, hive)).food()
      const [listed] = (await winterOfYard(
        { ...yard, hives: [hive] },
        -5,
        () => {},
        () => false,
      ))!
      expect(listed).toMatchObject({ stores: winter.stores, need: winter.need, short: winter.short })
      if (!feeding) return
      expect(feeding.byHeat).toEqual(winter.byHeat)
      const { todo } = feedingInWords(feeding, '', READER)
      expect(todo.includes('It is closed')).toBe(!sound)
      // What was weighed today is not told to be weighed before anything is done.
      if (scale) expect(todo).not.toMatch(/weigh it first/)
      const isWritten = food.measured.by !== 'model'
      expect(feeding.known !== undefined).toBe(isWritten)
      expect(winter.isByBook).toBe(isWritten)
      if (!isWritten) return
      expect(feeding.stores).toEqual(food.ledger.there)
      expect(winter.stores).toEqual(food.ledger.there)
      const short = known.assessment.findings.find(({ rule }) => rule === 'season.short-of-food')
      const need = known.context.need!
      expect(short !== undefined).toBe(food.ledger.there.middle < need.low)
      if (short?.rule === 'season.short-of-food')
        expect([short.facts.storesLow, short.facts.storesHigh]).toEqual([food.ledger.there.low, food.ledger.there.high])
    })

    it('has the same ways to winter as one of which nothing is written: none is said to change nothing', () => {
      const free = withColonies(home, [], TODAY)
      const slab = winterWays(hiveIn(home, hive)).find(({ group }) => group === 'top')
      expect(slab === undefined).toBe(hive.stack.length === 0)
      if (!slab) return
      const stackBy = (of: Yard) => hiveByWay(of, hive, 'winter', slab)?.hive.stack.map(({ partId }) => partId)
      expect(stackBy(yard)).toEqual(stackBy(free))
      expect(stackBy(yard)).not.toEqual(hive.stack.map(({ partId }) => partId))
    })

    it('has one heaviest lift: on its own, in the day of the yard and in its year', async () => {
      const profile = USUAL_PROFILE
      const own = hiveIn(yard, hive).lifts(profile, usualWeighing(hive.stage))
      const day = (await dayOfYard(
        { ...yard, hives: [hive] },
        profile,
        () => {},
        () => false,
      ))!
      expect(day.now.heaviestKg).toBe(own.heaviest?.kg.middle ?? 0)
      const years: PlannedYear[] = []
      await yearOfYard(
        { ...yard, hives: [hive] },
        profile,
        (some) => void years.push(some),
        () => false,
      )
      const stages = years.flatMap(({ figures }) => figures.flatMap((one) => one.stages))
      for (const load of day.hives.get(hive.id)!)
        expect(stages.find(({ stage }) => stage === load.stage)?.heaviestKg).toBe(load.heaviestKg ?? 0)
    })

    it('is so where combs, colonies and trials are drawn', () => {
      expect(giversOf({ ...yard, hives: [hive] }, entries, TODAY).some(({ no }) => no === undefined)).toBe(
        sound && entries.findLast(({ sort }) => sort === 'look') === STRONG,
      )
      const merging = forMerging({ ...yard, hives: [hive] }, entries, TODAY)
      if (!sound) for (const { no } of merging) expect(no).toMatch(/gone|sign/)
      const drawn = entry('trial', '2026-05-01T10:00', { trial: 'slab', side: 'with' }, { hiveId: hive.id })
      const all = [drawn, ...entries]
      const outcome = trialOutcome(trialsOf(all)[0]!, all, yearOf(yard), TODAY)
      if (!bees) expect(outcome.alive.with?.count ?? 0).toBe(0)
    })
  },
)

describe('what is known of food', () => {
  it('is the same from all that was ever written and from what a device is given of it (property)', () => {
    const days = fc.integer({ min: 0, max: 380 }).map((ago) => `${daysLater(TODAY, -ago)}T10:00`)
    const anything = fc.oneof(
      fc.constantFrom<EntryBodies['look']>(
        { heft: 'light' },
        { heft: 'heavy' },
        { superSealed: 0.9 },
        { queen: 'seen' },
      ),
      fc.record({ foodFrames: fc.record({ sealed: fc.integer({ min: 0, max: 9 }) }) }),
      fc.record({ seams: fc.constant([{ boxId: HIVE.stack[1]!.partId, seams: 6 }]) }),
    )
    const one = fc.oneof(
      fc.tuple(days, anything).map(([at, body]) => say('look', body, at)),
      fc.tuple(days, fc.integer({ min: 1, max: 12 })).map(([at, kg]) => say('feed', { feed: 'fondant', kg }, at)),
      fc.tuple(days, fc.integer({ min: 1, max: 12 })).map(([at, kg]) => say('crop', { kg }, at)),
    )
    const scales = fc.option(fc.tuple(days, fc.integer({ min: 30, max: 90 })))
    let told = 0
    fc.assert(
      fc.property(fc.array(one, { maxLength: 12 }), scales, (some, scale) => {
        const entries = some.toSorted((a, b) => (a.at < b.at ? -1 : 1))
        const weighed = scale ? { [HIVE.id]: { at: scale[0], kg: scale[1], parts: standingParts(HIVE) } } : {}
        const { lookSeasonDays } = yearOf(HOME).figures
        const given = foodEntries(entries, weighed, TODAY, lookSeasonDays)
        const foods = (of: readonly Entry[]) => foodsOf(HOME, HOME.hives, { entries: of, weighed }, TODAY)
        expect(foods(given)).toEqual(foods(entries))
        told += Object.keys(foods(given)).length
      }),
      { numRuns: runs(80) },
    )
    expect(told).toBeGreaterThan(10)
  })

  it('is not told of a weighing with other boxes on', () => {
    const weighed = { [HIVE.id]: { at: `${TODAY}T08:00`, kg: 60, parts: 'others' } }
    expect(foodsOf(HOME, HOME.hives, { entries: [], weighed }, TODAY)).toEqual({})
  })
})

describe('what is carried to be fed', () => {
  it('is summed over hives, and no line is longer than a print takes, with forty hives of long names', () => {
    const plan = writeHive(HOME, HIVE, stagesOf(HOME)).stages.get('pack-down')!
    const KG = { low: 1, middle: 1.5, high: 2 }
    const stores = { kg: KG, inAll: KG, at: TODAY, by: 'heft', since: false } as const
    const food = feedingAt({ ...HOME, foods: { [HIVE.id]: { stores, mayGo: [], stillFills: false } } }, plan)!
    const one = carriedOf(food).kg
    expect(one).toBeGreaterThan(0)
    const lines = feedToCarryInWords(
      Array.from({ length: 40 }, (_, i) => ({ name: `${i}`.padEnd(80, 'x'), food })),
      READER,
    )
    expect(lines[0]).toContain(`${(40 * one).toFixed(1)} kg of sugar`)
    expect(lines).toHaveLength(15)
    expect(Math.max(...lines.map(({ length }) => length))).toBeLessThanOrEqual(300)
  })
})

describe('the humidity from which a top drips', () => {
  it.each(['cool-maritime', 'cold-continental', 'warm-temperate'] as const)(
    'is one on the bench and in Winter: %s',
    (climate) => {
      const yard: Yard = { ...HOME, season: { calendar: CALENDARS[climate] } }
      for (const winterBeesKg of [undefined, 0.8, 2.2]) {
        const hive = { ...HIVE, season: { ...HIVE.season, ...(winterBeesKg ? { winterBeesKg } : {}) } }
        const known = hiveAt({ ...yard, hives: [hive] }, hive, 'winter')
        const coldest = coldestTimeOf(hive, known.context)!
        const winter = winterOf(known)
        const state = stateOf(
          winter.shell,
          { outsideCelsius: coldest.outsideCelsius, beesKg: winter.beesKg, inside: { warm: 'cluster' } },
          known.context.figures,
        )
        const top = firstWet(state.faces.filter(({ face }) => face.place === 'top'))
        expect(dripsOf(known.layout, coldest)!.top).toBe(top!.dripsFrom)
      }
    },
  )
})
