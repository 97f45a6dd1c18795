import { BASE, above } from './level'
import type { Kind, PartOf } from './kind'
import { underRoof } from './place'
import { bearing, outsideRect, shape, type PartShape } from './shape'
import { insetRect } from './rect'
import { rails, solid } from './solid'

/** Sizes that such a part always has. */
export const DIVISION_SIZES = ['outsideLength', 'outsideWidth', 'boardThickness', 'rimDepth', 'rimWidth'] as const

/**
 * A board with a rim on both faces and nothing to pass through: a cover to the colony below, a floor to the one above.
 */
export const DIVISION: Kind<'division'> = {
  sizes: DIVISION_SIZES,
  shape: divisionShape,
  wayUp: () => 'any',
  usualPlace: underRoof,
  tray: 'between',
}

function divisionShape(part: PartOf<'division'>): PartShape {
  const { boardThickness, rimDepth, rimWidth } = part.dimensions
  const outside = outsideRect(part)
  const low = above(BASE, rimDepth)
  const high = above(low, boardThickness)
  const depth = above(high, rimDepth)
  const zone = { rect: insetRect(outside, rimWidth.mm), name: 'rim', surface: 'division', passes: 'nothing' } as const
  const face = bearing(part, [zone], 'rimWidth')
  const solids = [
    ...rails(outside, rimWidth.mm, BASE, low, 'timber', 'lower-rim'),
    ...solid(outside, low, high, 'timber', 'board'),
    ...rails(outside, rimWidth.mm, high, depth, 'timber', 'upper-rim'),
  ]
  return shape(part, depth, solids, face, face)
}
