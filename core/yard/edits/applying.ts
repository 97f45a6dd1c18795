import type { Edit } from './edit'
import { partIdsOf, type Hive, type Placement, type Yard } from '../model/yard'
import type { Part } from '../../parts'

// What every edit is applied with.

/** Why an edit does not apply to this yard. */
export interface EditProblem {
  readonly reason:
    | 'no-such-hive'
    | 'no-such-part'
    | 'part-not-there'
    | 'part-already-placed'
    | 'part-lent'
    | 'part-not-lent'
    | 'identity-taken'
    | 'no-such-acceptance'
    | 'place-out-of-range'
    | 'pattern-in-use'
    | 'visit-moved-on'
    | 'figures-cross'
    | 'not-known'
  readonly id: string
}

export class Refusal extends Error {
  constructor(readonly problem: EditProblem) {
    super(problem.reason)
  }
}

/** An edit that applied: the yard after it and its inverse. */
export interface Done {
  readonly yard: Yard
  readonly inverse: Edit
}

export function refuse(reason: EditProblem['reason'], id: string): never {
  throw new Refusal({ reason, id })
}

export function hiveOf(yard: Yard, hiveId: string): Hive {
  return yard.hives.find((hive) => hive.id === hiveId) ?? refuse('no-such-hive', hiveId)
}

export function partOf(yard: Yard, partId: string): Part {
  return yard.parts.find((part) => part.id === partId) ?? refuse('no-such-part', partId)
}

export function withHive(yard: Yard, hive: Hive): Yard {
  return { ...yard, hives: yard.hives.map((other) => (other.id === hive.id ? hive : other)) }
}

export function insert<T>(list: readonly T[], at: number, item: T, id: string): T[] {
  if (!Number.isInteger(at) || at < 0 || at > list.length) refuse('place-out-of-range', id)
  return [...list.slice(0, at), item, ...list.slice(at)]
}

export function without<T>(list: readonly T[], at: number): T[] {
  return [...list.slice(0, at), ...list.slice(at + 1)]
}

export function mustBeNew(yard: Yard, partId: string): void {
  if (yard.parts.some((part) => part.id === partId)) refuse('identity-taken', partId)
}

export function mustBeFree(yard: Yard, partId: string): void {
  if (yard.hives.some((hive) => partIdsOf(hive).includes(partId))) refuse('part-already-placed', partId)
  if (yard.parts.some(({ id, lent }) => id === partId && lent)) refuse('part-lent', partId)
}

export function placeIn(hive: Hive, partId: string): number {
  const at = hive.stack.findIndex((placement) => placement.partId === partId)
  return at >= 0 ? at : refuse('part-not-there', partId)
}

export function stackWith(hive: Hive, at: number, placement: Placement): Hive {
  return { ...hive, stack: insert(hive.stack, at, placement, placement.partId) }
}

/** The fields that an edit names, as a thing has them; those that a thing has not are left out. */
export function fieldsOf<T extends object, K extends keyof T & string>(
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

/** A list with one entry replaced, put in (at its old place when that is known) or taken out, and where it was. */
export function changedList<T>(
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

/** A pattern of the keeper's own as an edit has it: kept, or taken away where it is null. */
export interface OwnPattern<P> {
  readonly patternId: string
  readonly pattern: P | null
  readonly at?: number
  readonly evenInUse?: boolean
}

/** A yard's own patterns with one kept, replaced or taken away, and the edit that takes it back; none in use goes. */
export function withOwnPattern<P extends { readonly id: string }>(
  patterns: readonly P[],
  { patternId, pattern, at, evenInUse }: OwnPattern<P>,
  isInUse: () => boolean,
): { readonly list: readonly P[]; readonly inverse: OwnPattern<P> } {
  if (!pattern && !evenInUse && isInUse()) refuse('pattern-in-use', patternId)
  if (pattern && pattern.id !== patternId) refuse('identity-taken', pattern.id)
  const done = changedList(patterns, ({ id }) => id === patternId, pattern, at, patternId)
  // What was used before there was a pattern for it is used after it was taken back.
  const unseen = done.before === null ? { evenInUse: true } : {}
  return { list: done.list, inverse: { patternId, pattern: done.before, at: done.at, ...unseen } }
}

/** The edit that gives back a hive and the yard's list of parts as they are now. */
export function restoring(yard: Yard, hive: Hive, overwritten: ReadonlyMap<string, Part> = new Map()): Edit {
  const own = new Set([...partIdsOf(hive), ...overwritten.keys()])
  return {
    kind: 'restore-hive',
    hive,
    parts: yard.parts.filter((part) => own.has(part.id)),
    partOrder: yard.parts.map((part) => part.id),
  }
}

export function finishHive(
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

/** A hive with these plans; they come last, so that taking a change back gives the same text. */
export function withPlans(hive: Hive, season: Hive['season'] | null, visit: Hive['visit'] | null): Hive {
  const { season: _season, visit: _visit, ...rest } = hive
  return { ...rest, ...(season ? { season } : {}), ...(visit ? { visit } : {}) }
}

/** The yard with a part as it is now. */
export function withPart(yard: Yard, part: Part): Yard {
  return { ...yard, parts: yard.parts.map((other) => (other.id === part.id ? part : other)) }
}

/** The hives on which a part stands. */
export function hivesWith(yard: Yard, partId: string): string[] {
  return yard.hives.filter((hive) => partIdsOf(hive).includes(partId)).map(({ id }) => id)
}
