import type { HangingPattern } from '../../../parts'
import type { Yard } from '../../model/yard'
import { withOwnPattern, type Done, type OwnPattern } from '../applying'
import { type EditKind, keepers, inNoPlan, WHOLE_YARD } from '../kind'

/** Keeps a frame of one's own, or lets it go. */
export interface SetHanging extends OwnPattern<HangingPattern> {
  readonly kind: 'set-hanging'
}

function apply(yard: Yard, edit: SetHanging): Done {
  const { patternId } = edit
  const { list, inverse } = withOwnPattern(yard.hanging, edit, () =>
    yard.parts.some((part) => part.contents.some((content) => content.patternId === patternId)),
  )
  return { yard: { ...yard, hanging: list }, inverse: { kind: 'set-hanging', ...inverse } }
}

export const SET_HANGING: EditKind<SetHanging> = {
  apply,
  cells: ({ patternId }) => [['yard', 'pattern', patternId]],
  hives: () => [WHOLE_YARD],
  helper: keepers,
  isPlannable: inNoPlan,
  does: ({ pattern }) => ({ doing: pattern ? 'keeping-a-pattern' : 'removing-a-pattern' }),
}
