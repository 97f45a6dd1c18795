import { BASE, above, below, byHand } from './level'
import type { Kind, PartOf } from './kind'
import { over } from './place'
import { bearing, outsideRect, shape, type PartShape, type ZoneShape } from './shape'
import { rails, solid } from './solid'
import { insetRect, type Rect } from './rect'
import { dimension } from './sizes'

/** How far the landing board reaches out before the hive, mm (as such parts are made). */
const LANDING_MM = 45

/** Sizes that such a part always has. */
export const FLOOR_SIZES = ['outsideLength', 'outsideWidth', 'rimWidth', 'upperRecess'] as const

/** What closes a hive below, with the way in at its front: solid or of mesh, some to be turned over. */
export const FLOOR: Kind<'floor'> = {
  sizes: FLOOR_SIZES,
  sizesInForm: ({ dimensions }) => (dimensions.depth ? [] : ['boardThickness']),
  shape: floorShape,
  wayUp: ({ reversible }) => (reversible ? 'any' : 'one'),
  usualPlace: (stack) => over(stack, ({ kind }) => kind === 'stand') ?? 0,
  tray: 'stand-and-floor',
}

function floorShape(part: PartOf<'floor'>): PartShape {
  const { rimWidth, upperRecess, lowerRecess, depth } = part.dimensions
  const outside = outsideRect(part)
  const inside = insetRect(outside, rimWidth.mm)
  const mesh = part.pattern.surface === 'mesh'
  const reversible = part.pattern.reversible === true
  const under = lowerRecess ? above(BASE, lowerRecess) : BASE
  const top = depth ? above(BASE, depth) : above(under, dimension(part, 'boardThickness'), upperRecess)
  const deck = below(top, upperRecess)
  const material = part.pattern.material === 'polystyrene' ? 'polystyrene' : 'timber'
  const zone = (rect: Rect): ZoneShape => ({
    rect,
    name: 'floor-rails',
    surface: mesh ? 'floor-mesh' : 'floor',
    passes: mesh ? 'air' : 'nothing',
  })
  const landing = { ...outside, x0: outside.x0 - LANDING_MM, x1: outside.x0 }
  const solids = [
    ...rails(outside, rimWidth.mm, deck, top, material, 'rail', true),
    ...rails(outside, rimWidth.mm, BASE, under, material, 'under-rail', true),
    ...(mesh
      ? [
          ...rails(outside, rimWidth.mm, under, deck, material, 'frame'),
          ...solid(inside, below(deck, byHand(1)), deck, 'mesh', 'mesh'),
        ]
      : solid(outside, under, deck, material, 'deck')),
    ...solid(
      landing,
      mesh ? below(deck, byHand(20)) : under,
      mesh ? below(deck, byHand(8)) : deck,
      material,
      mesh ? 'landing' : 'deck',
      { bears: false, projects: true },
    ),
  ]
  const upper = bearing(part, [zone(inside)], 'rimWidth')
  const lower = reversible ? bearing(part, [zone(inside)], 'rimWidth') : bearing(part, [])
  return shape(part, top, solids, lower, upper)
}
