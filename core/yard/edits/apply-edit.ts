import {
  hiveOf,
  insert,
  mustBeFree,
  mustBeNew,
  partOf,
  Refusal,
  refuse,
  withHive,
  without,
  type Done,
  type EditProblem,
} from './applying'
import { crossedIn, figureNamed, SHIPPED_FIGURES } from '../../figures'
import { applyLoan } from './apply-loan'
import { inverseOfChange, withChange } from './change-part'
import type { Edit, EditOf } from './edit'
import { type Attachment, type Hive, type Placement, type Yard, partIdsOf } from '../model/yard'
import type { Part } from '../../parts'

export type Applied =
  | { readonly ok: true; readonly yard: Yard; readonly inverse: Edit }
  | { readonly ok: false; readonly problem: EditProblem }

/**
 * Applies an edit to a yard and gives the new yard with the inverse; the old yard is untouched, and what did
 * not change is shared with it. Applying the inverse gives back the same yard, byte for byte.
 * An edit that does not fit the yard is a value, not an exception.
 */
export function applyEdit(yard: Yard, edit: Edit): Applied {
  try {
    const done = apply(yard, edit)
    return { ok: true, yard: done.yard, inverse: done.inverse }
  } catch (error) {
    if (error instanceof Refusal) return { ok: false, problem: error.problem }
    throw error
  }
}

function apply(yard: Yard, edit: Edit): Done {
  switch (edit.kind) {
    case 'add-part':
      return addPart(yard, edit)
    case 'discard-part':
      return discardPart(yard, edit)
    case 'place-part':
      return placePart(yard, edit)
    case 'take-off':
      return takeOff(yard, edit)
    case 'move-part':
      return movePart(yard, edit)
    case 'set-placement':
      return setPlacement(yard, edit)
    case 'attach-part':
      return attachPart(yard, edit)
    case 'detach-part':
      return detachPart(yard, edit)
    case 'set-part':
      return setPart(yard, edit)
    case 'change-part':
      return changePart(yard, edit)
    case 'set-hive':
      return setHive(yard, edit)
    case 'accept-finding':
      return acceptFinding(yard, edit)
    case 'withdraw-acceptance':
      return withdrawAcceptance(yard, edit)
    case 'add-hive':
      return addHive(yard, edit)
    case 'remove-hive':
      return removeHive(yard, edit)
    case 'replace-hive':
      return replaceHive(yard, edit)
    case 'restore-hive':
      return restoreHive(yard, edit)
    case 'set-yard':
      return setYard(yard, edit)
    case 'set-override':
      return setOverride(yard, edit)
    case 'set-pattern':
      return setPattern(yard, edit)
    case 'set-hanging':
      return setHanging(yard, edit)
    case 'stock-part':
      return stockPart(yard, edit)
    case 'drop-part':
      return dropPart(yard, edit)
    case 'set-year':
      return setYear(yard, edit)
    case 'set-way':
      return setWay(yard, edit)
    case 'set-visit':
      return setVisit(yard, edit)
    case 'batch':
      return batch(yard, edit)
    default:
      return applyLoan(yard, edit)
  }
}

function placeIn(hive: Hive, partId: string): number {
  const at = hive.stack.findIndex((placement) => placement.partId === partId)
  return at >= 0 ? at : refuse('part-not-there', partId)
}

function stackWith(hive: Hive, at: number, placement: Placement): Hive {
  return { ...hive, stack: insert(hive.stack, at, placement, placement.partId) }
}

function addPart(yard: Yard, { hiveId, at, part, placement }: EditOf<'add-part'>): Done {
  mustBeNew(yard, part.id)
  if (placement.partId !== part.id) refuse('no-such-part', placement.partId)
  const grown = { ...yard, parts: [...yard.parts, part] }
  return {
    yard: withHive(grown, stackWith(hiveOf(yard, hiveId), at, placement)),
    inverse: { kind: 'discard-part', hiveId, partId: part.id },
  }
}

