import type { Part } from '../../../parts'
import type { Hive, Yard } from '../../model/yard'
import { type Done, finishHive, hiveOf, refuse } from '../applying'
import { type Cell, type EditKind, keepers, inNoPlan } from '../kind'

/** Puts a hive back as it was. */
export interface RestoreHive {
  readonly kind: 'restore-hive'
  readonly hive: Hive
  readonly parts: readonly Part[]
  readonly partOrder: readonly string[]
}

function apply(yard: Yard, { hive, parts, partOrder }: RestoreHive): Done {
  const before = hiveOf(yard, hive.id)
  const pool = new Map([...yard.parts, ...parts].map((part) => [part.id, part]))
  const ordered = partOrder.map((partId) => pool.get(partId) ?? refuse('no-such-part', partId))
  return finishHive(yard, before, hive, ordered, new Map(parts.map((part) => [part.id, part])))
}

export const RESTORE_HIVE: EditKind<RestoreHive> = {
  apply,
  cells: ({ hive, parts }) => [['hive', hive.id], ...parts.map(({ id }): Cell => ['part', id])],
  hives: ({ hive }) => [hive.id],
  helper: keepers,
  isPlannable: inNoPlan,
  does: ({ hive }) => ({ doing: 'laying-over', to: hive.name }),
}
