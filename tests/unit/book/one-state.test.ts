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
import { hasBees, isSound, standingParts, type Hive, type Part, type Yard } from '#core/hive'
import { hiveAt, hiveIn } from '#core/hive-in'
import { USUAL_PROFILE } from '#core/lifting'
import { CALENDARS, stagesOf, writeHive, yearOf } from '#core/season'
import { verdictOf } from '#core/verdict'
import { usualWeighing } from '#core/weight'
import { coldestTimeOf, dripsOf, firstWet, stateOf } from '#core/winter'
import { feedToCarryInWords } from '#core/wording/feeding-words'
import { carriedOf, feedingAt, winterForm, winterOf } from '#core/wintering'
import { assessYard, type HiveVerdict } from '~/workers/assess-yard'
import { dayOfYard } from '~/workers/lift-yard'
import { yearOfYard, type PlannedYear } from '~/workers/plan-yard'
import { winterOfYard } from '~/workers/winter-yard'
import { entry } from '../../helpers/book'
import { build, L } from '../../helpers/hives'

const TODAY = '2026-09-20'
const READER = { units: 'mm', vocabulary: 'british' } as const
const STACK = [L.floor, L.deep, ['box-langstroth-medium', 'food'], L.crown, L.roof] as const
const made = build(STACK, { stage: 'pack-down' })
const HOME: Yard = { ...made.yard, season: { calendar: CALENDARS['cold-continental'] } }
const [HIVE] = HOME.hives as [Hive]
const say = <S extends 'look' | 'fate' | 'crop' | 'feed' | 'mites'>(
  sort: S,
  body: EntryBodies[S],
  at = '2026-09-15T10:00',
) => entry(sort, at, body, { hiveId: HIVE.id })
const STRONG = say(
  'look',
  { seams: [{ boxId: 'x', seams: 9 }], queen: 'seen', broodFrames: { sealed: 8 } },
  '2026-09-10T10:00',
)

/** What the book says of the hive and how it stands, and what must then be so at every door. */
interface State {
  readonly name: string
  readonly entries?: readonly Entry[]
  /** The hive on its scale, kg, at a moment. */
  readonly weighed?: readonly [at: string, kg: number]
  readonly yard?: Yard
  readonly bees?: boolean
  readonly sound?: boolean
  readonly grade?: string
}
const withParts = (change: (part: Part, layer: number) => Part): Yard => ({
  ...build(STACK, { stage: 'pack-down', change }).yard,
  season: HOME.season!,
})
const LOAN = { name: 'the club', since: '2026-05-01', backBy: '2026-10-01' }
const crate = (id: string): Part => ({ id, patternId: 'box-langstroth-medium', contents: [], hasHeld: [] })
const uneven = (part: Part, i: number): Part =>
  i === 1
    ? {
        ...part,
        measured: {
          depth: { mm: 244, otherMm: 236, plusMinusMm: 0.5, source: { mark: 'measured', text: 'rule' } },
        },
      }
    : part
const NO_CLIMATE: Yard = made.yard
const FORTY: Yard = {
  ...HOME,
  hives: [HIVE, ...Array.from({ length: 39 }, (_, i): Hive => ({ ...HIVE, id: `h${i}`, stack: [], attachments: [] }))],
}
const CROPS = [say('crop', { kg: 12 }, '2026-06-20T10:00'), say('crop', { kg: 9 })]
const STATES: readonly State[] = [
  {
    name: 'dead of what may be a disease',
    entries: [STRONG, say('fate', { fate: 'dead', of: 'disease' })],
    bees: false,
    sound: false,
    grade: 'stop',
  },
  {
    name: 'dead of what is not known',
    entries: [STRONG, say('fate', { fate: 'dead', of: 'not-known' })],
    bees: false,
    sound: false,
    grade: 'stop',
  },
  {
    name: 'absconded',
    entries: [STRONG, say('fate', { fate: 'absconded' })],
    bees: false,
    sound: false,
    grade: 'mend',
  },
  { name: 'sold', entries: [STRONG, say('fate', { fate: 'sold' })], bees: false, sound: false },
  { name: 'closed for a sign', entries: [STRONG, say('look', { signs: ['ropy-cell'] })], sound: false, grade: 'stop' },
  { name: 'alive with two crops', entries: [STRONG, ...CROPS] },
  { name: 'alive with nothing written' },
  { name: 'light by heft', entries: [STRONG, say('look', { heft: 'light' })] },
  {
    name: 'heavy by heft, with feed since',
    entries: [say('look', { heft: 'heavy' }), say('feed', { feed: 'two-to-one', kg: 6 }, '2026-09-18T10:00')],
  },
  { name: 'weighed today', entries: [STRONG], weighed: [`${TODAY}T08:00`, 62] },
  {
    name: 'weighed today, and a crop taken after it',
    entries: [STRONG, say('crop', { kg: 9 }, `${TODAY}T16:00`)],
    weighed: [`${TODAY}T08:00`, 62],
  },
  { name: 'in a yard that has lent a box', yard: { ...HOME, parts: [...HOME.parts, { ...crate('out'), lent: LOAN }] } },
  { name: 'standing on a borrowed box', yard: withParts((part, i) => (i === 2 ? { ...part, borrowed: LOAN } : part)) },
  { name: 'uneven from side to side', yard: withParts(uneven), weighed: [`${TODAY}T08:00`, 58] },
  {
    name: 'in a yard that has not said its climate',
    entries: [STRONG, say('look', { heft: 'light' })],
    yard: NO_CLIMATE,
  },
  { name: 'one of forty', entries: [STRONG], weighed: [`${TODAY}T08:00`, 62], yard: FORTY },
]

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
      expect(giversOf([hive], entries, TODAY, yearOf(yard).figures)[0]!.no === undefined).toBe(
        sound && entries.findLast(({ sort }) => sort === 'look') === STRONG,
      )
      const merging = forMerging({ ...yard, hives: [hive] }, entries, TODAY)[0]!
      if (!sound) expect(merging.no).toMatch(/gone|sign/)
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
      { numRuns: 80 },
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
