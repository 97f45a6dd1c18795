import type { Part } from '../../../parts'
import { canonical } from '../../../units'
import type { Yard } from '../../model/yard'
import { type Done, withPart, partOf, refuse } from '../applying'
import type { Edit } from '../edit'
import { type EditKind, ofALoan, inNoPlan } from '../kind'
import { withoutLoan } from '../without-loan'

/** Back from others: the part as it comes. */
export interface TakeBack {
  readonly kind: 'take-back'
  readonly part: Part
}

/** Back in the shed, with what it has held meanwhile. */
function apply(yard: Yard, { part }: TakeBack): Done {
  const before = partOf(yard, part.id)
  const isOther = part.lent !== undefined || part.borrowed !== undefined || part.patternId !== before.patternId
  if (!before.lent || isOther) refuse('part-not-lent', part.id)
  const lend: Edit = { kind: 'lend-part', part: before }
  const went = withoutLoan(before)
  const inverse: Edit =
    canonical(went) === canonical(part) ? lend : { kind: 'batch', edits: [{ kind: 'set-part', part: went }, lend] }
  return { yard: withPart(yard, part), inverse }
}

export const TAKE_BACK: EditKind<TakeBack> = {
  apply,
  cells: ({ part }) => [['part', part.id]],
  hives: () => [],
  helper: ofALoan,
  isPlannable: inNoPlan,
  does: () => ({ doing: 'taking-back' }),
}
