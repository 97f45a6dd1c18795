import {
  dimensionMm,
  framesOf,
  howManyFit,
  resolvePart,
  spacerPitchMm,
  type Catalogue,
  type Content,
  type HangingPattern,
  type ResolvedPart,
  type Spacing,
} from '../../parts'
import { closedUp, inOrder } from '../../yard'
import { fullCount } from './full-count'

/** The frame there is most of in a box; its normal one where it is empty. */
export function usualFrame(box: ResolvedPart, catalogue: Catalogue): HangingPattern | undefined {
  const counts = new Map<HangingPattern, number>()
  for (const { pattern } of framesOf(box.hung)) counts.set(pattern, (counts.get(pattern) ?? 0) + 1)
  return (
    [...counts].sort((a, b) => b[1] - a[1])[0]?.[0] ??
    catalogue.hanging.get(box.pattern?.normalContents?.framePatternId ?? '')
  )
}

/**
 * How so many frames are kept apart in a box: touching at full count; fewer by the spacer that is made for it, else
 * by castellations, which share the width. Common practice.
 */
function spacingFor(box: ResolvedPart, frame: HangingPattern, count: number): Spacing {
  const widthMm = dimensionMm(box, 'insideWidth')
  const touches = frame.spacedBy !== 'nothing' && count >= Math.min(fullCount(box), howManyFit(box, frame.spacing.mm))
  if (touches)
    return box.part.spacing?.system === 'castellation' && box.part.spacing.count === count
      ? box.part.spacing
      : { system: 'touching', slack: 'one-side' }
  const spacer = spacerPitchMm(count, box.figures)
  const left = spacer === undefined ? -1 : widthMm - count * spacer
  return left >= 0 && left < 10
    ? { system: 'spacer', count, slack: 'both-sides' }
    : { system: 'castellation', count, slack: 'one-side' }
}

/** A box with so many of its usual frame, spaced for that count; undefined where it has no frames at all. */
export function spacedFor(box: ResolvedPart, count: number, catalogue: Catalogue): ResolvedPart | undefined {
  const frame = usualFrame(box, catalogue)
  if (!frame) return undefined
  const own = inOrder(box.part).filter(({ patternId }) => patternId === frame.id)
  const contents = closedUp(
    Array.from(
      { length: count },
      (_, place): Content => own[place] ?? { id: `${box.part.id}/${place}`, patternId: frame.id, place },
    ),
  )
  return resolvePart({ ...box.part, contents, spacing: spacingFor(box, frame, count) }, catalogue)
}
