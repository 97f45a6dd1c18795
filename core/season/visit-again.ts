import type { Catalogue } from '../catalogue'
import { partsById, type PartLookup } from '../geometry'
import {
  applyEdit,
  findPart,
  partEdit,
  type Edit,
  type Hive,
  type Placement,
  type Visit,
  type VisitStep,
  type Yard,
} from '../hive'
import { changeoverOf } from './changeover'
import { tickEdit, visitOf } from './visit'
import { goOn, together } from '../hive/deeds'

export const CANNOT = ['broken', 'not-here', 'too-heavy', 'bees-or-weather', 'other'] as const
/** Why a step of a visit cannot be done. */
export type Cannot = (typeof CANNOT)[number]

/** Parts that were lifted and lie on a set-down place now, in the order in which they were lifted. */
function lyingOn({ steps, done }: Visit): Map<string, number> {
  const piles = new Map<string, number>()
  for (const { partId, to } of steps.slice(0, done)) {
    piles.delete(partId)
    if (typeof to === 'number') piles.set(partId, to)
  }
  return piles
}

/** The hive as the rest of its visit would leave it. */
function carriedOut(yard: Yard, hiveId: string): { yard: Yard; hive: Hive } | undefined {
  let now = yard
  for (let n = 0; n < 400; n++) {
    const hive = now.hives.find(({ id }) => id === hiveId)
    if (!hive?.visit) return hive && { yard: now, hive }
    const edit = tickEdit(now, hive)
    const done = edit && applyEdit(now, edit)
    if (!done?.ok) return undefined
    now = done.yard
  }
  return undefined
}

/**
 * The rest of a visit planned anew from what now stands, without the step that cannot be done. What was to come stays
 * in the van; where a part cannot be taken off, it stays with all that is under it, and what was lifted goes back.
 * Common practice: a hive is closed again before anything else.
 */
export function planAgain(
  standing: Yard,
  hive: Hive,
  catalogue: Catalogue,
  why: Cannot,
  places?: number,
): Edit | undefined {
  const { visit } = hive
  const step = visit?.steps[visit.done]
  if (!visit || !step) return undefined
  const part = why === 'broken' ? findPart(standing, step.partId) : undefined
  const broken = part && partEdit(part, { ...part, condition: 'needs-repair' })
  const noted = broken && applyEdit(standing, broken)
  const yard = noted?.ok ? noted.yard : standing
  const piles = lyingOn(visit)
  const end = carriedOut(yard, hive.id)
  const goal = goalWithout(step, hive, end?.hive, piles, visit)
  const own = partsById(yard)
  const later = end ? partsById(end.yard) : own
  const parts: PartLookup = { get: (id) => own.get(id) ?? later.get(id) }
  const changeover = changeoverOf({ hive, parts: own }, { hive: goal, parts }, catalogue, places)
  const steps = visitOf(changeover, visit.id, visit.startedOn).steps.map((one): VisitStep =>
    one.from === 'van' && piles.has(one.partId) ? { ...one, from: piles.get(one.partId)! } : one,
  )
  return together(...(broken ? [broken] : []), goOn(hive, steps.length > 0 ? { ...visit, steps, done: 0 } : null))
}

function goalWithout(
  step: VisitStep,
  hive: Hive,
  end: Hive | undefined,
  piles: ReadonlyMap<string, number>,
  visit: Visit,
): Hive {
  const without = (stack: readonly Placement[]) => stack.filter(({ partId }) => partId !== step.partId)
  if (step.attachment)
    return {
      ...(end ?? hive),
      attachments:
        step.to === 'hive'
          ? (end ?? hive).attachments.filter(({ partId }) => partId !== step.partId)
          : [...(end ?? hive).attachments, ...hive.attachments.filter(({ partId }) => partId === step.partId)],
    }
  if (end && step.to === 'hive' && step.from === 'van') return { ...end, stack: without(end.stack) }
  const placed = new Map(
    visit.steps.flatMap(({ partId, placement }) => (placement ? [[partId, placement] as const] : [])),
  )
  const lifted = [...piles.keys()]
    .reverse()
    .map(
      (partId): Placement => placed.get(partId) ?? { partId, turnedOver: false, yawDeg: 0, offsetMm: { x: 0, y: 0 } },
    )
  return { ...hive, stage: visit.toStage, stack: [...hive.stack, ...lifted] }
}
