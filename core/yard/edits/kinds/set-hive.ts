import type { Yard } from '../../model/yard'
import type { Stage } from '../../stages'
import { fieldsOf, type Done, hiveOf, withHive } from '../applying'
import { type Cell, type EditKind, ofAVisit, inNoPlan } from '../kind'

/** Changes what is said of a hive. */
export interface SetHive {
  readonly kind: 'set-hive'
  readonly hiveId: string
  readonly name?: string
  readonly stage?: Stage
  readonly note?: string
}

const NAMES = ['name', 'stage', 'note'] as const

function apply(yard: Yard, { hiveId, ...edit }: SetHive): Done {
  const hive = hiveOf(yard, hiveId)
  return {
    yard: withHive(yard, { ...hive, ...fieldsOf(edit, edit, NAMES) }),
    inverse: { kind: 'set-hive', hiveId, ...fieldsOf(hive, edit, NAMES) },
  }
}

export const SET_HIVE: EditKind<SetHive> = {
  apply,
  cells: ({ hiveId, ...edit }) =>
    NAMES.filter((field) => edit[field] !== undefined).map((field): Cell => ['hive', hiveId, field]),
  hives: ({ hiveId }) => [hiveId],
  helper: ofAVisit,
  isPlannable: inNoPlan,
  does: () => ({ doing: 'changing-the-hive' }),
}
