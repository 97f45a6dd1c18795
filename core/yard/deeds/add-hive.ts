import type { Edit } from '../edits/edit'
import type { Hive, HiveOfYard, Yard } from '../model/yard'
import type { Part } from '../../parts'

/**
 * Sets a hive down in a yard, it and its parts after those that are there unless a place is said.
 * @param book the hive whose book comes along
 */
export function addHive(
  yard: Yard,
  hive: Hive,
  parts: readonly Part[],
  at = yard.hives.length,
  partsAt = yard.parts.length,
  book?: HiveOfYard,
): Edit {
  const added = parts.map((part, n) => ({ at: partsAt + n, part }))
  return { kind: 'add-hive', at, hive, parts: added, ...(book ? { book } : {}) }
}

/** Takes a hive out of its yard, with its parts. */
export function removeHive({ id }: Hive): Edit {
  return { kind: 'remove-hive', hiveId: id }
}
