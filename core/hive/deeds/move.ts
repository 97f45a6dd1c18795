import type { Edit } from '../edit'
import type { Hive } from '../model'

/** Moves a part within its stack; `at` counts after it has been lifted. */
export function move({ id }: Hive, partId: string, at: number): Edit {
  return { kind: 'move-part', partId, fromHiveId: id, toHiveId: id, at }
}
