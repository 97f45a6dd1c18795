import { isFilledBox, isFrame } from '../../parts'
import type { PlacedPart } from '../../stack'
import { meaningOf } from '../../yard'
import { oneOf, type Rule } from '../rule'

/** When the highest box is nearly full, so that the next is given before they need it (common practice). */
export const NEXT_BOX: Rule<'season.next-box', { readonly frames: number; readonly of: number }> = {
  id: 'season.next-box',
  of: 'bees',
  when: ({ nextBoxAt }) => nextBoxAt !== null,
  find: ({ layout }, { stage, planned, figures }) => {
    const { nextBoxAt } = meaningOf(stage)
    const highest = planned ? undefined : layout.parts.findLast(isFilledBox)
    const covered = highest && worked(highest)
    if (!nextBoxAt || !highest || !covered || covered.frames < figures[nextBoxAt] * covered.of) return []
    return oneOf({ severity: 'note', partIds: [highest.part.id], facts: { frames: covered.frames, of: covered.of } })
  },
}

/**
 * Frames of a box that bees have drawn or filled, out of those of which something was said; undefined where nothing
 * was.
 */
function worked({ hung }: Pick<PlacedPart, 'hung'>): { readonly frames: number; readonly of: number } | undefined {
  const frames = hung.filter(isFrame)
  if (frames.length === 0 || frames.every(({ content }) => content.comb === undefined && content.holds === undefined))
    return undefined
  return {
    frames: frames.filter(({ content }) =>
      content.holds !== undefined ? content.holds !== 'empty' : content.comb === 'drawn',
    ).length,
    of: frames.length,
  }
}
