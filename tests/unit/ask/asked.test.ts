import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { hiveIn, litresOfBees, predictedKgOn, roomOfBees, winterForm, wrapsFor } from '#core/ask'
import { asPlanned, usualWeighing } from '#core/loads'
import { CATALOGUE } from '#core/parts'
import { CALENDARS, stageOn, yearOf } from '#core/year'
import { build, L, type Layer } from '../../helpers/hives'
import { runs } from '../../helpers/runs'

const STACK: readonly Layer[] = [L.floor, L.deep, ['box-langstroth-medium', 'food'], L.crown, L.roof]
const made = build(STACK, { stage: 'winter' })
const yard = { ...made.yard, season: { calendar: CALENDARS['cold-continental'] } }
const [hive] = yard.hives as [(typeof yard.hives)[number]]

describe('room of the bees in winter', () => {
  const known = winterForm(yard, hive)

  it('grows with the bees, is never more than there is, and what it saves shrinks with them', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.3, max: 1.2, noNaN: true }), (beesKg) => {
        const few = roomOfBees(known, { outsideCelsius: -5, beesKg })
        const more = roomOfBees(known, { outsideCelsius: -5, beesKg: beesKg * 1.5 })
        expect(few.litres).toBe(litresOfBees(known, beesKg))
        expect(more.litres).toBeGreaterThan(few.litres)
        expect(few.share).toBeGreaterThan(0)
        expect(few.share).toBeLessThan(1)
        if (!few.narrower) return
        expect(few.narrower.seams).toBeLessThan(few.narrower.frames)
        expect(few.narrower.savesWatts).toBeGreaterThanOrEqual(0)
        expect(more.narrower?.seams ?? few.narrower.frames).toBeGreaterThanOrEqual(few.narrower.seams)
      }),
      { numRuns: runs(40) },
    )
  })

  it('leaves two seams beside its own, and takes nothing from a cluster that fills the frames', () => {
    const { figures } = known.context
    const small = roomOfBees(known, { outsideCelsius: 0, beesKg: 0.5 }).narrower!
    expect(figures.spareSeams).toBe(2)
    expect(small.seams).toBeGreaterThanOrEqual(figures.spareSeams + 1)
    expect(roomOfBees(known, { outsideCelsius: 0, beesKg: 12 }).narrower).toBeNull()
  })
})

describe('wraps as they are made', () => {
  it('cover the boxes that they are named after, and leave a deep less a medium bare (USDA sizes)', () => {
    expect(wrapsFor(2 * 244.475, CATALOGUE)).toEqual([
      { name: 'two deeps', leavesMm: 0 },
      { name: 'deep + medium', leavesMm: expect.closeTo(76.2, 6) },
    ])
    expect(wrapsFor(244.475, CATALOGUE).map(({ leavesMm }) => leavesMm)).toEqual([0, 0])
  })
})

describe('what a hive is to weigh on a day', () => {
  it('is what it weighs as it stands at its own stage, and what its plan weighs at another', () => {
    const days = ['2026-01-15', '2026-07-01', '2026-12-20']
    const [first, flow, last] = predictedKgOn(yard, hive, days, null)
    expect(stageOn(days[0]!, yearOf(yard))).toBe('winter')
    const own = hiveIn(yard, hive).mass({ ...asPlanned(usualWeighing('winter')), timberKgPerM3: null }).kg
    expect(first).toEqual(own)
    expect(last).toBe(first)
    expect(flow!.high).toBeGreaterThan(own.high)
    expect(predictedKgOn(yard, hive, days, 600)[0]!.middle).toBeGreaterThan(own.middle)
    expect(predictedKgOn(yard, hive, [], null)).toEqual([])
  })
})
