import { meaningOf } from '../../yard'
import type { Rule } from '../rule'
import { inEachBox } from './filled-box'
import { pushTogether } from './remedies'

/** Places between frames in which nothing hangs. */
export const EMPTY_PLACE: Rule<'frames.empty-place', { readonly places: number; readonly building: boolean }> = {
  id: 'frames.empty-place',
  of: 'box',
  find: inEachBox(({ box, across, gaps }, { stage }) => {
    const places = gaps.reduce((sum, gap) => sum + gap.emptyPlaces, 0)
    if (places === 0 || across.overlapMm > 0) return undefined
    const building = meaningOf(stage).buildsComb
    return {
      severity: building ? 'mend' : 'watch',
      partIds: [box.part.id],
      facts: { places, building },
      ways: () => [pushTogether(box.resolved)],
    }
  }),
}
