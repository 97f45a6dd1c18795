import { describe, expect, it } from 'vitest'
import { foodOf } from '#core/book'
import { storesByModelKg } from '#core/rules'
import { applyEdit, type Hive, type Yard } from '#core/yard'
import { stand } from '#core/yard/deeds'
import { hiveIn } from '#core/ask'
import { CALENDARS, writeHive } from '#core/year'
import { againstCropInWords, foodThereInWords, lastsInWords, ledgerInWords } from '#core/words'
import { entry } from '../../helpers/book'
import { build, N } from '../../helpers/hives'

const LAYERS = [N.floor, N.brood, N.framed, N.super, N.super, N.crown, N.roof]
const FULL = { comb: 'drawn', holds: 'capped-honey' } as const
const made = build(LAYERS, {
  change: (part, layer) =>
    layer === 3 || layer === 4 ? { ...part, contents: part.contents.map((one) => ({ ...one, ...FULL })) } : part,
})
const yard: Yard = { ...made.yard, season: { calendar: CALENDARS['cool-maritime'] } }
const [hive] = yard.hives as readonly [Hive]
const known = hiveIn(yard, hive)
const look = (day: string, body: object) => entry('look', `${day}T12:00`, body, { hiveId: hive.id })
const reader = { units: 'mm', vocabulary: 'british' } as const