/** The inverse of an addition: the part leaves the stack and the yard's list. */
function discardPart(yard: Yard, { hiveId, partId }: EditOf<'discard-part'>): Done {
  const hive = hiveOf(yard, hiveId)
  const at = placeIn(hive, partId)
  const part = partOf(yard, partId)
  const shrunk = { ...yard, parts: yard.parts.filter((other) => other.id !== partId) }
  const inverse: Edit =
    yard.parts.at(-1) === part
      ? { kind: 'add-part', hiveId, at, part, placement: hive.stack[at]! }
      : restoring(yard, hive)
  return { yard: withHive(shrunk, { ...hive, stack: without(hive.stack, at) }), inverse }
}

function placePart(yard: Yard, { hiveId, at, placement }: EditOf<'place-part'>): Done {
  partOf(yard, placement.partId)
  mustBeFree(yard, placement.partId)
  return {
    yard: withHive(yard, stackWith(hiveOf(yard, hiveId), at, placement)),
    inverse: { kind: 'take-off', hiveId, partId: placement.partId },
  }
}

function takeOff(yard: Yard, { hiveId, partId }: EditOf<'take-off'>): Done {
  const hive = hiveOf(yard, hiveId)
  const at = placeIn(hive, partId)
  return {
    yard: withHive(yard, { ...hive, stack: without(hive.stack, at) }),
    inverse: { kind: 'place-part', hiveId, at, placement: hive.stack[at]! },
  }
}

function movePart(yard: Yard, { partId, fromHiveId, toHiveId, at }: EditOf<'move-part'>): Done {
  const from = hiveOf(yard, fromHiveId)
  const wasAt = placeIn(from, partId)
  const lifted = withHive(yard, { ...from, stack: without(from.stack, wasAt) })
  const moved = withHive(lifted, stackWith(hiveOf(lifted, toHiveId), at, from.stack[wasAt]!))
  return { yard: moved, inverse: { kind: 'move-part', partId, fromHiveId: toHiveId, toHiveId: fromHiveId, at: wasAt } }
}

function setPlacement(yard: Yard, { hiveId, placement }: EditOf<'set-placement'>): Done {
  const hive = hiveOf(yard, hiveId)
  const at = placeIn(hive, placement.partId)
  const stack = hive.stack.map((other, i) => (i === at ? placement : other))
  return {
    yard: withHive(yard, { ...hive, stack }),
    inverse: { kind: 'set-placement', hiveId, placement: hive.stack[at]! },
  }
}

function attachPart(yard: Yard, { hiveId, at, attachment, part }: EditOf<'attach-part'>): Done {
  mustBeNew(yard, part.id)
  if (attachment.partId !== part.id) refuse('no-such-part', attachment.partId)
  const hive = hiveOf(yard, hiveId)
  const attachments: Attachment[] = insert(hive.attachments, at, attachment, part.id)
  return {
    yard: withHive({ ...yard, parts: [...yard.parts, part] }, { ...hive, attachments }),
    inverse: { kind: 'detach-part', hiveId, partId: part.id },
  }
}

/** A fitting that comes off leaves the yard's list; its inverse puts both back where they were. */
function detachPart(yard: Yard, { hiveId, partId }: EditOf<'detach-part'>): Done {
  const hive = hiveOf(yard, hiveId)
  const at = hive.attachments.findIndex((attachment) => attachment.partId === partId)
  if (at < 0) refuse('part-not-there', partId)
  const lessHive: Hive = { ...hive, attachments: without(hive.attachments, at) }
  const partAt = yard.parts.findIndex((part) => part.id === partId)
  const shrunk = { ...yard, parts: without(yard.parts, partAt) }
  const last = partAt === yard.parts.length - 1
  const inverse: Edit = last
    ? { kind: 'attach-part', hiveId, at, attachment: hive.attachments[at]!, part: yard.parts[partAt]! }
    : restoring(yard, hive)
  return { yard: withHive(shrunk, lessHive), inverse }
}

function setPart(yard: Yard, { part }: EditOf<'set-part'>): Done {
  const before = partOf(yard, part.id)
  return {
    yard: { ...yard, parts: yard.parts.map((other) => (other.id === part.id ? part : other)) },
    inverse: { kind: 'set-part', part: before },
  }
}

