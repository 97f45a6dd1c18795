import type { Edit, EditOf } from '../edits/edit'

/** Says a yard's name, note, band or strain otherwise. */
export function setYard(change: Omit<EditOf<'set-yard'>, 'kind'>): Edit {
  return { kind: 'set-yard', ...change }
}
