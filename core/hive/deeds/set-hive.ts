import type { Edit, EditOf } from '../edit'
import type { Hive } from '../model'

/** Says a hive's name, stage or note otherwise. */
export function setHive({ id }: Hive, change: Pick<EditOf<'set-hive'>, 'name' | 'stage' | 'note'>): Edit {
  return { kind: 'set-hive', hiveId: id, ...change }
}
