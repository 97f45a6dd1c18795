import { assess, contextOf } from '#core/assess'
import type { Grade } from '#core/checks'
import { assembleHive, partsById, type PartLookup } from '#core/geometry'
import type { Stage, Yard } from '#core/hive'
import { liftsOf, type LiftProfile } from '#core/lifting'
import { ownedKinds, partsWith, stagesOf, writeHive, type PlannedHive, type PlannedStage, type Promised } from '#core/season'
import { massOfHive, usualWeighing } from '#core/weight'

/** What a hive is at one stage, in figures. */
export interface StageFigures {
  readonly stage: Stage
  readonly worst: Grade
  readonly findings: number
  readonly boxes: number
  readonly totalKg: number
  readonly heaviestKg: number
  readonly lifts: number
  readonly movedKg: number
  readonly honeyKg: number
}

export interface PlannedYear {
  readonly hives: readonly PlannedHive[]
  readonly figures: readonly { readonly hiveId: string; readonly stages: readonly StageFigures[] }[]
}

const CHUNK = 10

/** Every stage of every hive of a yard, written and assessed; tells how many are done, and ends with null when nobody waits any more. */
export async function yearOfYard(yard: Yard, profile: LiftProfile, onProgress: (done: number) => void, isCancelled: () => Promise<boolean> | boolean): Promise<PlannedYear | null> {
  const parts = partsById(yard)
  const stages = stagesOf(yard)
  const owned = ownedKinds(yard)
  const promised: Promised = new Map()
  const hives: PlannedHive[] = []
  for (let at = 0; at < yard.hives.length; at += CHUNK) {
    for (const hive of yard.hives.slice(at, at + CHUNK)) hives.push(writeHive(yard, hive, stages, parts, promised, owned))
    onProgress(hives.length)
    if (await isCancelled()) return null
  }
  return { hives, figures: hives.map(({ hiveId, stages: written }) => ({ hiveId, stages: [...written.values()].map((one) => figuresOf(yard, one, parts, profile)) })) }
}

function figuresOf(yard: Yard, planned: PlannedStage, parts: PartLookup, profile: LiftProfile): StageFigures {
  const context = contextOf(yard, planned.hive)
  const assembled = assembleHive(planned.hive, partsWith(parts, planned), context.catalogue)
  const assessment = assess(assembled, context)
  const usual = usualWeighing(planned.stage)
  const mass = massOfHive(assembled, { ...usual, fullness: usual.meanwhile })
  const lifts = liftsOf(assessment.layout, mass, profile)
  return {
    stage: planned.stage, worst: assessment.worst, findings: assessment.findings.filter(({ severity }) => severity !== 'note').length, boxes: assembled.stack.filter(({ pattern }) => pattern?.kind === 'box').length,
    totalKg: mass.kg.middle, heaviestKg: lifts.heaviest?.kg.middle ?? 0, lifts: lifts.inspectionLifts, movedKg: lifts.movedKg.middle, honeyKg: mass.items.honey.middle,
  }
}
