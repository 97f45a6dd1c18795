import type { Yard } from '../../model/yard'
import { type Done, placeIn, restoring, hiveOf, partOf, withHive, without } from '../applying'
import type { Edit } from '../edit'
import { type EditKind, ofAVisit, inAnyPlan, stackCell } from '../kind'

/** The inverse of an addition: the part leaves the stack and the yard's list. */
export interface DiscardPart {
  readonly kind: 'discard-part'
  readonly hiveId: string
  readonly partId: string
}

function apply(yard: Yard, { hiveId, partId }: DiscardPart): Done {
  const hive = hiveOf(yard, hiveId)
  const at = placeIn(hive, partId)
  const part = partOf(yard, partId)
  const shrunk = { ...yard, parts: yard.parts.filter((other) => other.id !== partId) }
  const inverse: Edit =
    yard.parts.at(-1) === part
      ? { kind: 'add-part', hiveId, at, part, placement: hive.stack[at]! }
      : restoring(yard, hive)
  return { yard: withHive(shrunk, { ...hive, stack: without(hive.stack, at) }), inverse }
}

export const DISCARD_PART: EditKind<DiscardPart> = {
  apply,
  cells: ({ hiveId, partId }) => [stackCell(hiveId), ['part', partId]],
  hives: ({ hiveId }) => [hiveId],
  helper: ofAVisit,
  isPlannable: inAnyPlan,
  does: () => ({ doing: 'taking-a-part-off' }),
}