describe('the food of a hive', () => {
  it('goes by the newest of scale, frames and heft, and else by its combs', () => {
    const by = (entries: Parameters<typeof foodOf>[1], weighings: Parameters<typeof foodOf>[2] = []) =>
      foodOf(known, entries, weighings, '2026-08-10').measured.by
    expect(by([])).toBe('model')
    expect(by([look('2026-08-01', { foodFrames: { sealed: 6 } })])).toBe('frames')
    expect(by([look('2026-08-01', { foodFrames: { sealed: 6 }, heft: 'fair' })])).toBe('frames')
    expect(by([look('2026-08-02', { heft: 'fair' })], [{ at: '2026-08-01', kg: 50 }])).toBe('heft')
    expect(by([look('2026-08-02', { heft: 'fair' })], [{ at: '2026-08-02', kg: 50 }])).toBe('weighed')
  })

  it('lets a super go only as far as the need surely stays, from the top, and none where it is not known', () => {
    const rich = foodOf(known, [], [{ at: '2026-08-09', kg: 100 }], '2026-08-10')
    expect(rich.supers.map(({ partId }) => partId)).toEqual([made.at(4), made.at(3)])
    expect(rich.supers.map(({ mayGo }) => mayGo)).toEqual([true, false])
    const poor = foodOf(known, [], [{ at: '2026-08-09', kg: 55 }], '2026-08-10')
    expect(poor.supers.map(({ mayGo }) => mayGo)).toEqual([false, false])
    for (const { ledger, supers } of [rich, poor])
      for (const { mayGo, left } of supers) if (mayGo) expect(left.low).toBeGreaterThanOrEqual(ledger.need.high)
    // Three weeks in season, and nobody knows what came in or went out.
    const old = foodOf(known, [], [{ at: '2026-07-10', kg: 100 }], '2026-08-10')
    expect(old.against).toEqual([{ against: 'not-known', day: '2026-07-10' }])
    expect(old.measured.by).toBe('model')
    const never = foodOf(known, [], [], '2026-08-10')
    expect(never.against).toEqual([{ against: 'not-known', day: undefined }])
    for (const { supers } of [old, never]) expect(supers.some(({ mayGo }) => mayGo)).toBe(false)
    expect([old, never].flatMap(({ against }) => against.map((one) => againstCropInWords(one, reader)))).toEqual([
      expect.stringMatching(/^What is there was last known on 10 Jul 2026: too long ago/),
      expect.stringMatching(/^Nobody has counted, hefted or weighed/),
    ])
  })

  it('reads a heft against what is still to come: fair on 20 February is half of what it is in autumn, and tells no days', () => {
    const cold: Hive = { ...hive, stage: 'winter' }
    const wintering = hiveIn({ ...yard, hives: [cold] }, cold)
    const fair = (day: string) => foodOf(wintering, [look(day, { heft: 'fair' })], [], day)
    const [autumn, february] = [fair('2026-10-20'), fair('2026-02-20')]
    expect(february.ledger.there.high).toBeLessThan(autumn.ledger.there.low * 0.7)
    for (const food of [autumn, february]) expect(lastsInWords(food)).toBeUndefined()
    expect(february.asks.share).toBeLessThan(0.5)
  })

  it('lets nothing go by the need of the winter to come, also while it forages', () => {
    const inFlow = foodOf(known, [], [{ at: '2026-06-20', kg: 70 }], '2026-06-21')
    expect(inFlow.asks).toMatchObject({ share: 0, low: 5 })
    expect(inFlow.ledger.need).toEqual({ low: 16, high: 20 })
    // It ate since it was weighed: what came in is not known, and not counted.
    expect(inFlow.ledger.lines.map(({ of }) => of)).toEqual(['there', 'eaten'])
    expect(ledgerInWords(inFlow, reader).at(-1)).toMatchObject({ what: 'nectar of 1 day since then', kg: 'not known' })
    const winter = foodOf(known, [], [{ at: '2026-12-01', kg: 60 }], '2027-01-01')
    expect(ledgerInWords(winter, reader).map(({ kg }) => kg)).not.toContain('not known')
  })

  it('takes nothing before a withdrawal is over, or while its end is not known, or what is not sealed', () => {
    const on = (until: object) =>
      entry('treatment', '2026-07-01T12:00', { product: 'gel', withdrawalDays: 14, ...until }, { hiveId: hive.id })
    const weighed = [{ at: '2026-08-09', kg: 100 }]
    const after = (entries: Parameters<typeof foodOf>[1]) => foodOf(known, entries, weighed, '2026-08-10')
    expect(after([on({ until: '2026-07-26' })]).against).toEqual([])
    const early = after([on({ until: '2026-07-28' })])
    expect(early.against).toMatchObject([{ against: 'withdrawal', from: '2026-08-12' }])
    expect(early.supers.some(({ mayGo }) => mayGo)).toBe(false)
    expect(after([on({})]).against).toMatchObject([{ against: 'withdrawal', from: undefined }])
    const unripe = after([look('2026-08-05', { superSealed: 0.5 })])
    expect(unripe.against).toEqual([{ against: 'unripe', sealedShare: 0.5 }])
    expect(unripe.against.map((one) => againstCropInWords(one, reader))).toEqual([
      '50 % of its cells were sealed: not ripe, it may ferment.',
    ])
  })

  it('says how long it lasts when nothing comes in, in season and in the cold', () => {
    const season = foodOf(known, [], [{ at: '2026-07-09', kg: 60 }], '2026-07-09')
    const { there, lastsDays } = season.ledger
    expect(lastsDays?.low).toBeCloseTo(there.low / 1, 6)
    expect(lastsDays?.high).toBeCloseTo(there.high / 0.5, 6)
    expect(lastsInWords(season)).toMatch(/^\d+ to \d+ days$/)
    const cold = foodOf(known, [], [{ at: '2026-12-01', kg: 60 }], '2027-01-01')
    expect(cold.ledger.lines.map(({ of }) => of)).toEqual(['there', 'eaten'])
    expect(cold.eatsADay.middle).toBeLessThan(0.2)
    expect(cold.against).toEqual([])
    // What a day of winter eats makes no years of it: days are told where it may run out before there is forage.
    expect(lastsInWords(cold)).toBeUndefined()
    const little = foodOf(known, [], [{ at: '2026-12-01', kg: 38 }], '2027-01-01')
    expect(little.ledger.lastsDays!.low).toBeLessThan(101)
    expect(foodThereInWords(cold, reader)).toMatch(/^[\d.]+ to [\d.]+ kg: weighed on 1 Dec 2026, with what came/)
    expect(ledgerInWords(cold, reader)[1]!.kg).toMatch(/^−/)
  })

  it('counts every super that is left on as food, weighed full, and keeps it in the plan', () => {
    let now = yard
    const stores = () => storesByModelKg(hiveIn(now, now.hives[0]!).assembled, { stage: 'crop' }).middle
    const before = stores()
    const each = foodOf(known, [], [], '2026-08-10').supers
    for (const [i, { partId, kg }] of each.entries()) {
      const here = now.hives[0]!
      const placement = here.stack.find((one) => one.partId === partId)!
      const done = applyEdit(now, stand(here, { ...placement, role: 'food' }))
      now = done.ok ? done.yard : now
      const sum = each.slice(0, i + 1).reduce((all, one) => all + one.kg.middle, 0)
      expect(stores() - before).toBeCloseTo(sum, 6)
      expect(kg.middle).toBeGreaterThan(8)
      const written = writeHive(now, now.hives[0]!, ['pack-down', 'winter'])
      for (const plan of written.stages.values())
        expect(plan.hive.stack.filter(({ role }) => role === 'food')).toHaveLength(i + 1)
      expect(foodOf(hiveIn(now, now.hives[0]!), [], [], '2026-08-10').supers).toHaveLength(each.length - i - 1)
    }
  })
})
