import type { Acceptance, Yard } from '../../model/yard'
import { type Done, restoring, hiveOf, withHive } from '../applying'
import type { Edit } from '../edit'
import { type EditKind, keepers, inNoPlan } from '../kind'

/** Lets a finding stay, with the keeper's word for it. */
export interface AcceptFinding {
  readonly kind: 'accept-finding'
  readonly hiveId: string
  readonly acceptance: Acceptance
}

function apply(yard: Yard, { hiveId, acceptance }: AcceptFinding): Done {
  const hive = hiveOf(yard, hiveId)
  const others = hive.accepted.filter((other) => other.findingKey !== acceptance.findingKey)
  const changed = { ...hive, accepted: [...others, acceptance] }
  const inverse: Edit =
    others.length === hive.accepted.length
      ? { kind: 'withdraw-acceptance', hiveId, findingKey: acceptance.findingKey }
      : restoring(yard, hive)
  return { yard: withHive(yard, changed), inverse }
}

export const ACCEPT_FINDING: EditKind<AcceptFinding> = {
  apply,
  cells: ({ hiveId, acceptance }) => [['hive', hiveId, 'accepted', acceptance.findingKey]],
  hives: ({ hiveId }) => [hiveId],
  helper: keepers,
  isPlannable: inNoPlan,
  does: () => ({ doing: 'accepting' }),
}
