import type { Yard } from '../../model/yard'
import { type Done, placeIn, stackWith, hiveOf, withHive, without } from '../applying'
import { type EditKind, ofAVisit, inAnyPlan, stackCell } from '../kind'

/** Moves a part to another place of its stack. */
export interface MovePart {
  readonly kind: 'move-part'
  readonly partId: string
  readonly fromHiveId: string
  readonly toHiveId: string
  readonly at: number
}

function apply(yard: Yard, { partId, fromHiveId, toHiveId, at }: MovePart): Done {
  const from = hiveOf(yard, fromHiveId)
  const wasAt = placeIn(from, partId)
  const lifted = withHive(yard, { ...from, stack: without(from.stack, wasAt) })
  const moved = withHive(lifted, stackWith(hiveOf(lifted, toHiveId), at, from.stack[wasAt]!))
  return { yard: moved, inverse: { kind: 'move-part', partId, fromHiveId: toHiveId, toHiveId: fromHiveId, at: wasAt } }
}

export const MOVE_PART: EditKind<MovePart> = {
  apply,
  cells: ({ fromHiveId, toHiveId }) => [stackCell(fromHiveId), stackCell(toHiveId)],
  hives: ({ fromHiveId, toHiveId }) => [fromHiveId, toHiveId],
  helper: ofAVisit,
  isPlannable: inAnyPlan,
  does: () => ({ doing: 'moving-a-part' }),
}
