import { isOneOf, mapWithin } from '../../units'
import type { PlainEdit } from './kinds'

/** Several edits in their order, as one. */
interface Batch {
  readonly kind: 'batch'
  readonly edits: readonly Edit[]
}

/** Everything that can be done to a yard, as data. Every edit has an inverse that is an edit. */
export type Edit = PlainEdit | Batch

/** An edit of one kind. */
export type EditOf<K extends Edit['kind']> = Extract<Edit, { kind: K }>

/** True for an edit of one of these sorts. */
export function isEdit<K extends Edit['kind']>(edit: Edit | undefined, ...sorts: readonly K[]): edit is EditOf<K> {
  return edit !== undefined && isOneOf(sorts, edit.kind)
}

/** The edits that an edit is made of, in their order; itself where it is one. */
export function leavesOf(edit: Edit): readonly PlainEdit[] {
  return isEdit(edit, 'batch') ? edit.edits.flatMap(leavesOf) : [edit]
}

/** The same edit with every placeholder identity (`new:…`) replaced by one of its own. */
export function withFreshIdentities(edit: Edit, makeId: () => string): Edit {
  const fresh = new Map<string, string>()
  return mapWithin(edit, (_key, value) => {
    if (typeof value !== 'string' || !value.startsWith(PLACEHOLDER)) return value
    if (!fresh.has(value)) fresh.set(value, makeId())
    return fresh.get(value)
  })
}

/** What the identity of a part that does not exist yet begins with. */
export const PLACEHOLDER = 'new:'
