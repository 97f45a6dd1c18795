import type { Placement, Yard } from '../../model/yard'
import { type Done, stackWith, hiveOf, mustBeFree, partOf, withHive } from '../applying'
import { type EditKind, ofAVisit, inAnyPlan, stackCell } from '../kind'

/** Puts a part of the shed onto a hive. */
export interface PlacePart {
  readonly kind: 'place-part'
  readonly hiveId: string
  readonly at: number
  readonly placement: Placement
}

function apply(yard: Yard, { hiveId, at, placement }: PlacePart): Done {
  partOf(yard, placement.partId)
  mustBeFree(yard, placement.partId)
  return {
    yard: withHive(yard, stackWith(hiveOf(yard, hiveId), at, placement)),
    inverse: { kind: 'take-off', hiveId, partId: placement.partId },
  }
}

export const PLACE_PART: EditKind<PlacePart> = {
  apply,
  cells: ({ hiveId }) => [stackCell(hiveId)],
  hives: ({ hiveId }) => [hiveId],
  helper: ofAVisit,
  isPlannable: inAnyPlan,
  does: () => ({ doing: 'adding-a-part' }),
}
