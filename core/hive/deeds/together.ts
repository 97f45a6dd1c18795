import type { Edit } from '../edit'

/** Several edits as one: they are done together or not at all, and taken back as one. */
export function together(...edits: readonly Edit[]): Edit {
  return edits.length === 1 ? edits[0]! : { kind: 'batch', edits }
}
