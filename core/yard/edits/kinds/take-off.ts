import type { Yard } from '../../model/yard'
import { type Done, placeIn, hiveOf, withHive, without } from '../applying'
import { type EditKind, ofAVisit, inAnyPlan, stackCell } from '../kind'

/** Takes a part off a hive, into the shed. */
export interface TakeOff {
  readonly kind: 'take-off'
  readonly hiveId: string
  readonly partId: string
}

function apply(yard: Yard, { hiveId, partId }: TakeOff): Done {
  const hive = hiveOf(yard, hiveId)
  const at = placeIn(hive, partId)
  return {
    yard: withHive(yard, { ...hive, stack: without(hive.stack, at) }),
    inverse: { kind: 'place-part', hiveId, at, placement: hive.stack[at]! },
  }
}

export const TAKE_OFF: EditKind<TakeOff> = {
  apply,
  cells: ({ hiveId }) => [stackCell(hiveId)],
  hives: ({ hiveId }) => [hiveId],
  helper: ofAVisit,
  isPlannable: inAnyPlan,
  does: () => ({ doing: 'taking-a-part-off' }),
}
