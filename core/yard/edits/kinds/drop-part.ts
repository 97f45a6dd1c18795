import type { Yard } from '../../model/yard'
import { type Done, mustBeFree, partOf, without } from '../applying'
import { type EditKind, ofAVisit, inNoPlan } from '../kind'

/** A part of the shed that the yard no longer owns. */
export interface DropPart {
  readonly kind: 'drop-part'
  readonly partId: string
}

function apply(yard: Yard, { partId }: DropPart): Done {
  const part = partOf(yard, partId)
  mustBeFree(yard, partId)
  const at = yard.parts.indexOf(part)
  return { yard: { ...yard, parts: without(yard.parts, at) }, inverse: { kind: 'stock-part', at, part } }
}

export const DROP_PART: EditKind<DropPart> = {
  apply,
  cells: ({ partId }) => [['part', partId]],
  hives: () => [],
  helper: ofAVisit,
  isPlannable: inNoPlan,
  does: () => ({ doing: 'dropping-from-the-shed' }),
}
