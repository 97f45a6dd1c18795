import { BASE, above } from './level'
import type { Kind, PartOf } from './kind'
import { underRoof } from './place'
import { bearing, openZone, outsideRect, shape, type PartShape } from './shape'
import { insetRect } from './rect'
import { battens, rails } from './solid'

/** Sizes that such a part always has. */
export const EKE_SIZES = ['outsideLength', 'outsideWidth', 'depth', 'rimWidth'] as const

/**
 * A rim with nothing in it: room for a feeder or food, or, with an opening of its own, a vent; or a pair of battens
 * that leave a way out at their ends.
 */
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
  const inside = insetRect(outside, part.dimensions.rimWidth.mm)
  const isOpenEnded = part.pattern.use === 'battens'
  const free = isOpenEnded ? { ...inside, x0: outside.x0, x1: outside.x1 } : inside
  const face = bearing(part, [openZone(free, depth)], 'rimWidth')
  const around = isOpenEnded
    ? battens(outside, free, BASE, depth)
    : rails(outside, part.dimensions.rimWidth.mm, BASE, depth, 'timber', 'rim')
  // Along the frames the cut goes through one of the battens: between them there is nothing to draw.
  const cutMm = { x: 0, y: isOpenEnded ? (outside.y0 + free.y0) / 2 : 0 }
  return shape(part, depth, around, face, face, { cutMm })
}
