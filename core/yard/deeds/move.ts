import type { Edit } from '../edits/edit'
import type { Hive } from '../model/yard'

/** Moves a part within its stack; `at` counts after it has been lifted. */
export function move({ id }: Hive, partId: string, at: number): Edit {
  return { kind: 'move-part', partId, fromHiveId: id, toHiveId: id, at }
}
