import { there } from '../../units'
import type { Stage, Yard } from '../../yard'
import { dutyOf, liftsAsPlanned, liftsOfHive, type Duty } from '../duty'
import { plannedHiveIn } from '../hive-in'
import { type LiftProfile, usualWeighing } from '../../loads'
import { ANY_TIME, stagesOf, writingYear } from '../../year'

const CHUNK = 10

/** What one hive weighs and asks for at one stage, as its plan has it. */
export interface StageLoad {
  readonly stage: Stage
  readonly totalKg: number
  /** Null where nothing is lifted. */
  readonly heaviestKg: number | null
  readonly worstIndex: number | null
  readonly lifts: number
  readonly movedKg: number
}

/** A day's work in a yard as it stands, at the stage that asks most as planned, and each hive through its year. */
export interface YardDay {
  readonly now: Duty
  readonly worst: { readonly stage: Stage; readonly duty: Duty }
  readonly hives: ReadonlyMap<string, readonly StageLoad[]>
}

/**
 * A day on which every hive of a yard is inspected in full: what stands now, and what each stage is planned to be.
 * Tells after each chunk how many hives are done, and ends with null as soon as it is told that nobody waits any more.
 */
export async function dayOfYard(
  yard: Yard,
  profile: LiftProfile,
  onProgress: (done: number) => void,
  isCancelled: () => Promise<boolean> | boolean,
): Promise<YardDay | null> {
  const stages = stagesOf(yard)
  const standing = new Map(yard.hives.map((hive) => [hive.id, hive]))
  const now: ReturnType<typeof liftsOfHive>[] = []
  const byStage = new Map(stages.map((stage): [Stage, ReturnType<typeof liftsAsPlanned>[]] => [stage, []]))
  const hives = new Map<string, StageLoad[]>()
  for (const some of writingYear(yard, [...stages, ...ANY_TIME], CHUNK)) {
    for (const { hiveId, stages: written } of some) {
      const hive = there(standing.get(hiveId))
      now.push(liftsOfHive(yard, hive, profile, usualWeighing(hive.stage)))
      hives.set(
        hiveId,
        stages.flatMap((stage) => {
          const planned = written.get(stage)
          if (!planned) return []
          const { assembled, layout } = plannedHiveIn(yard, planned)
          const load = liftsAsPlanned(assembled, layout, stage, profile)
          there(byStage.get(stage)).push(load)
          return [
            {
              stage,
              totalKg: load.mass.kg.middle,
              heaviestKg: load.heaviest?.kg.middle ?? null,
              worstIndex: load.worst?.index ?? null,
              lifts: load.inspectionLifts,
              movedKg: load.movedKg.middle,
            },
          ]
        }),
      )
    }
    onProgress(now.length)
    if (await isCancelled()) return null
  }
  const days = [...byStage].map(([stage, loads]) => ({ stage, duty: dutyOf(loads) }))
  return {
    now: dutyOf(now),
    worst: days.reduce((worst, day) => (day.duty.movedKg > worst.duty.movedKg ? day : worst)),
    hives,
  }
}
