import type { Part } from '../../../parts'
import type { Yard } from '../../model/yard'
import { type Done, insert, mustBeNew, refuse } from '../applying'
import { type EditKind, ofALoan, inNoPlan } from '../kind'

/** From others into the shed: the part with its loan. */
export interface BorrowPart {
  readonly kind: 'borrow-part'
  readonly at: number
  readonly part: Part
}

function apply(yard: Yard, { at, part }: BorrowPart): Done {
  mustBeNew(yard, part.id)
  if (!part.borrowed) refuse('part-not-lent', part.id)
  return {
    yard: { ...yard, parts: insert(yard.parts, at, part, part.id) },
    inverse: { kind: 'give-back', partId: part.id },
  }
}

export const BORROW_PART: EditKind<BorrowPart> = {
  apply,
  cells: ({ part }) => [['part', part.id]],
  hives: () => [],
  helper: ofALoan,
  isPlannable: inNoPlan,
  does: ({ part }) => ({ doing: 'borrowing', to: part.borrowed?.name ?? 'others' }),
}
