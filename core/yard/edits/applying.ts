import type { Edit } from './edit'
import { partIdsOf, type Hive, type Yard } from '../model/yard'
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
