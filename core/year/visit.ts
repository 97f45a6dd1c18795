import { mapWithin, there } from '../units'
import {
  findPart,
  heldAfter,
  partEdit,
  PLACEHOLDER,
  WANTED,
  type Edit,
  type Hive,
  type Visit,
  type VisitStep,
  type Yard,
} from '../yard'
import type { Part } from '../parts'
import { sortedIn, sortedOut, type HiveChangeover } from './changeover'
import * as deeds from '../yard/deeds'

/**
 * A changeover as a visit to be carried out. Parts that the yard has yet to get are new ones from here on, so their
 * identities become placeholders that are made fresh when the edit is performed.
 */
export function visitOf(changeover: HiveChangeover, id: string, startedOn: string): Visit {
  const fresh = (_key: string, value: unknown) =>
    typeof value === 'string' && value.startsWith(WANTED)
      ? `${PLACEHOLDER}${changeover.hiveId}/${value.slice(WANTED.length)}`
      : value
  const steps = mapWithin<readonly VisitStep[]>(changeover.steps, fresh)
  return { id, toStage: changeover.toStage, startedOn, steps, done: 0 }
}

/**
 * Ticks the next step of a hive's visit: the hive as it stands changes with it; the last one ends the visit. Undefined
 * where there is none.
 */
export function tickEdit(yard: Yard, hive: Hive): Edit | undefined {
  const { visit } = hive
  const step = visit?.steps[visit.done]
  if (!visit || !step) return undefined
  const done = visit.done + 1
  const last = done === visit.steps.length
  // What could not be done leaves the stage open: the hive does not stand as planned.
  const isWhole = (visit.leftOut ?? []).length === 0
  const name = last && isWhole && hive.stage !== visit.toStage ? [deeds.setHive(hive, { stage: visit.toStage })] : []
  // Always a batch, so that a tick is told from the beginning of a visit.
  return {
    kind: 'batch',
    edits: [...stepEdits(yard, hive, step), ...name, deeds.goOn(hive, last ? null : { ...visit, done })],
  }
}

function stepEdits(yard: Yard, hive: Hive, step: VisitStep): Edit[] {
  const owned = findPart(yard, step.partId)
  if (step.task) return []
  if (step.sortInto) return sortEdits(yard, step, owned)
  if (step.attachment)
    return step.to === 'hive' ? fittingOn(yard, hive, step, owned) : fittingOff(yard, hive, step, owned)
  if (step.from === 'hive' && step.to === 'hive')
    return [
      ...(step.part && owned ? [partEdit(owned, asPlanned(owned, step.part))] : []),
      ...(step.placement ? [deeds.stand(hive, step.placement)] : []),
    ]
  if (step.from === 'hive') {
    const role = hive.stack.find(({ partId }) => partId === step.partId)?.role
    const held = owned && heldAfter(owned, role, hive.stage)
    return [...(held && held !== owned ? [partEdit(owned, held)] : []), deeds.takeOff(hive, step.partId)]
  }
  if (step.to !== 'hive' || !step.placement) return []
  const at = hive.stack.length
  if (!owned)
    return step.part
      ? [deeds.putOn(hive, at, step.part, step.placement)]
      : [deeds.putOnFromShed(hive, at, step.placement)]
  return [
    ...(step.part ? [partEdit(owned, asPlanned(owned, step.part))] : []),
    deeds.putOnFromShed(hive, at, step.placement),
  ]
}

/** The part with what the plan changes of it, its hole and its frames; all else is as it is by now. */
function asPlanned(owned: Part, { hole, contents, spacing }: Part): Part {
  const rehung = contents.length === owned.contents.length ? owned : { ...owned, contents, spacing }
  return hole === undefined || hole === owned.hole ? rehung : { ...rehung, hole }
}

/**
 * The keeper says that nothing of the colony is left in the box; what hangs in those that took its frames is not known
 * any more.
 */
function sortEdits(yard: Yard, { sortInto = [] }: VisitStep, owned: Part | undefined): Edit[] {
  const into = sortInto.flatMap((id) => findPart(yard, id) ?? [])
  return [...(owned ? [partEdit(owned, sortedOut(owned))] : []), ...into.map((part) => partEdit(part, sortedIn(part)))]
}

function fittingOn(yard: Yard, hive: Hive, { attachment, part }: VisitStep, owned: Part | undefined): Edit[] {
  if (owned) return [deeds.drop([owned]), deeds.attach(hive, owned, there(attachment))]
  return part ? [deeds.attach(hive, part, there(attachment))] : []
}

/** A fitting that comes off goes to the shed. */
function fittingOff(yard: Yard, hive: Hive, { partId }: VisitStep, owned: Part | undefined): Edit[] {
  const without = { parts: yard.parts.filter(({ id }) => id !== partId) }
  return [deeds.detach(hive, { id: partId }), ...(owned ? [deeds.stock(without, [owned])] : [])]
}
