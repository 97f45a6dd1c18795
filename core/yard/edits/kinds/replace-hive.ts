import type { Part } from '../../../parts'
import type { Hive, Yard } from '../../model/yard'
import { type Done, finishHive, hiveOf } from '../applying'
import { type Cell, type EditKind, keepers, inAnyPlan } from '../kind'

/** Lays a whole version of a hive over the one that stands; parts it no longer has go to the shed. */
export interface ReplaceHive {
  readonly kind: 'replace-hive'
  readonly hive: Hive
  readonly parts: readonly Part[]
}

function apply(yard: Yard, { hive, parts }: ReplaceHive): Done {
  const before = hiveOf(yard, hive.id)
  const given = new Map(parts.map((part) => [part.id, part]))
  const known = new Set(yard.parts.map((part) => part.id))
  const merged = [
    ...yard.parts.map((part) => given.get(part.id) ?? part),
    ...parts.filter((part) => !known.has(part.id)),
  ]
  return finishHive(yard, before, hive, merged, given)
}

export const REPLACE_HIVE: EditKind<ReplaceHive> = {
  apply,
  cells: ({ hive, parts }) => [['hive', hive.id], ...parts.map(({ id }): Cell => ['part', id])],
  hives: ({ hive }) => [hive.id],
  helper: keepers,
  isPlannable: inAnyPlan,
  does: ({ hive }) => ({ doing: 'laying-over', to: hive.name }),
}
