import type { HangingPattern } from '../../../parts'
import type { Yard } from '../../model/yard'
import { type Done, changedList, takingBack, refuse } from '../applying'
import { type EditKind, keepers, inNoPlan, WHOLE_YARD } from '../kind'

export interface SetHanging {
  readonly kind: 'set-hanging'
  readonly patternId: string
  readonly pattern: HangingPattern | null
  readonly at?: number
  readonly evenInUse?: boolean
}

function apply(yard: Yard, { patternId, pattern, at, evenInUse }: SetHanging): Done {
  if (
    !pattern &&
    !evenInUse &&
    yard.parts.some((part) => part.contents.some((content) => content.patternId === patternId))
  )
    refuse('pattern-in-use', patternId)
  if (pattern && pattern.id !== patternId) refuse('identity-taken', pattern.id)
  const done = changedList(yard.hanging, ({ id }) => id === patternId, pattern, at, patternId)
  return {
    yard: { ...yard, hanging: done.list },
    inverse: { kind: 'set-hanging', patternId, pattern: done.before, at: done.at, ...takingBack(done.before) },
  }
}

export const SET_HANGING: EditKind<SetHanging> = {
  apply,
  cells: ({ patternId }) => [['yard', 'pattern', patternId]],
  hives: () => [WHOLE_YARD],
  helper: keepers,
  isPlannable: inNoPlan,
  does: ({ pattern }) => ({ doing: pattern ? 'keeping-a-pattern' : 'removing-a-pattern' }),
}
