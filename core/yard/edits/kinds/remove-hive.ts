import { type HiveOfYard, type Yard, partIdsOf } from '../../model/yard'
import { type Done, hiveOf, without } from '../applying'
import { type Cell, type EditKind, keepers, inNoPlan } from '../kind'

/** With where its book goes to: what was written here goes back along. */
export interface RemoveHive {
  readonly kind: 'remove-hive'
  readonly hiveId: string
  readonly book?: HiveOfYard
}

/** Takes a hive away with everything that stands on it. */
function apply(yard: Yard, { hiveId, book }: RemoveHive): Done {
  const hive = hiveOf(yard, hiveId)
  const gone = new Set(partIdsOf(hive))
  const parts = yard.parts.flatMap((part, at) => (gone.has(part.id) ? [{ at, part }] : []))
  const at = yard.hives.indexOf(hive)
  return {
    yard: { ...yard, hives: without(yard.hives, at), parts: yard.parts.filter((part) => !gone.has(part.id)) },
    inverse: { kind: 'add-hive', at, hive, parts, ...(book ? { book } : {}) },
  }
}

export const REMOVE_HIVE: EditKind<RemoveHive> = {
  apply,
  cells: ({ hiveId }, { hives }) => {
    const hive = hives.find(({ id }) => id === hiveId)
    return [['hive', hiveId], ...(hive ? partIdsOf(hive) : []).map((id): Cell => ['part', id])]
  },
  hives: ({ hiveId }) => [hiveId],
  helper: keepers,
  isPlannable: inNoPlan,
  does: () => ({ doing: 'removing-a-hive' }),
}
