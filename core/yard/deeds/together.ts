import { applyEdit } from '../edits/apply-edit'
import type { Edit } from '../edits/edit'
import type { Yard } from '../model/yard'

/** Several edits as one: they are done together or not at all, and taken back as one. */
export function together(...edits: readonly Edit[]): Edit {
  return edits.length === 1 ? edits[0]! : { kind: 'batch', edits }
}

/** A yard once an edit is made in it; as it was where the edit does not apply. */
export function after(yard: Yard, edit: Edit): Yard {
  const applied = applyEdit(yard, edit)
  return applied.ok ? applied.yard : yard
}
