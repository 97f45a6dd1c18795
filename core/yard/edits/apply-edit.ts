import type { Yard } from '../model/yard'
import { Refusal, type EditProblem } from './applying'
import { done } from './asked'
import type { Edit } from './edit'

/** What comes of an edit: the yard and the way back, or why it does not apply. */
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
    return { ok: true, ...done(yard, edit) }
  } catch (error) {
    if (error instanceof Refusal) return { ok: false, problem: error.problem }
    throw error
  }
}