function changePart(yard: Yard, edit: EditOf<'change-part'>): Done {
  const before = partOf(yard, edit.partId)
  const after = withChange(before, edit)
  return {
    yard: { ...yard, parts: yard.parts.map((part) => (part === before ? after : part)) },
    inverse: inverseOfChange(before, edit),
  }
}

/** The fields that an edit names, as a thing has them; those that a thing has not are left out. */
function fieldsOf<T extends object, K extends keyof T & string>(
  thing: T,
  named: Partial<Record<K, unknown>>,
  names: readonly K[],
): Partial<{ [N in K]: NonNullable<T[N]> }> {
  const fields: Partial<{ [N in K]: NonNullable<T[N]> }> = {}
  for (const name of names) {
    const value = thing[name]
    if (named[name] !== undefined && value != null) fields[name] = value
  }
  return fields
}

function setHive(yard: Yard, { hiveId, ...edit }: EditOf<'set-hive'>): Done {
  const hive = hiveOf(yard, hiveId)
  const names = ['name', 'stage', 'note'] as const
  return {
    yard: withHive(yard, { ...hive, ...fieldsOf(edit, edit, names) }),
    inverse: { kind: 'set-hive', hiveId, ...fieldsOf(hive, edit, names) },
  }
}

function acceptFinding(yard: Yard, { hiveId, acceptance }: EditOf<'accept-finding'>): Done {
  const hive = hiveOf(yard, hiveId)
  const others = hive.accepted.filter((other) => other.findingKey !== acceptance.findingKey)
  const changed = { ...hive, accepted: [...others, acceptance] }
  const inverse: Edit =
    others.length === hive.accepted.length
      ? { kind: 'withdraw-acceptance', hiveId, findingKey: acceptance.findingKey }
      : restoring(yard, hive)
  return { yard: withHive(yard, changed), inverse }
}

function withdrawAcceptance(yard: Yard, { hiveId, findingKey }: EditOf<'withdraw-acceptance'>): Done {
  const hive = hiveOf(yard, hiveId)
  const at = hive.accepted.findIndex((acceptance) => acceptance.findingKey === findingKey)
  if (at < 0) refuse('no-such-acceptance', findingKey)
  const last = at === hive.accepted.length - 1
  const inverse: Edit = last
    ? { kind: 'accept-finding', hiveId, acceptance: hive.accepted[at]! }
    : restoring(yard, hive)
  return { yard: withHive(yard, { ...hive, accepted: without(hive.accepted, at) }), inverse }
}

function addHive(yard: Yard, { at, hive, parts, book }: EditOf<'add-hive'>): Done {
  if (yard.hives.some((other) => other.id === hive.id)) refuse('identity-taken', hive.id)
  const grown = parts.reduce(
    (list, entry) => {
      if (list.some((part) => part.id === entry.part.id)) refuse('identity-taken', entry.part.id)
      return insert(list, entry.at, entry.part, entry.part.id)
    },
    [...yard.parts],
  )
  const withParts = { ...yard, parts: grown }
  for (const partId of partIdsOf(hive)) {
    partOf(withParts, partId)
    mustBeFree(yard, partId)
  }
  return {
    yard: { ...withParts, hives: insert(yard.hives, at, hive, hive.id) },
    inverse: { kind: 'remove-hive', hiveId: hive.id, ...(book ? { book } : {}) },
  }
}

/** Takes a hive away with everything that stands on it. */
function removeHive(yard: Yard, { hiveId, book }: EditOf<'remove-hive'>): Done {
  const hive = hiveOf(yard, hiveId)
  const gone = new Set(partIdsOf(hive))
  const parts = yard.parts.flatMap((part, at) => (gone.has(part.id) ? [{ at, part }] : []))
  const at = yard.hives.indexOf(hive)
  return {
    yard: { ...yard, hives: without(yard.hives, at), parts: yard.parts.filter((part) => !gone.has(part.id)) },
    inverse: { kind: 'add-hive', at, hive, parts, ...(book ? { book } : {}) },
  }
}

