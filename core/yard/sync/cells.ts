import type { Cell } from '../edits/kind'
import { partIdsOf, type Yard } from '../model/yard'

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
