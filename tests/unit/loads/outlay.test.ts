import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { CATALOGUE } from '#core/parts'
import { USUAL_PROFILE, usualWeighing } from '#core/loads'
import { bestEdge, lighterWays, outlayOf } from '#core/ask'
import { liftVerdict } from '#core/words'
import { L, build, counter, type Layer } from '../../helpers/hives'

const HIVE: readonly Layer[] = [L.stand, L.floor, L.deep, ['box-langstroth-deep', 'super'], L.medium, L.crown, L.roof]
const { yard, assessment } = build(HIVE)
const ways = lighterWays(assessment.assembled, CATALOGUE, usualWeighing('flow'), USUAL_PROFILE, counter('new:x'))
const only = (change: string) => ways.better.find(({ changes }) => changes.join() === change)!

describe('what a lighter way takes', () => {
  it('counts the boxes and frames that lie nowhere in the shed', () => {
    const outlay = outlayOf(yard, only('shallower-supers'), ways.now)
    const boxes = outlay.toGet.reduce((sum, { count }) => sum + count, 0)
    expect(boxes).toBeGreaterThan(0)
    expect(outlay.framesToGet.length).toBeGreaterThan(0)
    const got = outlay.toGet[0]!
    const lying = { id: 'lying', patternId: got.patternId, contents: [], hasHeld: [] }
    const withOne = outlayOf({ ...yard, parts: [...yard.parts, lying] }, only('shallower-supers'), ways.now)
    expect(withOne.fromShed).toEqual([{ patternId: got.patternId, count: 1 }])
    expect(withOne.steps).toBe(outlay.steps - 1)
  })

  it('asks for the second stand that it counts on, and for nothing where the crop comes off earlier', () => {
    const none = { toGet: [], framesToGet: [], morePeople: 0, moreLifts: 0 }
    expect(outlayOf(yard, only('second-stand'), ways.now)).toMatchObject({ ...none, secondStand: true, steps: 1 })
  })

  it('asks of a combination for what each of its changes asks for', () => {
    const count = (some: readonly { readonly count: number }[]) => some.reduce((sum, one) => sum + one.count, 0)
    const alone = outlayOf(yard, only('shallower-supers'), ways.now)
    const framewise = outlayOf(yard, only('frame-by-frame'), ways.now)
    const all = lighterWays(assessment.assembled, CATALOGUE, usualWeighing('flow'), USUAL_PROFILE, counter('new:y'))
    const both = all.better.find(({ changes }) => changes.join() === 'shallower-supers,frame-by-frame')
    expect(count(framewise.toGet)).toBe(1)
    expect(framewise.moreLifts).toBeGreaterThan(30)
    if (!both) return
    const together = outlayOf(yard, both, ways.now)
    expect(count(together.toGet)).toBe(count(alone.toGet) + 1)
    expect(count(together.framesToGet)).toBe(count(alone.framesToGet))
  })
})

describe('the best edge', () => {
  it('holds every point that no other beats on both (property)', () => {
    const point = fc.tuple(fc.nat(20), fc.nat(20))
    fc.assert(
      fc.property(fc.array(point, { minLength: 1, maxLength: 20 }), (points) => {
        const edge = bestEdge(points)
        expect(edge).toContain(true)
        points.forEach(([x, y], i) => {
          const beaten = points.some(([a, b]) => a <= x && b <= y && (a < x || b < y))
          expect(edge[i]).toBe(!beaten)
        })
      }),
    )
  })
})

describe('the verdict on a lift', () => {
  const lift = {
    kg: { low: 20, middle: 23, high: 25 },
    allowedKg: 10.2,
    index: 2.25,
    grade: 'watch',
    people: 1,
    outOfRange: [],
  } as const

  it('says it in words first, then the figure, then what is allowed', () => {
    expect(liftVerdict(lift, 'equation', { units: 'mm' })).toBe(
      'too heavy alone: 23.0 kg, about 10 kg by the lifting equation',
    )
    expect(liftVerdict({ ...lift, people: 2 }, 'equation', { units: 'inches' })).toMatch(
      /^too heavy for two: 50\.7 lb, about 22 lb by the lifting equation each$/,
    )
  })
  it('makes no figure up', () => {
    const out = { ...lift, index: null, allowedKg: null, outOfRange: ['height'] } as const
    expect(liftVerdict(out, 'equation', { units: 'mm' })).toMatch(
      /^no figure: 23\.0 kg\. The equation does not cover it/,
    )
  })
})