/** Lays a whole version of a hive over the one that stands; parts it no longer has go to the shed. */
function replaceHive(yard: Yard, { hive, parts }: EditOf<'replace-hive'>): Done {
  const before = hiveOf(yard, hive.id)
  const given = new Map(parts.map((part) => [part.id, part]))
  const known = new Set(yard.parts.map((part) => part.id))
  const merged = [
    ...yard.parts.map((part) => given.get(part.id) ?? part),
    ...parts.filter((part) => !known.has(part.id)),
  ]
  return finishHive(yard, before, hive, merged, given)
}

function restoreHive(yard: Yard, { hive, parts, partOrder }: EditOf<'restore-hive'>): Done {
  const before = hiveOf(yard, hive.id)
  const pool = new Map([...yard.parts, ...parts].map((part) => [part.id, part]))
  const ordered = partOrder.map((partId) => pool.get(partId) ?? refuse('no-such-part', partId))
  return finishHive(yard, before, hive, ordered, new Map(parts.map((part) => [part.id, part])))
}

function finishHive(
  yard: Yard,
  before: Hive,
  hive: Hive,
  parts: readonly Part[],
  given: ReadonlyMap<string, Part>,
): Done {
  const others = new Set(yard.hives.filter((other) => other.id !== hive.id).flatMap(partIdsOf))
  const known = new Set(parts.map((part) => part.id))
  const lent = new Set(yard.parts.flatMap((part) => (part.lent ? part.id : [])))
  for (const partId of partIdsOf(hive)) {
    if (others.has(partId)) refuse('part-already-placed', partId)
    if (lent.has(partId)) refuse('part-lent', partId)
    if (!known.has(partId)) refuse('no-such-part', partId)
  }
  for (const partId of others) if (!known.has(partId)) refuse('no-such-part', partId)
  return { yard: withHive({ ...yard, parts }, hive), inverse: restoring(yard, before, given) }
}

/** The edit that gives back a hive and the yard's list of parts as they are now. */
function restoring(yard: Yard, hive: Hive, overwritten: ReadonlyMap<string, Part> = new Map()): Edit {
  const own = new Set([...partIdsOf(hive), ...overwritten.keys()])
  return {
    kind: 'restore-hive',
    hive,
    parts: yard.parts.filter((part) => own.has(part.id)),
    partOrder: yard.parts.map((part) => part.id),
  }
}

function setYard(yard: Yard, edit: EditOf<'set-yard'>): Done {
  const names = ['name', 'note', 'band', 'prolific'] as const
  return {
    yard: { ...yard, ...fieldsOf(edit, edit, names) },
    inverse: { kind: 'set-yard', ...fieldsOf(yard, edit, names) },
  }
}

/** A list with one entry replaced, put in (at its old place when that is known) or taken out, and where it was. */
function changed<T>(
  list: readonly T[],
  matches: (item: T) => boolean,
  item: T | null,
  at: number | undefined,
  id: string,
): { list: T[]; before: T | null; at: number } {
  const was = list.findIndex(matches)
  if (was >= 0)
    return {
      list: item ? list.map((other, i) => (i === was ? item : other)) : without(list, was),
      before: list[was]!,
      at: was,
    }
  return { list: item ? insert(list, at ?? list.length, item, id) : [...list], before: null, at: at ?? list.length }
}

function setOverride(yard: Yard, { key, length, at }: EditOf<'set-override'>): Done {
  const done = changed(yard.overrides, (override) => override.key === key, length && { key, length }, at, key)
  const crossed = figureNamed(key) ? crossedBy(done.list, key) : undefined
  if (crossed) refuse('figures-cross', crossed)
  return {
    yard: { ...yard, overrides: done.list },
    inverse: { kind: 'set-override', key, length: done.before?.length ?? null, at: done.at },
  }
}

/**
 * The figure that one's own crosses: a least over its most. Undefined where the pair makes sense, or did not before.
 */
function crossedBy(overrides: Yard['overrides'], key: string): string | undefined {
  const own = figureNamed(key)
  const figures = {
    ...SHIPPED_FIGURES,
    ...Object.fromEntries(
      overrides.flatMap((one) => {
        const name = figureNamed(one.key)
        return name ? [[name, one.length.mm] as const] : []
      }),
    ),
  }
  const crossed = own && crossedIn(figures, own)
  return crossed && (crossed.lower === own ? crossed.upper : crossed.lower)
}

