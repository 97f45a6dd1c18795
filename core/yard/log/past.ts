import { meaningOf, type Stage } from '../stages'
import { applyEdit } from '../edits/apply-edit'
import { hivesTouchedBy } from '../edits/asked'
import { isEdit, type Edit } from '../edits/edit'
import { WHOLE_YARD } from '../edits/kind'
import type { LoggedEdit } from './logged-edit'
import { findPart, type Yard } from '../model/yard'
import type { Part, Role } from '../../parts'

/** A yard before one entry of its log, going back from today. */
export interface Before {
  readonly entry: LoggedEdit
  /** As it stood after the entry, and before it. */
  readonly after: Yard
  readonly before: Yard
}

/**
 * Goes back through a log, newest first, and gives the yard before and after each entry: every inverse gives back the
 * yard byte for byte. Ends early where an entry does not fit, which a log that was only appended to never does.
 */
export function* goBack(now: Yard, newestFirst: Iterable<LoggedEdit>): Generator<Before> {
  let after = now
  for (const entry of newestFirst) {
    const undone = applyEdit(after, entry.inverse)
    if (!undone.ok) return
    yield { entry, after, before: undone.yard }
    after = undone.yard
  }
}

/** A moment by the clock, or the state after an entry of the log. */
export type PastMoment = { readonly at: string } | { readonly revision: number }

/** Whether an entry had been made by then. */
function hadBeenMade(entry: LoggedEdit, when: PastMoment): boolean {
  return 'at' in when ? entry.happenedAt <= when.at : entry.revision <= when.revision
}

/** The yard as it stood then: after the last entry that had been made by then; as it first was where none was. */
export async function asItStood(
  now: Yard,
  stepsBack: Iterable<Before> | AsyncIterable<Before>,
  when: PastMoment,
): Promise<Yard> {
  let yard = now
  for await (const step of stepsBack) {
    if (hadBeenMade(step.entry, when)) return step.after
    yard = step.before
  }
  return yard
}

/** A change of a hive, with when, by whom and on which device. */
export type HiveChange = Pick<
  LoggedEdit,
  'revision' | 'madeAt' | 'receivedAt' | 'happenedAt' | 'device' | 'by' | 'kind' | 'edit'
>

/** What a step of the log changed about a hive; undefined where it did not. */
export function changeOf({ entry, before }: Before, hiveId: string): HiveChange | undefined {
  const { revision, madeAt, receivedAt, happenedAt, device, by, kind, edit } = entry
  if (!touches(edit, before, hiveId)) return undefined
  return { revision, madeAt, receivedAt, happenedAt, device, ...(by ? { by } : {}), kind, edit }
}

function touches(edit: Edit, yard: Yard, hiveId: string): boolean {
  const hives = hivesTouchedBy(edit, yard)
  return hives.includes(hiveId) || (isEdit(edit, 'set-year') && hives.includes(WHOLE_YARD))
}

/** Where a part was from a moment on: on a hive, in the shed, or not yet in the yard; and what it had held by then. */
export interface Stay {
  readonly hive: { readonly id: string; readonly name: string } | null
  readonly role: Role | null
  readonly owned: boolean
  /** Who had it, where it was lent. */
  readonly lentTo?: string
  readonly hasHeld: Part['hasHeld']
  /** Null for the first that is known of it. */
  readonly since: string | null
  readonly device: string | null
}

type Place = Omit<Stay, 'since' | 'device'>

function placeOf(yard: Yard, partId: string): Place {
  const part = findPart(yard, partId)
  for (const { id, name, stack, attachments } of yard.hives) {
    const placement = stack.find((one) => one.partId === partId)
    if (placement || attachments.some((one) => one.partId === partId))
      return { hive: { id, name }, role: placement?.role ?? null, owned: true, hasHeld: part?.hasHeld ?? [] }
  }
  return {
    hive: null,
    role: null,
    owned: part !== undefined,
    ...(part?.lent ? { lentTo: part.lent.name } : {}),
    hasHeld: part?.hasHeld ?? [],
  }
}

const same = (a: Place, b: Place) =>
  a.hive?.id === b.hive?.id &&
  a.role === b.role &&
  a.owned === b.owned &&
  a.lentTo === b.lentTo &&
  a.hasHeld.join() === b.hasHeld.join()

/** Where a part has been and what it had held, newest first. */
export function staysOf(now: Yard, partId: string, newestFirst: Iterable<LoggedEdit>): Stay[] {
  const stays: Stay[] = []
  let place = placeOf(now, partId)
  for (const { entry, before } of goBack(now, newestFirst)) {
    const earlier = placeOf(before, partId)
    if (same(place, earlier)) continue
    stays.push({ ...place, since: entry.happenedAt, device: entry.device })
    place = earlier
  }
  return place.owned ? [...stays, { ...place, since: null, device: null }] : stays
}

/** The box as it is after it has stood so: brood and honey stay with it (common practice). */
export function heldAfter(part: Part, role: Role | undefined, stage: Stage): Part {
  const means = meaningOf(stage)
  if (part.contents.length === 0 || means.comes === 'as-bait') return part
  const held =
    role === 'brood' ? 'brood' : role === 'food' || (role === 'super' && means.supersHoldHoney) ? 'honey' : undefined
  return held && !part.hasHeld.includes(held) ? { ...part, hasHeld: [...part.hasHeld, held] } : part
}
