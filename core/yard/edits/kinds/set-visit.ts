import type { Visit } from '../../model/season'
import type { Yard } from '../../model/yard'
import { type Done, withPlans, hiveOf, refuse, withHive } from '../applying'
import { type EditKind, inNoPlan } from '../kind'

/** A visit goes on only from where it is: a step ticked a second time, or by two people at once, is refused. */
export interface SetVisit {
  readonly kind: 'set-visit'
  readonly hiveId: string
  readonly visit: Visit | null
  readonly doneBefore: number | null
}

function apply(yard: Yard, { hiveId, visit, doneBefore }: SetVisit): Done {
  const hive = hiveOf(yard, hiveId)
  if ((hive.visit?.done ?? null) !== doneBefore) refuse('visit-moved-on', hiveId)
  return {
    yard: withHive(yard, withPlans(hive, hive.season, visit)),
    inverse: { kind: 'set-visit', hiveId, visit: hive.visit ?? null, doneBefore: visit?.done ?? null },
  }
}

export const SET_VISIT: EditKind<SetVisit> = {
  apply,
  cells: ({ hiveId }) => [['hive', hiveId, 'visit']],
  hives: ({ hiveId }) => [hiveId],
  helper: () => ['seen', 'step', 'tick'],
  isPlannable: inNoPlan,
  does: ({ visit }) => ({
    doing: visit === null ? 'ending-a-visit' : visit.done === 0 ? 'starting-a-visit' : 'ticking',
  }),
}
