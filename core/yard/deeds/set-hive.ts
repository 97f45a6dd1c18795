import type { Edit, EditOf } from '../edits/edit'
import type { Hive } from '../model/yard'

/** Says a hive's name, stage or note otherwise. */
export function setHive({ id }: Hive, change: Pick<EditOf<'set-hive'>, 'name' | 'stage' | 'note'>): Edit {
  return { kind: 'set-hive', hiveId: id, ...change }
}
