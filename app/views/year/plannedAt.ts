import type { PlannedYear } from '#core/ask'
import type { Hive, Stage, Yard } from '#core/yard'
import type { PlannedStage } from '#core/year'

/** A hive as it is planned at the stage that is looked at, with all of its stages. */
export interface PlannedAt {
  readonly id: string
  readonly one: PlannedStage
  readonly all: ReadonlyMap<Stage, PlannedStage>
  readonly figures: PlannedYear['figures'][number]['stages'][number] | undefined
}

/** The hives of a yard as they stand, by identity. */
export const hivesById = (yard: Yard | undefined): ReadonlyMap<string, Hive> =>
  new Map((yard?.hives ?? []).map((hive) => [hive.id, hive]))

/** Every hive that still stands, as its year has it at a stage. */
export function plannedAt(yard: Yard | undefined, year: PlannedYear | null, stage: Stage): readonly PlannedAt[] {
  const standing = hivesById(yard)
  const figuresOf = new Map(year?.figures.map(({ hiveId, stages }) => [hiveId, stages]))
  return (year?.hives ?? []).flatMap(({ hiveId: id, stages }) => {
    const one = stages.get(stage)
    const figures = figuresOf.get(id)?.find((figure) => figure.stage === stage)
    return one && standing.has(id) ? [{ id, one, all: stages, figures }] : []
  })
}
