import { type Catalogue, resolvePart } from '../parts'
import { isUneven, partOnSide, type HiveSide, type Placement } from '../yard'
import type { AssembledHive, StackedPart } from './assemble'

/** Some part that stands in it measures differently on its two sides. */
export function hasTwoSides({ stack }: AssembledHive): boolean {
  return stack.some(({ part }) => isUneven(part))
}

/**
 * The hive as it is on one side: every uneven part with the sizes that it has there, turned about where it stands so.
 * Geometry; a part of a quarter turn counts as one that is not turned.
 */
export function onSide(assembled: AssembledHive, side: HiveSide, catalogue: Catalogue): AssembledHive {
  return hasTwoSides(assembled)
    ? { ...assembled, stack: assembled.stack.map((part) => stackedOnSide(part, side, catalogue)) }
    : assembled
}

const TURNED_ABOUT: ReadonlySet<Placement['yawDeg']> = new Set([180, 270])

function stackedOnSide(stacked: StackedPart, side: HiveSide, catalogue: Catalogue): StackedPart {
  if (!isUneven(stacked.part)) return stacked
  const isTurned = TURNED_ABOUT.has(stacked.placement.yawDeg)
  const own: HiveSide = isTurned === (side === 'other') ? 'first' : 'other'
  const resolved = resolvePart(partOnSide(stacked.part, own), catalogue)
  return { ...resolved, resolved, placement: stacked.placement }
}