function setPattern(yard: Yard, { patternId, pattern, at, evenInUse }: EditOf<'set-pattern'>): Done {
  if (!pattern && !evenInUse && yard.parts.some((part) => part.patternId === patternId))
    refuse('pattern-in-use', patternId)
  if (pattern && pattern.id !== patternId) refuse('identity-taken', pattern.id)
  const done = changed(yard.patterns, ({ id }) => id === patternId, pattern, at, patternId)
  return {
    yard: { ...yard, patterns: done.list },
    inverse: { kind: 'set-pattern', patternId, pattern: done.before, at: done.at, ...takingBack(done.before) },
  }
}

function setHanging(yard: Yard, { patternId, pattern, at, evenInUse }: EditOf<'set-hanging'>): Done {
  if (
    !pattern &&
    !evenInUse &&
    yard.parts.some((part) => part.contents.some((content) => content.patternId === patternId))
  )
    refuse('pattern-in-use', patternId)
  if (pattern && pattern.id !== patternId) refuse('identity-taken', pattern.id)
  const done = changed(yard.hanging, ({ id }) => id === patternId, pattern, at, patternId)
  return {
    yard: { ...yard, hanging: done.list },
    inverse: { kind: 'set-hanging', patternId, pattern: done.before, at: done.at, ...takingBack(done.before) },
  }
}

/** What was used before there was a pattern for it is used after it was taken back. */
function takingBack(before: unknown): { evenInUse?: true } {
  return before === null ? { evenInUse: true } : {}
}

/** A part that the yard owns and that stands nowhere yet. */
function stockPart(yard: Yard, { at, part }: EditOf<'stock-part'>): Done {
  mustBeNew(yard, part.id)
  return {
    yard: { ...yard, parts: insert(yard.parts, at, part, part.id) },
    inverse: { kind: 'drop-part', partId: part.id },
  }
}

/** A part of the shed that the yard no longer owns. */
function dropPart(yard: Yard, { partId }: EditOf<'drop-part'>): Done {
  const part = partOf(yard, partId)
  mustBeFree(yard, partId)
  const at = yard.parts.indexOf(part)
  return { yard: { ...yard, parts: without(yard.parts, at) }, inverse: { kind: 'stock-part', at, part } }
}

/** A hive with these plans; they come last, so that taking a change back gives the same text. */
export function withPlans(hive: Hive, season: Hive['season'] | null, visit: Hive['visit'] | null): Hive {
  const { season: _season, visit: _visit, ...rest } = hive
  return { ...rest, ...(season ? { season } : {}), ...(visit ? { visit } : {}) }
}

function setYear(yard: Yard, { season }: EditOf<'set-year'>): Done {
  const { season: before, ...rest } = yard
  return { yard: season ? { ...rest, season } : rest, inverse: { kind: 'set-year', season: before ?? null } }
}

function setWay(yard: Yard, { hiveId, season }: EditOf<'set-way'>): Done {
  const hive = hiveOf(yard, hiveId)
  return {
    yard: withHive(yard, withPlans(hive, season, hive.visit)),
    inverse: { kind: 'set-way', hiveId, season: hive.season ?? null },
  }
}

/** A visit goes on only from where it is: a step ticked a second time, or by two people at once, is refused. */
function setVisit(yard: Yard, { hiveId, visit, doneBefore }: EditOf<'set-visit'>): Done {
  const hive = hiveOf(yard, hiveId)
  if ((hive.visit?.done ?? null) !== doneBefore) refuse('visit-moved-on', hiveId)
  return {
    yard: withHive(yard, withPlans(hive, hive.season, visit)),
    inverse: { kind: 'set-visit', hiveId, visit: hive.visit ?? null, doneBefore: visit?.done ?? null },
  }
}

function batch(yard: Yard, { edits }: EditOf<'batch'>): Done {
  const inverses: Edit[] = []
  let now = yard
  for (const edit of edits) {
    const done = apply(now, edit)
    now = done.yard
    inverses.unshift(done.inverse)
  }
  return { yard: now, inverse: { kind: 'batch', edits: inverses } }
}
