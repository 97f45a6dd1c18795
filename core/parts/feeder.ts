import { BASE, above, below, byHand } from './level'
import type { Kind, PartOf } from './kind'
import { underRoof } from './place'
import { bearing, outsideRect, shape, NOTHING_STANDS_HERE, type PartShape, type ZoneShape } from './shape'
import { insetRect, type Rect } from './rect'
import { aroundOf, rails, solid } from './solid'
import { dimension } from './sizes'

/** Sizes that such a part always has. */
export const FEEDER_SIZES = ['outsideLength', 'outsideWidth', 'depth', 'upperRecess', 'lowerRecess'] as const

/**
 * Feeds from above: a tray as wide as the hive, which closes it as a crown does, or a rapid one that stands over a hole
 * inside a rim.
 */
export const FEEDER: Kind<'feeder'> = {
  sizes: FEEDER_SIZES,
  sizesInForm: ({ feederForm }) => (feederForm === 'rapid' ? [] : ['rimWidth']),
  shape: (part) => (part.pattern.feederForm === 'rapid' ? rapidShape(part) : trayShape(part)),
  wayUp: () => 'one',
  usualPlace: underRoof,
  tray: 'between',
}

function underside(rect: Rect): ZoneShape {
  return { rect, name: 'underside', surface: 'feeder', passes: 'nothing' }
}

function trayShape(part: PartOf<'feeder'>): PartShape {
  const { depth, lowerRecess, upperRecess } = part.dimensions
  const outside = outsideRect(part)
  const rimMm = dimension(part, 'rimWidth').mm
  const inside = insetRect(outside, rimMm)
  const top = above(BASE, depth)
  const bottom = above(BASE, lowerRecess)
  const tray = above(bottom, byHand(10))
  const full = above(BASE, byHand(depth.mm * 0.75))
  const lid = below(top, upperRecess)
  const solids = [
    ...rails(outside, rimMm, BASE, top, 'timber', 'rim'),
    ...solid(inside, bottom, tray, 'timber', 'tray', { bears: false }),
    ...solid({ ...inside, x1: -20 }, tray, full, 'syrup', 'syrup-front', { bears: false, filling: true }),
    ...solid({ ...inside, x0: 20 }, tray, full, 'syrup', 'syrup-back', { bears: false, filling: true }),
    ...solid(inside, below(lid, byHand(2)), lid, 'plastic', 'lid', { bears: false }),
  ]
  const face = bearing(part, [underside(inside)], 'rimWidth')
  return shape(part, top, solids, face, face)
}

function rapidShape(part: PartOf<'feeder'>): PartShape {
  const { depth, lowerRecess, upperRecess } = part.dimensions
  const outside = outsideRect(part)
  const top = above(BASE, depth)
  const bottom = above(BASE, lowerRecess)
  const tray = above(bottom, byHand(6))
  const lid = below(top, upperRecess)
  const under = below(lid, byHand(3))
  const inside = insetRect(outside, 8)
  const cone: Rect = { x0: -30, x1: 30, y0: -30, y1: 30 }
  const face = { ...NOTHING_STANDS_HERE, zones: [underside(outside)] }
  const solids = [
    ...solid(outside, bottom, tray, 'plastic', 'pan'),
    ...rails(outside, 8, tray, under, 'plastic', 'wall'),
    ...solid(cone, tray, under, 'plastic', 'cone'),
    ...aroundOf(inside, cone).flatMap((rect, i) =>
      solid(rect, tray, above(BASE, byHand(depth.mm * 0.7)), 'syrup', `syrup-${i}`, { filling: true }),
    ),
    ...solid(outside, under, lid, 'plastic', 'lid'),
  ]
  return shape(part, top, solids, face, face, { nested: true })
}
