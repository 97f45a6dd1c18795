import type { HiveSeason } from '../../model/season'
import type { Yard } from '../../model/yard'
import { type Done, withPlans, hiveOf, withHive } from '../applying'
import { type EditKind, keepers, inNoPlan } from '../kind'

/** Changes how a hive is kept through its year. */
export interface SetWay {
  readonly kind: 'set-way'
  readonly hiveId: string
  readonly season: HiveSeason | null
}

function apply(yard: Yard, { hiveId, season }: SetWay): Done {
  const hive = hiveOf(yard, hiveId)
  return {
    yard: withHive(yard, withPlans(hive, season, hive.visit)),
    inverse: { kind: 'set-way', hiveId, season: hive.season ?? null },
  }
}

export const SET_WAY: EditKind<SetWay> = {
  apply,
  cells: ({ hiveId }) => [['hive', hiveId, 'season']],
  hives: ({ hiveId }) => [hiveId],
  helper: keepers,
  isPlannable: inNoPlan,
  does: () => ({ doing: 'changing-a-plan' }),
}
