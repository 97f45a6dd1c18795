import type { Length } from '../../units'
import type { EditOf } from '../edits/edit'

/** Overwrites a figure of the catalogue or a limit for one yard; without a length, takes that back. */
export function overwrite(key: string, length: Length | null): EditOf<'set-override'> {
  return { kind: 'set-override', key, length }
}
