import type { Edit } from '../edits/edit'
import type { Hive, Placement } from '../model/yard'
import type { Part } from '../../parts'

/** Puts a new part into a stack. */
export function putOn({ id }: Hive, at: number, part: Part, placement: Placement): Edit {
  return { kind: 'add-part', hiveId: id, at, part, placement }
}

/** Puts a part of the shed into a stack. */
export function putOnFromShed({ id }: Hive, at: number, placement: Placement): Edit {
  return { kind: 'place-part', hiveId: id, at, placement }
}
