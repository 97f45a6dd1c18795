import type { Pattern } from '../../../parts'
import type { Yard } from '../../model/yard'
import { withOwnPattern, type Done, type OwnPattern } from '../applying'
import { type EditKind, keepers, inNoPlan, WHOLE_YARD } from '../kind'

/** Keeps a pattern of one's own, or lets it go. */
export interface SetPattern extends OwnPattern<Pattern> {
  readonly kind: 'set-pattern'
}

function apply(yard: Yard, edit: SetPattern): Done {
  const { patternId } = edit
  const { list, inverse } = withOwnPattern(yard.patterns, edit, () =>
    yard.parts.some((part) => part.patternId === patternId),
  )
  return { yard: { ...yard, patterns: list }, inverse: { kind: 'set-pattern', ...inverse } }
}

export const SET_PATTERN: EditKind<SetPattern> = {
  apply,
  cells: ({ patternId }) => [['yard', 'pattern', patternId]],
  hives: () => [WHOLE_YARD],
  helper: keepers,
  isPlannable: inNoPlan,
  does: ({ pattern }) => ({ doing: pattern ? 'keeping-a-pattern' : 'removing-a-pattern' }),
}
