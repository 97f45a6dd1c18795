import { BASE, above, below } from './level'
import type { Kind } from './kind'
import { underRoof } from './place'
import type { ResolvedPart } from './resolve'
import { bearing, outsideRect, shape, type PartShape, type Passes, type ZoneShape } from './shape'
import { solid } from './solid'
import { dimension } from './sizes'

/** Sizes that such a part always has. */
export const SLAB_SIZES = ['outsideLength', 'outsideWidth', 'depth', 'upperRecess', 'lowerRecess'] as const

/** A panel of insulation over the bees. */
export const SLAB: Kind<'slab'> = {
  sizes: SLAB_SIZES,
  shape: (part) => plate(part, 'slab', 'foam', 'nothing'),
  wayUp: () => 'any',
  usualPlace: underRoof,
  tray: 'on-top',
}

/** A part that is one plate from edge to edge. */
export function plate(
  part: ResolvedPart,
  surface: 'slab' | 'sheet',
  material: 'foam' | 'sheet',
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
