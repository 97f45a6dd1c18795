import { type Hive, type HiveOfYard, type Yard, partIdsOf } from '../../model/yard'
import { type Done, insert, mustBeFree, partOf, refuse } from '../applying'
import { type Cell, type EditKind, keepers, inNoPlan } from '../kind'
import type { PartAt } from '../part-fields'

/** Puts a hive into a yard, with its parts. */
export interface AddHive {
  readonly kind: 'add-hive'
  readonly at: number
  readonly hive: Hive
  readonly parts: readonly PartAt[]
  /** Where its book comes from: what was written there comes along. */
  readonly book?: HiveOfYard
}

function apply(yard: Yard, { at, hive, parts, book }: AddHive): Done {
  if (yard.hives.some((other) => other.id === hive.id)) refuse('identity-taken', hive.id)
  const grown = parts.reduce(
    (list, entry) => {
      if (list.some((part) => part.id === entry.part.id)) refuse('identity-taken', entry.part.id)
      return insert(list, entry.at, entry.part, entry.part.id)
    },
    [...yard.parts],
  )
  const withParts = { ...yard, parts: grown }
  for (const partId of partIdsOf(hive)) {
    partOf(withParts, partId)
    mustBeFree(yard, partId)
  }
  return {
    yard: { ...withParts, hives: insert(yard.hives, at, hive, hive.id) },
    inverse: { kind: 'remove-hive', hiveId: hive.id, ...(book ? { book } : {}) },
  }
}

export const ADD_HIVE: EditKind<AddHive> = {
  apply,
  cells: ({ hive, parts }) => [['hive', hive.id], ...parts.map(({ part }): Cell => ['part', part.id])],
  hives: ({ hive }) => [hive.id],
  helper: keepers,
  isPlannable: inNoPlan,
  does: ({ hive }) => ({ doing: 'adding-a-hive', to: hive.name }),
}
