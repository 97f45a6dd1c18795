import { BASE, above } from './level'
import type { Kind, PartOf } from './kind'
import { underRoof } from './place'
import { bearing, openZone, outsideRect, shape, type PartShape } from './shape'
import { insetRect } from './rect'
import { rails } from './solid'

/** Sizes that such a part always has. */
export const EKE_SIZES = ['outsideLength', 'outsideWidth', 'depth', 'rimWidth'] as const

/** A rim with nothing in it: room for a feeder or food, or, with an opening of its own, a vent. */
export const EKE: Kind<'eke'> = {
  sizes: EKE_SIZES,
  shape: ekeShape,
  wayUp: () => 'any',
  usualPlace: underRoof,
  tray: 'between',
}

function ekeShape(part: PartOf<'eke'>): PartShape {
  const outside = outsideRect(part)
  const depth = above(BASE, part.dimensions.depth)
  const face = bearing(part, [openZone(insetRect(outside, part.dimensions.rimWidth.mm), depth)], 'rimWidth')
  return shape(part, depth, rails(outside, part.dimensions.rimWidth.mm, BASE, depth, 'timber', 'rim'), face, face)
}
