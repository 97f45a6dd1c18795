import type { Yard } from '../../model/yard'
import { type Done, mustBeFree, partOf, refuse, without } from '../applying'
import { type EditKind, ofALoan, inNoPlan } from '../kind'

/** What stands on a hive is taken off first: it is not given back with bees on it. */
export interface GiveBack {
  readonly kind: 'give-back'
  readonly partId: string
}

function apply(yard: Yard, { partId }: GiveBack): Done {
  const part = partOf(yard, partId)
  mustBeFree(yard, partId)
  if (!part.borrowed) refuse('part-not-lent', partId)
  const at = yard.parts.indexOf(part)
  return { yard: { ...yard, parts: without(yard.parts, at) }, inverse: { kind: 'borrow-part', at, part } }
}

export const GIVE_BACK: EditKind<GiveBack> = {
  apply,
  cells: ({ partId }) => [['part', partId]],
  hives: () => [],
  helper: ofALoan,
  isPlannable: inNoPlan,
  does: () => ({ doing: 'giving-back' }),
}
