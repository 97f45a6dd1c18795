import type { Yard } from '../../model/yard'
import { type Done, restoring, hiveOf, refuse, withHive, without } from '../applying'
import type { Edit } from '../edit'
import { type EditKind, keepers, inNoPlan } from '../kind'

/** Takes back that a finding may stay. */
export interface WithdrawAcceptance {
  readonly kind: 'withdraw-acceptance'
  readonly hiveId: string
  readonly findingKey: string
}

function apply(yard: Yard, { hiveId, findingKey }: WithdrawAcceptance): Done {
  const hive = hiveOf(yard, hiveId)
  const at = hive.accepted.findIndex((acceptance) => acceptance.findingKey === findingKey)
  if (at < 0) refuse('no-such-acceptance', findingKey)
  const last = at === hive.accepted.length - 1
  const inverse: Edit = last
    ? { kind: 'accept-finding', hiveId, acceptance: hive.accepted[at]! }
    : restoring(yard, hive)
  return { yard: withHive(yard, { ...hive, accepted: without(hive.accepted, at) }), inverse }
}

export const WITHDRAW_ACCEPTANCE: EditKind<WithdrawAcceptance> = {
  apply,
  cells: ({ hiveId, findingKey }) => [['hive', hiveId, 'accepted', findingKey]],
  hives: ({ hiveId }) => [hiveId],
  helper: keepers,
  isPlannable: inNoPlan,
  does: () => ({ doing: 'withdrawing' }),
}
