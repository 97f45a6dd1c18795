import type { Pattern } from '../../../parts'
import type { Yard } from '../../model/yard'
import { type Done, changedList, takingBack, refuse } from '../applying'
import { type EditKind, keepers, inNoPlan, WHOLE_YARD } from '../kind'

export interface SetPattern {
  readonly kind: 'set-pattern'
  readonly patternId: string
  readonly pattern: Pattern | null
  readonly at?: number
  readonly evenInUse?: boolean
}

function apply(yard: Yard, { patternId, pattern, at, evenInUse }: SetPattern): Done {
  if (!pattern && !evenInUse && yard.parts.some((part) => part.patternId === patternId))
    refuse('pattern-in-use', patternId)
  if (pattern && pattern.id !== patternId) refuse('identity-taken', pattern.id)
  const done = changedList(yard.patterns, ({ id }) => id === patternId, pattern, at, patternId)
  return {
    yard: { ...yard, patterns: done.list },
    inverse: { kind: 'set-pattern', patternId, pattern: done.before, at: done.at, ...takingBack(done.before) },
  }
}

export const SET_PATTERN: EditKind<SetPattern> = {
  apply,
  cells: ({ patternId }) => [['yard', 'pattern', patternId]],
  hives: () => [WHOLE_YARD],
  helper: keepers,
  isPlannable: inNoPlan,
  does: ({ pattern }) => ({ doing: pattern ? 'keeping-a-pattern' : 'removing-a-pattern' }),
}
