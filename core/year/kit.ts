import { type Hive, type Stage, type Yard, partIdsOf } from '../yard'
import type { Part } from '../parts'
import { isWanted, partsWith, type PlannedHive } from './write'
import { partsById } from '../stack'

/** What one pattern is needed for over the year, against what the yard owns. */
export interface KitDemand {
  readonly patternId: string
  /** What the yard has: borrowed kit counted, lent kit not. */
  readonly owned: number
  /** Needed at each stage, over all hives. */
  readonly needed: ReadonlyMap<Stage, number>
  /** To be had at each stage: what no part of the yard will do for. */
  readonly toGet: ReadonlyMap<Stage, number>
  /** To be had at the most, and the first stage of the year at which anything is. */
  readonly short: number
  readonly shortFrom: Stage | null
  /** Frames that are to be had, in boxes to be had and in shells that are owned, by their pattern. */
  readonly frames: ReadonlyMap<string, number>
}

/**
 * Demand for kit by stage, summed over the hives, the shortest first (common practice). A part that will not do, such
 * as a super that has held brood, is owned and still leaves the yard short.
 */
export function kitOf(yard: Yard, year: readonly PlannedHive[], stages: readonly Stage[]): KitDemand[] {
  const owned = partsById(yard)
  const patterns = new Map<
    string,
    { needed: Map<Stage, number>; toGet: Map<Stage, number>; wanted: Map<Stage, Part[]> }
  >()
  for (const stage of stages)
    for (const { stages: planned } of year) {
      const one = planned.get(stage)
      if (!one) continue
      const parts = partsWith(owned, one)
      for (const partId of partIdsOf(one.hive)) {
        const part = parts.get(partId)
        if (!part) continue
        const line = patterns.get(part.patternId) ?? {
          needed: new Map<Stage, number>(),
          toGet: new Map<Stage, number>(),
          wanted: new Map<Stage, Part[]>(),
        }
        patterns.set(part.patternId, line)
        line.needed.set(stage, (line.needed.get(stage) ?? 0) + 1)
        if (part.contents.some(isWanted)) line.wanted.set(stage, [...(line.wanted.get(stage) ?? []), part])
        if (isWanted(part)) line.toGet.set(stage, (line.toGet.get(stage) ?? 0) + 1)
      }
    }
  return [...patterns]
    .map(([patternId, { needed, toGet, wanted }]): KitDemand => {
      const short = Math.max(0, ...toGet.values())
      const frames = [...wanted.values()]
        .map(framesToGet)
        .reduce((most, one) => (sumOf(one) > sumOf(most) ? one : most), new Map<string, number>())
      const from = stages.find((stage) => (toGet.get(stage) ?? 0) > 0 || wanted.has(stage)) ?? null
      return {
        patternId,
        owned: yard.parts.filter((part) => part.patternId === patternId && !part.lent).length,
        needed,
        toGet,
        short,
        shortFrom: from,
        frames,
      }
    })
    .sort((a, b) => b.short - a.short)
}

const sumOf = (frames: ReadonlyMap<string, number>) => [...frames.values()].reduce((sum, count) => sum + count, 0)

/** Frames of boxes that are to be had, and of shells that have none. */
function framesToGet(parts: readonly Part[]): Map<string, number> {
  const frames = new Map<string, number>()
  for (const { contents } of parts)
    for (const { patternId } of contents.filter(isWanted)) frames.set(patternId, (frames.get(patternId) ?? 0) + 1)
  return frames
}

/**
 * Supers that a yard has for each hive: on hives as such, or in the shed and never used for brood; keepers hold 3 to 4,
 * in a good area 4 to 5 (common practice).
 */
export function supersPerHive(yard: Yard, isSuperBox: (patternId: string) => boolean): number {
  const roles = new Map(
    yard.hives.flatMap(({ stack }: Hive) => stack.map(({ partId, role }) => [partId, role] as const)),
  )
  const supers = yard.parts.filter(({ id, patternId, hasHeld, lent }) =>
    roles.has(id) ? roles.get(id) === 'super' : isSuperBox(patternId) && !hasHeld.includes('brood') && !lent,
  )
  return yard.hives.length === 0 ? 0 : supers.length / yard.hives.length
}
