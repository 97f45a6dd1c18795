import type { PlacedPart } from '../../stack'
import type { Stage } from '../../yard'
import type { Context, Measured } from '../context'
import { findingOf, type Finding } from '../finding'
import { isFilledBox, isFrame } from '../../parts'

/** Share of the frames at which the next box is given: 8 of 10 while settling, 7 of 10 after it (common practice). */
const NEXT_BOX: Readonly<Partial<Record<Stage, number>>> = {
  settling: 0.8,
  'building-up': 0.8,
  supering: 0.7,
  flow: 0.7,
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

/** When the highest box is nearly full, so that the next is given before they need it (common practice). */
export function checkGrowth({ layout }: Measured, { stage, planned }: Context): Finding[] {
  const share = planned ? undefined : NEXT_BOX[stage]
  const highest = share === undefined ? undefined : layout.parts.findLast(isFilledBox)
  const covered = highest && worked(highest)
  if (!highest || !covered || covered.frames < share! * covered.of) return []
  return [
    findingOf('season.next-box', 'note', [highest.part.id], { facts: { frames: covered.frames, of: covered.of } }),
  ]
}
