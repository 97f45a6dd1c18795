import type { Part } from '../../../parts'
import type { Yard } from '../../model/yard'
import { type Done, insert, mustBeNew } from '../applying'
import { type EditKind, ofAVisit, inNoPlan } from '../kind'

/** A part that the yard owns and that stands nowhere yet. */
export interface StockPart {
  readonly kind: 'stock-part'
  readonly at: number
  readonly part: Part
}

function apply(yard: Yard, { at, part }: StockPart): Done {
  mustBeNew(yard, part.id)
  return {
    yard: { ...yard, parts: insert(yard.parts, at, part, part.id) },
    inverse: { kind: 'drop-part', partId: part.id },
  }
}

export const STOCK_PART: EditKind<StockPart> = {
  apply,
  cells: ({ part }) => [['part', part.id]],
  hives: () => [],
  helper: ofAVisit,
  isPlannable: inNoPlan,
  does: () => ({ doing: 'adding-to-the-shed' }),
}
