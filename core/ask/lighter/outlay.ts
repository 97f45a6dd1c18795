import { shedOf, type Yard } from '../../yard'
import type { Alternative } from './lighter'

/** So many of a pattern. */
interface Some {
  readonly patternId: string
  readonly count: number
}

/** What a lighter way asks for. */
export interface Outlay {
  /** Parts, and frames, that lie nowhere in the shed. */
  readonly toGet: readonly Some[]
  readonly framesToGet: readonly Some[]
  readonly fromShed: readonly Some[]
  /** A second stand that boxes are put down on has to be got, or made. */
  readonly secondStand: boolean
  /** Lifts more in each full inspection; fewer where it is below zero. */
  readonly moreLifts: number
  readonly morePeople: number
  /** Kit and work as one figure to lay ways side by side by: things to get, lifts and people more (own judgement). */
  readonly steps: number
}

function counted(ids: readonly string[]): Some[] {
  const counts = new Map<string, number>()
  for (const id of ids) counts.set(id, (counts.get(id) ?? 0) + 1)
  return [...counts].map(([patternId, count]) => ({ patternId, count }))
}

/** What it takes to work one of the lighter ways in a yard, against how the hive stands now. Common practice. */
export function outlayOf(yard: Yard, way: Alternative, now: Alternative): Outlay {
  const there = new Set(yard.parts.map(({ id }) => id))
  const hanging = new Set(yard.parts.flatMap(({ contents }) => contents.map(({ id }) => id)))
  const fresh = [...way.parts.filter(({ id }) => !there.has(id)), ...way.standsBy]
  const wanted = counted(fresh.map(({ patternId }) => patternId))
  const lying = new Map(
    counted(shedOf(yard).map(({ patternId }) => patternId)).map((one) => [one.patternId, one.count]),
  )
  const split = wanted.map(({ patternId, count }) => {
    const shed = Math.min(count, lying.get(patternId) ?? 0)
    return { patternId, shed, get: count - shed }
  })
  const some = (of: 'shed' | 'get') =>
    split.flatMap((one) => (one[of] > 0 ? [{ patternId: one.patternId, count: one[of] }] : []))
  const frames = way.parts.flatMap(({ contents }) => contents.filter(({ id }) => !hanging.has(id)))
  const moreLifts = way.lifts - now.lifts
  const morePeople = way.profile.people - now.profile.people
  const toGet = some('get')
  const secondStand = way.profile.putDown === 'second-stand' && now.profile.putDown !== 'second-stand'
  const things = toGet.reduce((sum, { count }) => sum + count, 0) + (secondStand ? 1 : 0)
  return {
    toGet,
    framesToGet: counted(frames.map(({ patternId }) => patternId)),
    fromShed: some('shed'),
    secondStand,
    moreLifts,
    morePeople,
    steps: things + Math.max(0, moreLifts) + 4 * Math.max(0, morePeople) + (way.habit ? 2 : 0),
  }
}

/**
 * The best edge of points on a plane where less is better on both axes: those that no other one beats on both (Pareto).
 * @returns whether each point is on it, in the order given
 */
export function bestEdge(points: readonly (readonly [x: number, y: number])[]): boolean[] {
  return points.map(
    ([x, y]) => !points.some(([otherX, otherY]) => otherX <= x && otherY <= y && (otherX < x || otherY < y)),
  )
}
