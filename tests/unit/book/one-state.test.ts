import { describe, expect, it } from 'vitest'
import {
  dueOf,
  foodOf,
  forMerging,
  giversOf,
  trialOutcome,
  trialsOf,
  withColonies,
  type Entry,
  type EntryBodies,
} from '#core/book'
import { hasBees, isSound, type Hive, type Yard } from '#core/hive'
import { hiveAt, hiveIn } from '#core/hive-in'
import { CALENDARS, stagesOf, writeHive, yearOf } from '#core/season'
import { verdictOf } from '#core/verdict'
import { coldestTimeOf, dripsOf, firstWet, stateOf } from '#core/winter'
import { feedToCarryInWords } from '#core/wording/feeding-words'
import { carriedOf, feedingAt, winterForm, winterOf } from '#core/wintering'
import { entry } from '../../helpers/book'
import { build, L } from '../../helpers/hives'

const TODAY = '2026-09-20'
const READER = { units: 'mm', vocabulary: 'british' } as const
const made = build([L.floor, L.deep, ['box-langstroth-medium', 'food'], L.crown, L.roof], { stage: 'pack-down' })
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

/** What the book says of the hive, and what must then be so at every door. */
const STATES: readonly (readonly [
  name: string,
  entries: readonly Entry[],
  bees: boolean,
  sound: boolean,
  grade: string,
])[] = [
  ['dead of what may be a disease', [STRONG, say('fate', { fate: 'dead', of: 'disease' })], false, false, 'stop'],
  ['dead of what is not known', [STRONG, say('fate', { fate: 'dead', of: 'not-known' })], false, false, 'stop'],
  ['absconded', [STRONG, say('fate', { fate: 'absconded' })], false, false, 'mend'],
  ['sold', [STRONG, say('fate', { fate: 'sold' })], false, false, ''],
  ['closed for a sign', [STRONG, say('look', { signs: ['ropy-cell'] })], true, false, 'stop'],
  [
    'alive with two crops',
    [STRONG, say('crop', { kg: 12 }, '2026-06-20T10:00'), say('crop', { kg: 9 })],
    true,
    true,
    '',
  ],
  ['alive with nothing written', [], true, true, ''],
]

describe.each(STATES)('a hive that is %s', (_, entries, bees, sound, grade) => {
  const yard = withColonies(HOME, entries, TODAY)
  const due = dueOf(yard, entries, TODAY).map(({ reason }) => reason.due)

  it('is so in its verdict, in the row and on the bench', () => {
    expect([hasBees(yard, HIVE.id), isSound(yard, HIVE.id)]).toEqual([bees, sound])
    const { worst, says } = verdictOf(hiveIn(yard, HIVE), READER)
    if (grade) expect(worst).toBe(grade)
    if (!sound && grade) expect(says).toMatch(/dead|no colony|closed/i)
  })

  it('is so in what is due: a colony is opened, counted, fed or given room only where it lives and is free', () => {
    const opens = due.filter((one) => ['look', 'count', 'weigh', 'box', 'visit', 'feed', 'act'].includes(one))
    if (!bees || !sound) expect(opens).toEqual([])
    else expect(opens.length).toBeGreaterThan(0)
  })

  it('is so in its food: one need, one stock, at its year, in its winter and in its book', () => {
    const plan = writeHive(yard, HIVE, stagesOf(yard)).stages.get('pack-down')!
    const food = foodOf(hiveIn(yard, HIVE), entries, [], TODAY)
    const feeding = feedingAt(yard, plan, food.ledger.there)
    expect(feeding === undefined).toBe(!bees)
    if (!feeding) return
    expect(feeding.stores).toEqual(food.ledger.there)
    const winter = winterOf(winterForm(yard, HIVE)).food(undefined, undefined, food.ledger.there)
    expect(winter.stores).toEqual(feeding.stores)
    expect(feeding.byHeat).toEqual(winter.byHeat)
  })

  it('is so where combs, colonies and trials are drawn', () => {
    expect(giversOf(yard.hives, entries, TODAY, yearOf(yard).figures)[0]!.no === undefined).toBe(
      sound && entries.length > 0,
    )
    const merging = forMerging(yard, entries, TODAY)[0]!
    if (!sound) expect(merging.no).toMatch(/gone|sign/)
    const drawn = entry('trial', '2026-05-01T10:00', { trial: 'slab', side: 'with' }, { hiveId: HIVE.id })
    const all = [drawn, ...entries]
    const outcome = trialOutcome(trialsOf(all)[0]!, all, yearOf(yard), TODAY)
    if (!bees) expect(outcome.alive.with?.count ?? 0).toBe(0)
  })
})

describe('what is carried to be fed', () => {
  it('is summed over hives, and no line is longer than a print takes, with forty hives of long names', () => {
    const plan = writeHive(HOME, HIVE, stagesOf(HOME)).stages.get('pack-down')!
    const food = feedingAt(HOME, plan, { low: 1, high: 2 })!
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
