import { describe, expect, it } from 'vitest'
import {
  beesSeen,
  broodFramesOf,
  broodSeen,
  cellsSeen,
  foodFramesOf,
  nextLook,
  queenSince,
  roomLeft,
  seamsIn,
  type Look,
} from '#core/book'
import { SHIPPED_FIGURES as F } from '#core/figures'
import { hiveIn } from '#core/ask'
import { combOfBees } from '#core/heat'
import { build, L } from '../../helpers/hives'

const { yard, hive, at } = build([L.floor, L.deep, L.medium, L.crown, L.roof])
const { assembled } = hiveIn(yard, hive)
const brood = at(1)
const deepAlone = () => {
  const made = build([L.floor, L.deep, L.crown, L.roof])
  return [made.yard, made.hive] as const
}
const tapped = (n: number, combs: Omit<NonNullable<Look['combs']>[number], 'boxId' | 'contentId'>): Look => ({
  combs: Array.from({ length: n }, (_, i) => ({ boxId: brood, contentId: `c${i}`, ...combs })),
})

describe('what follows from a look', () => {
  it('takes nothing for said that was not', () => {
    expect(beesSeen({}, assembled)).toBeUndefined()
    expect(broodSeen({ temper: 'quiet' }, assembled)).toBeUndefined()
    expect(roomLeft({ queen: 'seen' }, '2026-05-10', assembled, false)).toBeUndefined()
    expect(cellsSeen({ playCups: 3 }, '2026-05-10', F)).toBeUndefined()
    expect(queenSince({ queen: 'not-seen' }, '2026-05-10', F)).toBeUndefined()
    expect(broodFramesOf({}, 'eggs')).toBeUndefined()
    expect(foodFramesOf(tapped(3, { bees: 'full' }), 'sealed')).toBeUndefined()
  })

  it('counts seams and frames, whether written or tapped; a half covered comb is half a seam', () => {
    expect(seamsIn({ seams: [{ boxId: brood, seams: 6 }] })).toBe(6)
    expect(seamsIn(tapped(4, { bees: 'half' }))).toBe(2)
    expect(broodFramesOf(tapped(5, { brood: ['eggs', 'larvae'] }), 'larvae')).toBe(5)
    expect(broodFramesOf({ broodFrames: { sealed: 0 }, ...tapped(5, { brood: ['sealed'] }) }, 'sealed')).toBe(0)
    expect(foodFramesOf(tapped(2, { food: ['pollen'] }), 'pollen')).toBe(2)
  })

  it('takes a covered seam of a deep for about 2 400 bees', () => {
    const seen = beesSeen({ seams: [{ boxId: brood, seams: 1 }] }, assembled)!
    expect(seen.bees.middle).toBeGreaterThan(2300)
    expect(seen.bees.middle).toBeLessThan(2500)
    expect(seen.kg.low).toBeLessThan(seen.kg.middle)
    const box = assembled.stack.find(({ part }) => part.id === brood)!
    expect(seen.kg.middle).toBeCloseTo((combOfBees(box.hung)!.areaDm2 * 100 * F.beesPerCm2 * F.beeGrams) / 1000)
  })

  it('tells brood by stages: sealed is bees in 12 days, open is sealed in 9', () => {
    const seen = broodSeen({ broodFrames: { eggs: 2, larvae: 3, sealed: 4 } }, assembled)!
    expect([seen.emergedInDays, seen.sealedInDays]).toEqual([12, 9])
    expect(seen.sealedCells!.middle / seen.openCells!.middle).toBeCloseTo(4 / 3)
    expect(broodSeen({ broodFrames: { larvae: 3 } }, assembled)!.sealedCells).toBeUndefined()
    expect(broodSeen({ broodFrames: { sealed: 0 } }, assembled)!.sealedCells!.high).toBe(0)
  })

  it('says by when a swarm may leave and a virgin comes out', () => {
    expect(cellsSeen({ cells: { open: 2 } }, '2026-05-10', F)).toMatchObject({
      sealedFrom: '2026-05-11',
      sealedBy: '2026-05-18',
      virginBy: undefined,
      mayBeGone: false,
    })
    expect(cellsSeen({ cells: { sealed: 1 } }, '2026-05-10', F)).toMatchObject({
      virginBy: '2026-05-18',
      mayBeGone: true,
    })
    expect(queenSince({ queen: 'eggs' }, '2026-05-10', F)).toEqual({ from: '2026-05-07', to: '2026-05-10' })
    expect(queenSince(tapped(1, { brood: ['eggs'] }), '2026-05-10', F)?.from).toBe('2026-05-07')
    expect(queenSince({ queen: 'seen' }, '2026-05-10', F)?.from).toBe('2026-05-10')
  })

  it('looks again in 7 days while swarming is likely, 9 with a clipped queen, 14 else, never in the cold', () => {
    const next = (day: string, asked: Parameters<typeof nextLook>[2] = {}, celsius?: number) =>
      nextLook(day, yard, asked, celsius)?.days
    expect(next('2026-05-10')).toBe(7)
    expect(next('2026-06-10', { clipped: true })).toBe(9)
    expect([next('2026-03-20'), next('2026-08-20')]).toEqual([14, 14])
    // Swarm time begins on 12 April here: the look before it does not wait past that day.
    expect(next('2026-04-02')).toBe(10)
    expect(next('2026-12-20')).toBeUndefined()
    expect(next('2026-06-10', {}, 8)).toBeUndefined()
    // A cell with a larva may be sealed tomorrow; a virgin is left in peace.
    expect(next('2026-08-20', { openCells: true })).toBe(0)
    expect(next('2026-05-10', { sealedCells: true })).toBe(21)
  })

  it('gives the day of the next box: sooner with less room, and for a prolific strain', () => {
    const due = (frames: number, prolific = false) =>
      roomLeft({ broodFrames: { sealed: frames } }, '2026-05-10', assembled, prolific)!
    expect(due(10)).toMatchObject({ combs: 10, free: 0, inDays: 0, boxDue: '2026-05-10' })
    expect(due(4).inDays).toBeGreaterThan(due(7).inDays)
    expect(due(4, true).inDays).toBeLessThan(due(4).inDays)
    const room = (look: Look, of = assembled) => roomLeft(look, '2026-05-10', of, false)!
    // Counted: brood and food may share combs, and a super holds its own food.
    expect(room({ broodFrames: { sealed: 8 }, foodFrames: { sealed: 4 } })).toMatchObject({ free: 2, freeMost: 2 })
    const [alone] = [hiveIn(...deepAlone()).assembled]
    expect(room({ broodFrames: { sealed: 6 }, foodFrames: { sealed: 2 } }, alone)).toMatchObject({
      free: 2,
      freeMost: 4,
    })
    expect(room({ broodFrames: { sealed: 6 }, foodFrames: { sealed: 10 } })).toMatchObject({ free: 4, freeMost: 4 })
    // Pressed: each comb once, whatever it has; combs of food above are their own.
    const frames = assembled.stack.find(({ part }) => part.id === brood)!.part.contents
    const comb = (n: number, more: object) => ({ boxId: brood, contentId: frames[n]!.id, ...more })
    const combs = [
      comb(0, { food: ['sealed'] as const }),
      comb(1, { brood: ['sealed'] as const, food: ['sealed', 'pollen'] as const }),
      comb(2, { brood: ['eggs'] as const }),
      ...assembled.stack[2]!.part.contents.map(({ id }) => ({
        boxId: at(2),
        contentId: id,
        food: ['sealed'] as const,
      })),
    ]
    expect(room({ combs })).toMatchObject({ combs: 10, free: 7, freeMost: 7 })
  })
})
