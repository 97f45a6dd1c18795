import type { Edit } from '../edits/edit'
import type { Part } from '../../parts'
import type { Yard } from '../model/yard'
import { together } from './together'

/** Puts new parts into the shed. */
export function stock({ parts: owned }: Pick<Yard, 'parts'>, parts: readonly Part[]): Edit {
  return together(...parts.map((part, n): Edit => ({ kind: 'stock-part', at: owned.length + n, part })))
}

/** Takes parts out of the shed that are owned no more. */
export function drop(parts: readonly Pick<Part, 'id'>[]): Edit {
  return together(...parts.map(({ id }): Edit => ({ kind: 'drop-part', partId: id })))
}
