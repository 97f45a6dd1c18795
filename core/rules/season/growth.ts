import type { PlacedPart } from '../../stack'
import { meaningOf } from '../../yard'
import type { Context, MeasuredHive } from '../context'
import { findingOf, type Finding } from '../finding'
import { isFilledBox, isFrame } from '../../parts'

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

/** When the highest box is nearly full, so that the next is given before they need it (common practice). */
export function checkGrowth({ layout }: MeasuredHive, { stage, planned, figures }: Context): Finding[] {
  const { nextBoxAt } = meaningOf(stage)
  const share = planned || !nextBoxAt ? undefined : figures[nextBoxAt]
  const highest = share === undefined ? undefined : layout.parts.findLast(isFilledBox)
  const covered = highest && worked(highest)
  if (!highest || !covered || covered.frames < share! * covered.of) return []
  return [
    findingOf('season.next-box', 'note', [highest.part.id], { facts: { frames: covered.frames, of: covered.of } }),
  ]
}
