import { BASE, above, below } from './level'
import type { Kind, PartOf } from './kind'
import { underRoof } from './place'
import type { ResolvedPart } from './resolve'
import { bearing, outsideRect, shape, type PartShape, type Passes, type ZoneShape } from './shape'
import { insetRect } from './rect'
import { rails, solid, type SolidMaterial } from './solid'
import { insulationOf } from './wrap'
import { dimension } from './sizes'

/** Sizes that such a part always has. */
export const SLAB_SIZES = ['outsideLength', 'outsideWidth', 'depth', 'upperRecess', 'lowerRecess'] as const

/** A panel of insulation over the bees. */
export const SLAB: Kind<'slab'> = {
  sizes: SLAB_SIZES,
  shape: (part) => (part.dimensions.rimWidth ? filledBox(part) : plate(part, 'slab', insulationOf(part), 'nothing')),
  wayUp: () => 'any',
  usualPlace: underRoof,
  tray: 'on-top',
}

/** A part that is one plate from edge to edge. */
export function plate(
  part: ResolvedPart,
  surface: 'slab' | 'sheet',
  material: SolidMaterial,
  passes: Passes,
): PartShape {
  const outside = outsideRect(part)
  const top = above(BASE, dimension(part, 'depth'))
  const zone: ZoneShape = { rect: outside, name: surface, surface, passes }
  const body = solid(
    outside,
    above(BASE, dimension(part, 'lowerRecess')),
    below(top, dimension(part, 'upperRecess')),
    material,
    'plate',
  )
  return shape(part, top, body, bearing(part, [zone]), bearing(part, [zone]))
}

/** An empty box filled with insulation: a rim of timber round the fill. */
function filledBox(part: PartOf<'slab'>): PartShape {
  const outside = outsideRect(part)
  const rimMm = dimension(part, 'rimWidth').mm
  const { depth, upperRecess, lowerRecess } = part.dimensions
  const top = above(BASE, depth)
  const zone: ZoneShape = { rect: outside, name: 'slab', surface: 'slab', passes: 'nothing' }
  const solids = [
    ...rails(outside, rimMm, BASE, top, 'timber', 'rim'),
    ...solid(insetRect(outside, rimMm), above(BASE, lowerRecess), below(top, upperRecess), insulationOf(part), 'fill'),
  ]
  return shape(part, top, solids, bearing(part, [zone], 'rimWidth'), bearing(part, [zone], 'rimWidth'))
}
