import { partsById } from '#core/geometry'
import type { Stage, Yard } from '#core/hive'
import { dutyOf, liftsOfHive, type Duty, type LiftProfile } from '#core/lifting'
import { asPlanned, mayHold, usualWeighing } from '#core/weight'

const CHUNK = 50

/** A day's work in a yard as it stands, and at the stage that asks most. */
export interface YardDay {
  readonly now: Duty
  readonly worst: { readonly stage: Stage; readonly duty: Duty }
}

/**
 * A day on which every hive of a yard is inspected in full. Tells after each chunk how many hives are done, and ends with
 * null as soon as it is told that nobody waits any more.
 */
export async function dayOfYard(yard: Yard, profile: LiftProfile, stages: readonly Stage[], onProgress: (done: number) => void, isCancelled: () => Promise<boolean> | boolean): Promise<YardDay | null> {
  const parts = partsById(yard)
  const now: ReturnType<typeof liftsOfHive>[] = []
  const byStage = stages.map((stage) => ({ stage, hives: [] as ReturnType<typeof liftsOfHive>[] }))
  for (let at = 0; at < yard.hives.length; at += CHUNK) {
    for (const hive of yard.hives.slice(at, at + CHUNK)) {
      now.push(liftsOfHive(yard, hive, profile, usualWeighing(hive.stage), parts))
      for (const { stage, hives } of byStage) hives.push(liftsOfHive(yard, hive, profile, asPlanned(mayHold(usualWeighing(stage))), parts))
    }
    onProgress(now.length)
    if (await isCancelled()) return null
  }
  const days = byStage.map(({ stage, hives }) => ({ stage, duty: dutyOf(hives) }))
  return { now: dutyOf(now), worst: days.reduce((worst, day) => (day.duty.movedKg > worst.duty.movedKg ? day : worst)) }
}
