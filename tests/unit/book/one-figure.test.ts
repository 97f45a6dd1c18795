import { describe, expect, it } from 'vitest'
import { foodOf, livingOn, storesByWeighing, storesSeen, weighDoubt, type CombSeen, type Weighed } from '#core/book'
import { applyEdit, type Hive, type Stage } from '#core/yard'
import type { Part } from '#core/parts'
import { takeCrop } from '#core/yard/deeds'
import { hiveIn } from '#core/ask'
import { CALENDARS, yearOf } from '#core/year'
import { fullFrameHoneyKg, massOfPart, sumOf, usualWeighing } from '#core/loads'
import { entry } from '../../helpers/book'
import { build, L, N, type Layer } from '../../helpers/hives'

const KG = 0.45359237
function standing(layers: readonly Layer[], stage: Stage, change?: (part: Part, i: number) => Part) {
  const made = build([...layers], { stage, ...(change ? { change } : {}) })
  const yard = { ...made.yard, season: { calendar: CALENDARS['cold-continental'] } }
  return { yard, hive: yard.hives[0] as Hive, known: hiveIn(yard, yard.hives[0]!) }
}
const sealed = (part: Part, stores?: CombSeen['stores'], most = 20): CombSeen[] =>
  part.contents.slice(0, most).map(({ id }) => ({
    boxId: part.id,
    contentId: id,
    food: ['sealed'],
    ...(stores ? { stores } : {}),
  }))
const partOf = ({ yard, hive }: ReturnType<typeof standing>, i: number) =>
  yard.parts.find(({ id }) => id === hive.stack[i]!.partId)!

describe('stores by a look, comb by comb (the weight model; shares of a comb from memory)', () => {
  const deepAndFood = standing([L.floor, L.deep, ['box-langstroth-medium', 'food'], L.crown, L.roof], 'pack-down')

  it('ten full mediums and three full deeps are what the model has of ten mediums and three deeps', () => {
    const { known } = deepAndFood
    const combs = [...sealed(partOf(deepAndFood, 2), 'full'), ...sealed(partOf(deepAndFood, 1), 'full', 3)]
    const sum = sumOf(storesSeen({ combs }, known.assembled.stack).map(({ kg }) => kg)).middle
    const [deep, medium] = [1, 2].map((i) => known.assembled.stack[i]!.resolved)
    const byModel = massOfPart(medium!, 'super', { ...usualWeighing('crop'), fullness: 'full' }).items.honey.middle
    expect(sum).toBeCloseTo(byModel + 3 * fullFrameHoneyKg(deep!), 6)
    expect(sum).toBeGreaterThan(24)
    expect(sum).toBeLessThan(26)
  })

  it('a corner is a sixth, half is half, and an arc over brood is no whole comb', () => {
    const { known } = deepAndFood
    const part = partOf(deepAndFood, 1)
    const full = fullFrameHoneyKg(known.assembled.stack[1]!.resolved)
    const of = (combs: CombSeen[]) => sumOf(storesSeen({ combs }, known.assembled.stack).map(({ kg }) => kg))
    expect(of(sealed(part, 'corner', 6)).middle).toBeCloseTo(full, 6)
    expect(of(sealed(part, 'half', 2)).middle).toBeCloseTo(full, 6)
    const arcs = of(sealed(part, undefined, 6).map((one) => ({ ...one, brood: ['sealed'] })))
    expect(arcs.middle).toBeCloseTo(full, 6)
    expect(arcs.high).toBeLessThan(4 * full)
    const unsaid = of(sealed(part, undefined, 1))
    expect(unsaid.low).toBeLessThan(full / 4)
    expect(unsaid.high).toBeGreaterThanOrEqual(full)
  })

  it('combs that were only counted are bounded by the lightest and the heaviest that hang there', () => {
    const { known } = deepAndFood
    const [deep, medium] = [1, 2].map((i) => fullFrameHoneyKg(known.assembled.stack[i]!.resolved))
    const kg = sumOf(storesSeen({ foodFrames: { sealed: 4 } }, known.assembled.stack).map((one) => one.kg))
    expect(kg.low).toBeLessThan(4 * medium!)
    expect(kg.high).toBeGreaterThan(4 * deep!)
    expect(kg.middle).toBeGreaterThan(4 * medium!)
    expect(kg.middle).toBeLessThan(4 * deep!)
  })

  it('what is there is what its boxes are told to hold: no super counts twice, none is left out', () => {
    const full = (part: Part, i: number): Part =>
      i >= 3 && i <= 5
        ? { ...part, contents: part.contents.map((one) => ({ ...one, comb: 'drawn', holds: 'capped-honey' })) }
        : part
    const tall = standing([L.floor, L.deep, L.framed, L.medium, L.medium, L.medium, L.crown, L.roof], 'crop', full)
    const look = entry(
      'look',
      '2026-08-10T10:00',
      { combs: sealed(partOf(tall, 1), 'half', 4) },
      { hiveId: tall.hive.id },
    )
    const { ledger, supers } = foodOf(tall.known, [look], [], '2026-08-10')
    const sum = sumOf(supers.map(({ kg }) => kg))
    expect(ledger.there.middle).toBeGreaterThanOrEqual(sum.middle)
    expect(supers.at(-1)!.left.middle).toBeCloseTo(ledger.there.middle - sum.middle, 6)
    const pressed = entry(
      'look',
      '2026-08-10T10:00',
      { superSealed: 0.9, combs: [...sealed(partOf(tall, 1), 'half', 4), ...sealed(partOf(tall, 5), 'full')] },
      { hiveId: tall.hive.id },
    )
    expect(foodOf(tall.known, [pressed], [], '2026-08-10').ledger.there.middle).toBeLessThan(ledger.there.middle * 1.01)
  })
})

