import type { YardSeason } from '../../model/season'
import type { Yard } from '../../model/yard'
import type { Done } from '../applying'
import { type EditKind, keepers, inNoPlan, WHOLE_YARD } from '../kind'

/** Changes the year of a yard: its climate, calendar and way. */
export interface SetYear {
  readonly kind: 'set-year'
  readonly season: YardSeason | null
}

function apply(yard: Yard, { season }: SetYear): Done {
  const { season: before, ...rest } = yard
  return { yard: season ? { ...rest, season } : rest, inverse: { kind: 'set-year', season: before ?? null } }
}

export const SET_YEAR: EditKind<SetYear> = {
  apply,
  cells: () => [['yard', 'season']],
  hives: () => [WHOLE_YARD],
  helper: keepers,
  isPlannable: inNoPlan,
  does: () => ({ doing: 'changing-the-year' }),
}
