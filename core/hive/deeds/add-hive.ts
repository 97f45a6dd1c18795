import type { Edit } from '../edit'
import type { Hive, Part, Yard } from '../model'

/** Sets a hive down in a yard, it and its parts after those that are there unless a place is said. */
export function addHive(
  yard: Yard,
  hive: Hive,
  parts: readonly Part[],
  at = yard.hives.length,
  partsAt = yard.parts.length,
): Edit {
  return { kind: 'add-hive', at, hive, parts: parts.map((part, n) => ({ at: partsAt + n, part })) }
}

/** Takes a hive out of its yard, with its parts. */
export function removeHive({ id }: Hive): Edit {
  return { kind: 'remove-hive', hiveId: id }
}
