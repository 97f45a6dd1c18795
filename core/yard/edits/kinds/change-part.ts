import type { Yard } from '../../model/yard'
import { type Done, hivesWith, partOf, withPart } from '../applying'
import { inverseOfChange, withChange, isKeyed } from '../change-part'
import type { Cell, EditKind } from '../kind'
import type { PartFields, PartOrder } from '../part-fields'

/** Changes fields of a part. */
export interface ChangePart {
  readonly kind: 'change-part'
  readonly partId: string
  readonly change: PartFields
  readonly order?: PartOrder
}

/** What is seen at the hive: frames and readings, never the name or the pattern of a part. */
const SEEN = ['contents', 'readings']

function isWithin(change: PartFields, fields: readonly string[]): boolean {
  return Object.keys(change).every((field) => fields.includes(field))
}

function fieldCells(path: Cell, value: unknown): Cell[] {
  return isKeyed(path[2]!) ? Object.keys({ ...Object(value) }).map((key) => [...path, key]) : [path]
}

function apply(yard: Yard, edit: ChangePart): Done {
  const before = partOf(yard, edit.partId)
  return {
    yard: withPart(yard, withChange(before, edit)),
    inverse: inverseOfChange(before, edit),
  }
}

export const CHANGE_PART: EditKind<ChangePart> = {
  apply,
  cells: ({ partId, change }) =>
    Object.entries(change).flatMap(([field, value]) => fieldCells(['part', partId, field], value)),
  hives: ({ partId }, yard) => hivesWith(yard, partId),
  helper: ({ change }) => (isWithin(change, SEEN) ? ['seen', 'step'] : ['step']),
  isPlannable: ({ change }) => isWithin(change, ['hole']),
  does: () => ({ doing: 'changing-a-part' }),
}