describe('one weighing, one figure', () => {
  const winter = standing([L.floor, L.deep, ['box-langstroth-medium', 'food'], L.crown, L.roof], 'flow')
  const weighed: Weighed = { at: '2026-11-30T10:00', kg: 45 }
  const year = yearOf(winter.yard)

  it('takes off a cluster and no brood on 30 November, whatever stage the hive was left at', () => {
    const { bees, brood } = livingOn(winter.known, [], weighed.at, year)
    expect(brood).toEqual({ low: 0, middle: 0, high: 0 })
    expect(bees.middle).toBeCloseTo(winter.known.context.figures.winterBeesKg, 6)
    const stores = storesByWeighing(winter.known, [], weighed, year)
    expect(foodOf(winter.known, [], [weighed], '2026-11-30').ledger.there).toEqual(stores.storesKg)
    expect(stores.beesKg.middle / KG).toBeCloseTo(3.53, 1)
  })

  it('takes off the bees of the last inspection where there is one of these days', () => {
    const boxId = winter.hive.stack[1]!.partId
    const look = entry('look', '2026-05-28T10:00', { seams: [{ boxId, seams: 4 }], broodFrames: { sealed: 2 } })
    const [none, four] = [[], [look]].map((entries) => livingOn(winter.known, entries, '2026-05-30T09:00', year))
    expect(four!.bees.middle).toBeLessThan(none!.bees.middle)
    expect(four!.brood.middle).toBeLessThan(none!.brood.middle)
    expect(livingOn(winter.known, [look], '2026-07-30T09:00', year)).toEqual(
      livingOn(winter.known, [], '2026-07-30T09:00', year),
    )
  })

  it('asks about a reading that is more than all combs hold, too low, or a fifth off what was known', () => {
    const ask = (kg: number, earlier: readonly Weighed[] = []) =>
      weighDoubt(winter.known, [], earlier, { at: '2026-11-30T10:00', kg }, year)
    expect(ask(45)).toBeUndefined()
    expect(ask(8)).toMatchObject({ doubt: 'below-tare' })
    expect(ask(99)).toMatchObject({ doubt: 'above-full', otherUnitKg: { typedAs: 'lb' } })
    expect(ask(99)!.otherUnitKg!.kg).toBeCloseTo(99 * KG, 6)
    const before = [{ at: '2026-11-24T10:00', kg: 60 }]
    expect(ask(58.5, before)).toBeUndefined()
    expect(ask(35, before)).toMatchObject({ doubt: 'off-known' })
  })
})

describe('what is written takes effect at its moment', () => {
  const on = (part: Part, i: number): Part =>
    i === 3 || i === 4
      ? { ...part, contents: part.contents.map((one) => ({ ...one, comb: 'drawn', holds: 'capped-honey' })) }
      : part
  const crop = standing([N.floor, N.brood, N.framed, N.super, N.super, N.crown, N.roof], 'crop', on)
  const today = '2026-08-10'
  const of = (sort: 'crop' | 'feed', at: string, body: object) =>
    entry(sort, at, body as never, { hiveId: crop.hive.id })
  const there = (entries: Parameters<typeof foodOf>[1], weighings: Weighed[] = []) =>
    foodOf(crop.known, entries, weighings, today).ledger.there.middle

  it('a crop after the weighing of its day, and not one before it', () => {
    const at = [{ at: '2026-08-10T09:00', kg: 70 }]
    expect(there([of('crop', '2026-08-10T11:00', { kg: 10 })], at)).toBeCloseTo(there([], at) - 10, 6)
    expect(there([of('crop', '2026-08-10T08:00', { kg: 10 })], at)).toBeCloseTo(there([], at), 6)
    expect(there([of('feed', '2026-08-10T11:00', { feed: 'comb', kg: 3 })], at)).toBeCloseTo(there([], at) + 3, 6)
    // Nobody knows at what time it was weighed: what went out counts, what came in does not.
    const day = [{ at: '2026-08-10', kg: 70 }]
    expect(there([of('crop', '2026-08-10T11:00', { kg: 10 })], day)).toBeCloseTo(there([], day) - 10, 6)
    expect(there([of('feed', '2026-08-10T11:00', { feed: 'comb', kg: 3 })], day)).toBeCloseTo(there([], day), 6)
  })

  it('a crop by its weight where nothing was weighed', () => {
    expect(there([of('crop', '2026-08-10T11:00', { kg: 10 })])).toBeCloseTo(there([]) - 10, 6)
    expect(there([of('crop', '2026-08-07T11:00', { kg: 10 })])).toBeCloseTo(there([]) - 10, 6)
  })

  it.each([true, false])('whole boxes, once: came off %s', (cameOff) => {
    const ids = [crop.hive.stack[4]!.partId]
    const applied = applyEdit(crop.yard, takeCrop(crop.yard, crop.hive, ids, cameOff)!)
    if (!applied.ok) throw new Error('does not apply')
    const hive = applied.yard.hives[0]!
    expect(hive.stack).toHaveLength(cameOff ? 6 : 7)
    const part = applied.yard.parts.find(({ id }) => id === ids[0])!
    expect(part.hasHeld).toContain('honey')
    expect(part.contents.every(({ holds }) => holds === 'empty')).toBe(true)
    const superKg = foodOf(crop.known, [], [], today).supers[0]!.kg.middle
    const after = foodOf(
      hiveIn(applied.yard, hive),
      [of('crop', '2026-08-10T11:00', { kg: superKg, boxIds: ids })],
      [],
      today,
    ).ledger.there.middle
    expect(after).toBeCloseTo(there([]) - superKg, 6)
    const undone = applyEdit(applied.yard, applied.inverse)
    expect(undone.ok && undone.yard).toEqual(crop.yard)
  })
})
