import type { Rule } from '../rule'
import { isDrainBox } from './drain-box'
import { inEachBox } from './filled-box'

/** Frames that drain in place hang above the brood. */
export const DRAIN_IN_BROOD: Rule<'frames.drain-in-brood'> = {
  id: 'frames.drain-in-brood',
  of: 'box',
  find: inEachBox((filled) =>
    isDrainBox(filled) && filled.across.overlapMm === 0 && filled.box.placement.role === 'brood'
      ? { severity: 'mend', partIds: [filled.box.part.id] }
      : undefined,
  ),
}
