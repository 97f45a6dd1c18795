import type { BandPreset, Yard } from '../../model/yard'
import { fieldsOf, type Done } from '../applying'
import { type Cell, type EditKind, keepers, inNoPlan, WHOLE_YARD } from '../kind'

/** Changes what is said of a yard. */
export interface SetYard {
  readonly kind: 'set-yard'
  readonly name?: string
  readonly note?: string
  readonly band?: BandPreset
  readonly prolific?: boolean
}

const NAMES = ['name', 'note', 'band', 'prolific'] as const

function apply(yard: Yard, edit: SetYard): Done {
  return {
    yard: { ...yard, ...fieldsOf(edit, edit, NAMES) },
    inverse: { kind: 'set-yard', ...fieldsOf(yard, edit, NAMES) },
  }
}

export const SET_YARD: EditKind<SetYard> = {
  apply,
  cells: (edit) => NAMES.filter((field) => edit[field] !== undefined).map((field): Cell => ['yard', field]),
  hives: () => [WHOLE_YARD],
  helper: keepers,
  isPlannable: inNoPlan,
  does: () => ({ doing: 'changing-the-yard' }),
}
