import { partsById } from '../../stack'
import {
  applyEdit,
  isPlannable,
  WANTED,
  withFreshIdentities,
  type Edit,
  type Hive,
  type HiveSeason,
  type Stage,
  type Yard,
} from '../../yard'
import { fingerprint, handPlanOf } from './by-hand'
import type { PlannedStage } from './planned'
import { setWay } from '../../yard/deeds'

/** A yard in which hives stand as they are planned, with the parts that the plans bring and change. */
export function yardAsPlanned(yard: Yard, ...plans: readonly PlannedStage[]): Yard {
  const hives = new Map(plans.map(({ hive }) => [hive.id, hive]))
  const changed = new Map(plans.flatMap(({ parts }) => parts.map((part) => [part.id, part] as const)))
  const known = new Set(yard.parts.map(({ id }) => id))
  return {
    ...yard,
    hives: yard.hives.map((hive) => hives.get(hive.id) ?? hive),
    parts: [
      ...yard.parts.map((part) => changed.get(part.id) ?? part),
      ...[...changed.values()].filter(({ id }) => !known.has(id)),
    ],
  }
}

/**
 * The edit that keeps what was done to a planned stage as a plan by hand, or undefined where a plan cannot keep it.
 * @param makeId identities of parts that the plan brings
 */
export function planEdit(yard: Yard, planned: PlannedStage, edit: Edit, makeId: () => string): Edit | undefined {
  const before = yardAsPlanned(yard, planned)
  if (!isPlannable(edit, before)) return undefined
  const done = applyEdit(
    before,
    withFreshIdentities(edit, () => `${WANTED}${makeId()}`),
  )
  const hive = done.ok ? done.yard.hives.find(({ id }) => id === planned.hive.id) : undefined
  if (!done.ok || !hive) return undefined
  const plan = handPlanOf({ hive, parts: [] }, partsById(done.yard), writtenFrom(yard, planned) ?? fingerprint(planned))
  return withPlan(yard, hive, planned.stage, plan)
}

/** The edit that gives up a stage's plan by hand: what is written stands again. */
export function dropPlan(yard: Yard, hiveId: string, stage: Stage): Edit | undefined {
  const hive = yard.hives.find(({ id }) => id === hiveId)
  return hive?.season?.byHand?.[stage] && withPlan(yard, hive, stage, undefined)
}

/** The edit that keeps a plan by hand although what is written has changed: it is known from now on. */
export function keepPlan(yard: Yard, planned: PlannedStage): Edit | undefined {
  const hive = yard.hives.find(({ id }) => id === planned.hive.id)
  const plan = hive?.season?.byHand?.[planned.stage]
  return (
    hive &&
    plan &&
    planned.conflict &&
    withPlan(yard, hive, planned.stage, { ...plan, writtenFrom: fingerprint(planned.conflict) })
  )
}

function writtenFrom(yard: Yard, { hive, stage }: PlannedStage): string | undefined {
  return yard.hives.find(({ id }) => id === hive.id)?.season?.byHand?.[stage]?.writtenFrom
}

function withPlan(
  yard: Yard,
  hive: Pick<Hive, 'id'>,
  stage: Stage,
  plan: NonNullable<HiveSeason['byHand']>[Stage],
): Edit {
  const { byHand, ...rest } = yard.hives.find(({ id }) => id === hive.id)?.season ?? {}
  const { [stage]: _before, ...others } = byHand ?? {}
  const plans = plan ? { ...others, [stage]: plan } : others
  return setWay(hive, { ...rest, ...(Object.keys(plans).length > 0 ? { byHand: plans } : {}) })
}
