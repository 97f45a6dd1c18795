import type { Yard } from '../model/yard'
import { refuse, type Done } from './applying'
import { isEdit, leavesOf, type Edit } from './edit'
import { EDIT_KINDS, type PlainEdit } from './kinds'
import { inNoPlan, keepers, WHOLE_YARD, type Cell, type Does, type EditKind, type HelpersPart } from './kind'

// What is asked of an edit of any kind: each kind answers for itself, a batch for all that it is made of.

/** Of another version of Duvet: it is not done here, and may touch anything. */
const NOT_KNOWN: EditKind<{ readonly kind: string }> = {
  apply: (_yard, { kind }) => refuse('not-known', String(kind)),
  cells: () => [[]],
  hives: () => [WHOLE_YARD],
  helper: keepers,
  isPlannable: inNoPlan,
  does: () => ({ doing: 'nothing' }),
}

function kindOf(edit: PlainEdit): EditKind<PlainEdit> {
  // Asked by the name of its kind, which is the name of its edit: what is asked of the one fits the other.
  const kinds: Readonly<Partial<Record<string, EditKind<PlainEdit>>>> = EDIT_KINDS
  return kinds[edit.kind] ?? NOT_KNOWN
}

/** The yard after an edit, and what takes it back. @throws Refusal where it does not fit */
export function done(yard: Yard, edit: Edit): Done {
  if (!isEdit(edit, 'batch')) return kindOf(edit).apply(yard, edit)
  const inverses: Edit[] = []
  let now = yard
  for (const each of edit.edits) {
    const one = done(now, each)
    now = one.yard
    inverses.unshift(one.inverse)
  }
  return { yard: now, inverse: { kind: 'batch', edits: inverses } }
}

/** Everything that an edit writes in a yard as it was before the edit. */
export function cellsOf(edit: Edit, yard: Yard): Cell[] {
  return leavesOf(edit).flatMap((leaf) => kindOf(leaf).cells(leaf, yard))
}

/** The hives of a yard that an edit touches; `WHOLE_YARD` for the yard's own settings. */
export function hivesTouchedBy(edit: Edit, yard: Yard): string[] {
  return [...new Set(leavesOf(edit).flatMap((leaf) => kindOf(leaf).hives(leaf, yard)))]
}

/** Whether a stage that is planned by hand may hold an edit. */
export function isPlannable(edit: Edit, yard: Yard): boolean {
  return leavesOf(edit).every((leaf) => kindOf(leaf).isPlannable(leaf, yard))
}

/**
 * Whether an edit is one that who helps makes: a step of a visit, what was seen on the combs, or a loan; undoing
 * it is one too. Common practice: a helper ticks and looks, the keeper plans.
 */
export function isHelpersEdit(edit: Edit): boolean {
  const parts = leavesOf(edit).map((leaf) => kindOf(leaf).helper(leaf))
  const all = (part: HelpersPart) => parts.every((one) => one.includes(part))
  return all('seen') || (parts.length > 0 && all('loan')) || (parts.some((one) => one.includes('tick')) && all('step'))
}

/** What an edit does: of several the one that says most. */
export function doesOf(edit: Edit): Does {
  if (!isEdit(edit, 'batch')) return kindOf(edit).does(edit)
  const has = (kind: Edit['kind']) => edit.edits.some((one) => isEdit(one, kind))
  if (has('set-visit')) return { doing: 'ticking' }
  if (has('add-part') && has('take-off')) return { doing: 'swapping-a-part' }
  return edit.edits[0] ? doesOf(edit.edits[0]) : { doing: 'nothing' }
}
