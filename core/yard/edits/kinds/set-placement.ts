import type { Placement, Yard } from '../../model/yard'
import { type Done, placeIn, hiveOf, withHive } from '../applying'
import { type EditKind, ofAVisit, inAnyPlan } from '../kind'

/** Changes how a part stands in its stack. */
export interface SetPlacement {
  readonly kind: 'set-placement'
  readonly hiveId: string
  readonly placement: Placement
}

function apply(yard: Yard, { hiveId, placement }: SetPlacement): Done {
  const hive = hiveOf(yard, hiveId)
  const at = placeIn(hive, placement.partId)
  const stack = hive.stack.map((other, i) => (i === at ? placement : other))
  return {
    yard: withHive(yard, { ...hive, stack }),
    inverse: { kind: 'set-placement', hiveId, placement: hive.stack[at]! },
  }
}

export const SET_PLACEMENT: EditKind<SetPlacement> = {
  apply,
  cells: ({ hiveId, placement }) => [['hive', hiveId, 'placement', placement.partId]],
  hives: ({ hiveId }) => [hiveId],
  helper: ofAVisit,
  isPlannable: inAnyPlan,
  does: () => ({ doing: 'turning-a-part' }),
}
