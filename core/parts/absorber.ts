import { BASE, above, below, byHand } from './level'
import type { Kind, PartOf } from './kind'
import { underRoof } from './place'
import { bearing, outsideRect, shape, type PartShape, type ZoneShape } from './shape'
import { insetRect } from './rect'
import { rails, solid } from './solid'

/** Sizes that such a part always has. */
export const ABSORBER_SIZES = [
  'outsideLength',
  'outsideWidth',
  'depth',
  'rimWidth',
  'upperRecess',
  'lowerRecess',
  'fillDepth',
] as const

/** A rim of chips on a screen: takes up damp and lets it out through vents above the chips. */
export const ABSORBER: Kind<'absorber'> = {
  sizes: ABSORBER_SIZES,
  shape: absorberShape,
  wayUp: () => 'one',
  usualPlace: underRoof,
  tray: 'on-top',
}

function absorberShape(part: PartOf<'absorber'>): PartShape {
  const { depth, rimWidth, upperRecess, lowerRecess } = part.dimensions
  const outside = outsideRect(part)
  const rect = insetRect(outside, rimWidth.mm)
  const top = above(BASE, depth)
  const screen = above(BASE, lowerRecess)
  const chips = above(screen, byHand(1))
  const zone = (surface: 'screen' | 'chips'): ZoneShape => ({ rect, name: surface, surface, passes: 'air' })
  const solids = [
    ...rails(outside, rimWidth.mm, BASE, top, 'timber', 'rim'),
    ...solid(rect, screen, chips, 'screen', 'screen', { bears: false }),
    ...solid(rect, chips, below(top, upperRecess), 'chips', 'chips', { bears: false, filling: true }),
  ]
  return shape(
    part,
    top,
    solids,
    bearing(part, [zone('screen')], 'rimWidth'),
    bearing(part, [zone('chips')], 'rimWidth'),
  )
}
