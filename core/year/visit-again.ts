import { there } from '../units'
import type { Catalogue } from '../parts'
import { partsById, type PartLookup } from '../stack'
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
} from '../yard'
import { changeoverOf } from './changeover'
import { tickEdit, visitOf } from './visit'
import { goOn, together } from '../yard/deeds'

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
 * The rest of a visit planned anew from what now stands, without the step that cannot be done and what depends on its
 * part: what was to come stays in the van; what cannot be taken off stays, with all that is under it, while what is
 * over it, the winter top and the door are still done. Where bees or weather do not let one, no box is parted any more.
 * The hive is closed again, and the visit ends without its stage. Common practice.
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
  const goal = goalWithout(step, hive, end?.hive, piles, visit, why)
  const own = partsById(yard)
  const later = end ? partsById(end.yard) : own
  const parts: PartLookup = { get: (id) => own.get(id) ?? later.get(id) }
  const changeover = changeoverOf({ hive, parts: own }, { hive: goal, parts }, catalogue, places)
  const steps = visitOf(changeover, visit.id, visit.startedOn).steps.map((one): VisitStep =>
    one.from === 'van' && piles.has(one.partId) ? { ...one, from: there(piles.get(one.partId)) } : one,
  )
  const leftOut = [...new Set([...(visit.leftOut ?? []), step.partId])]
  return together(
    ...(broken ? [broken] : []),
    goOn(hive, steps.length > 0 ? { ...visit, steps, done: 0, leftOut } : null),
  )
}

function goalWithout(
  step: VisitStep,
  hive: Hive,
  end: Hive | undefined,
  piles: ReadonlyMap<string, number>,
  visit: Visit,
  why: Cannot,
): Hive {
  const attachments = attachmentsWithout(step, hive, end)
  const placed = new Map(
    visit.steps.flatMap(({ partId, placement }) => (placement ? [[partId, placement] as const] : [])),
  )
  const lifted = [...piles.keys()]
    .reverse()
    .map(
      (partId): Placement => placed.get(partId) ?? { partId, turnedOver: false, yawDeg: 0, offsetMm: { x: 0, y: 0 } },
    )
  const asItStood = { ...hive, attachments, stage: visit.toStage, stack: [...hive.stack, ...lifted] }
  if (!end || why === 'bees-or-weather') return asItStood
  if (step.attachment || step.task) return { ...end, attachments }
  if (step.to === 'hive' && step.from === 'van')
    return { ...end, attachments, stack: end.stack.filter(({ partId }) => partId !== step.partId) }
  // What cannot come off keeps all that is under it; what the plan has over it is done all the same.
  const stuckAt = asItStood.stack.findIndex(({ partId }) => partId === step.partId)
  const stays = asItStood.stack.slice(0, stuckAt + 1)
  const staying = new Set(stays.map(({ partId }) => partId))
  return { ...end, attachments, stack: [...stays, ...end.stack.filter(({ partId }) => !staying.has(partId))] }
}

/** The fittings of the end, but for the one that the step is about: it stays where it is. */
function attachmentsWithout({ attachment, partId, to }: VisitStep, hive: Hive, end: Hive | undefined) {
  const { attachments } = end ?? hive
  const others = attachments.filter((one) => one.partId !== partId)
  return !attachment || to === 'hive'
    ? attachment
      ? others
      : attachments
    : [...others, ...hive.attachments.filter((one) => one.partId === partId)]
}
