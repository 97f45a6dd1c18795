import { isKeyed } from '../edits/change-part'
import type { Edit } from '../edits/edit'
import { partIdsOf, type Yard } from '../model/yard'

/**
 * What an edit writes, as paths from the coarse to the fine (`hive`, its identity, `stack`). Two edits are about the
 * same thing where one's path is the beginning of the other's.
 */
export type Cell = readonly string[]

const stackOf = (hiveId: string): Cell => ['hive', hiveId, 'stack']

/** Everything that an edit writes in a yard as it was before the edit. */
export function cellsOf(edit: Edit, yard: Yard): Cell[] {
  switch (edit.kind) {
    case 'add-part':
    case 'discard-part':
      return [stackOf(edit.hiveId), ['part', 'part' in edit ? edit.part.id : edit.partId]]
    case 'place-part':
    case 'take-off':
      return [stackOf(edit.hiveId)]
    case 'move-part':
      return [stackOf(edit.fromHiveId), stackOf(edit.toHiveId)]
    case 'set-placement':
      return [['hive', edit.hiveId, 'placement', edit.placement.partId]]
    case 'attach-part':
    case 'detach-part':
      return [
        ['hive', edit.hiveId, 'attachments'],
        ['part', 'part' in edit ? edit.part.id : edit.partId],
      ]
    case 'set-part':
      return [['part', edit.part.id]]
    case 'change-part':
      return Object.entries(edit.change).flatMap(([field, value]) => fieldCells(['part', edit.partId, field], value))
    case 'set-hive':
      return (['name', 'stage', 'note'] as const)
        .filter((field) => edit[field] !== undefined)
        .map((field) => ['hive', edit.hiveId, field])
    case 'accept-finding':
      return [['hive', edit.hiveId, 'accepted', edit.acceptance.findingKey]]
    case 'withdraw-acceptance':
      return [['hive', edit.hiveId, 'accepted', edit.findingKey]]
    case 'add-hive':
      return [['hive', edit.hive.id], ...edit.parts.map(({ part }): Cell => ['part', part.id])]
    case 'remove-hive':
      return [['hive', edit.hiveId], ...partsOf(yard, edit.hiveId).map((id): Cell => ['part', id])]
    case 'replace-hive':
    case 'restore-hive':
      return [['hive', edit.hive.id], ...edit.parts.map(({ id }): Cell => ['part', id])]
    case 'set-yard':
      return (['name', 'note', 'band', 'prolific'] as const)
        .filter((field) => edit[field] !== undefined)
        .map((field) => ['yard', field])
    case 'set-override':
      return [['yard', 'override', edit.key]]
    case 'set-pattern':
    case 'set-hanging':
      return [['yard', 'pattern', edit.patternId]]
    case 'set-year':
      return [['yard', 'season']]
    case 'set-way':
      return [['hive', edit.hiveId, 'season']]
    case 'set-visit':
      return [['hive', edit.hiveId, 'visit']]
    case 'batch':
      return edit.edits.flatMap((each) => cellsOf(each, yard))
    default:
      return [['part', 'part' in edit ? edit.part.id : edit.partId]]
  }
}

function fieldCells(path: Cell, value: unknown): Cell[] {
  return isKeyed(path[2]!) ? Object.keys({ ...Object(value) }).map((key) => [...path, key]) : [path]
}

function partsOf(yard: Yard, hiveId: string): string[] {
  const hive = yard.hives.find(({ id }) => id === hiveId)
  return hive ? partIdsOf(hive) : []
}

/** True where one is the other, or holds it. */
export function meets(a: Cell, b: Cell): boolean {
  const length = Math.min(a.length, b.length)
  return a.slice(0, length).every((part, i) => part === b[i])
}

/** The hive that a cell is about: its own, or the one that its part stands in; undefined for the yard and the shed. */
export function hiveOfCell(cell: Cell, yards: readonly Yard[]): string | undefined {
  if (cell[0] === 'hive') return cell[1]
  if (cell[0] !== 'part') return undefined
  return yards.flatMap(({ hives }) => hives).find((hive) => partIdsOf(hive).includes(cell[1]!))?.id
}
