import type { Part } from '../../../parts'
import type { Placement, Yard } from '../../model/yard'
import { type Done, stackWith, hiveOf, mustBeNew, refuse, withHive } from '../applying'
import { type EditKind, ofAVisit, inAnyPlan, stackCell } from '../kind'

/** Puts a new part into a hive's stack or the shed. */
export interface AddPart {
  readonly kind: 'add-part'
  readonly hiveId: string
  readonly at: number
  readonly part: Part
  readonly placement: Placement
}

function apply(yard: Yard, { hiveId, at, part, placement }: AddPart): Done {
  mustBeNew(yard, part.id)
  if (placement.partId !== part.id) refuse('no-such-part', placement.partId)
  const grown = { ...yard, parts: [...yard.parts, part] }
  return {
    yard: withHive(grown, stackWith(hiveOf(yard, hiveId), at, placement)),
    inverse: { kind: 'discard-part', hiveId, partId: part.id },
  }
}

export const ADD_PART: EditKind<AddPart> = {
  apply,
  cells: ({ hiveId, part }) => [stackCell(hiveId), ['part', part.id]],
  hives: ({ hiveId }) => [hiveId],
  helper: ofAVisit,
  isPlannable: inAnyPlan,
  does: () => ({ doing: 'adding-a-part' }),
}
