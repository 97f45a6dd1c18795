import type { FigureName } from '../../figures'
import type { Length } from '../../units'
import type { EditOf } from '../edits/edit'

/** Overwrites a size of the catalogue for one yard; without a length, takes that back. */
export function overwrite(key: string, length: Length | null): EditOf<'set-override'> {
  return { kind: 'set-override', key, length }
}

/** Overwrites a figure of the trade for one yard, in the unit of its name; without a value, takes that back. */
export function countWith(name: FigureName, value: number | null): EditOf<'set-figure'> {
  return { kind: 'set-figure', name, value }
}
