import type { Part } from '../../../parts'
import { canonical } from '../../../units'
import type { Yard } from '../../model/yard'
import { type Done, withPart, mustBeFree, partOf, refuse } from '../applying'
import { type EditKind, ofALoan, inNoPlan } from '../kind'
import { withoutLoan } from '../without-loan'

/** Out of the shed to others: the part as it goes, with its loan. */
export interface LendPart {
  readonly kind: 'lend-part'
  readonly part: Part
}

/** Out of the shed to others, just as it is; what is borrowed is not lent on. */
function apply(yard: Yard, { part }: LendPart): Done {
  const before = partOf(yard, part.id)
  mustBeFree(yard, part.id)
  const isSame = canonical(withoutLoan(part)) === canonical(before)
  if (!part.lent || part.borrowed || before.borrowed || !isSame) refuse('part-not-lent', part.id)
  return { yard: withPart(yard, part), inverse: { kind: 'take-back', part: before } }
}

export const LEND_PART: EditKind<LendPart> = {
  apply,
  cells: ({ part }) => [['part', part.id]],
  hives: () => [],
  helper: ofALoan,
  isPlannable: inNoPlan,
  does: ({ part }) => ({ doing: 'lending', to: part.lent?.name ?? 'others' }),
}
