import { BASE, above, below, byHand } from './level'
import type { Kind, PartOf } from './kind'
import { over } from './place'
import { outsideRect, shape, NOTHING_STANDS_HERE, type PartShape } from './shape'
import { plateAround, solid, type Solid } from './solid'
import { insetRect, type Rect } from './rect'

/** A block higher than this is hollow, mm (common practice). */
const HOLLOW_FROM_MM = 150

/** Sizes that such a part always has. */
export const STAND_SIZES = ['outsideLength', 'outsideWidth', 'depth'] as const

/** What a hive stands on: blocks, slabs, a timber frame; it bears the load and closes nothing. */
export const STAND: Kind<'stand'> = {
  sizes: STAND_SIZES,
  shape: standShape,
  wayUp: () => 'any',
  usualPlace: (stack) => over(stack, ({ kind }) => kind === 'stand') ?? 0,
  tray: 'stand-and-floor',
}

function standShape(part: PartOf<'stand'>): PartShape {
  const outside = outsideRect(part)
  const depth = above(BASE, part.dimensions.depth)
  const masonry = part.pattern.material === 'masonry'
  const solids = masonry ? masonryOf(outside, part, part.dimensions.depth.mm > HOLLOW_FROM_MM) : framedOf(outside, part)
  // Cut off its middle, where legs and webs show.
  const cutMm = masonry ? { x: outside.x1 / 2, y: outside.y1 / 2 } : { x: outside.x1 - 44, y: outside.y1 - 44 }
  return shape(part, depth, solids, NOTHING_STANDS_HERE, NOTHING_STANDS_HERE, { cutMm })
}

function masonryOf(outside: Rect, { dimensions }: PartOf<'stand'>, hollow: boolean): Solid[] {
  const top = above(BASE, dimensions.depth)
  if (!hollow) return solid(outside, BASE, top, 'masonry', 'slab')
  const webMm = outside.x1 * 0.24
  const deck = below(top, byHand(30))
  const inside = insetRect(outside, webMm)
  const middle = { ...inside, x0: -webMm / 2, x1: webMm / 2 }
  return [
    ...plateAround(outside, inside, BASE, deck, 'masonry', 'block'),
    ...solid(middle, BASE, deck, 'masonry', 'block'),
    ...solid({ ...inside, x1: middle.x0, y0: -webMm / 2, y1: webMm / 2 }, BASE, deck, 'masonry', 'block'),
    ...solid({ ...inside, x0: middle.x1, y0: -webMm / 2, y1: webMm / 2 }, BASE, deck, 'masonry', 'block'),
    ...solid(outside, deck, top, 'masonry', 'block'),
  ]
}

function framedOf(outside: Rect, { dimensions, pattern }: PartOf<'stand'>): Solid[] {
  const material = pattern.material === 'metal' ? 'metal' : 'timber'
  const top = above(BASE, dimensions.depth)
  const beam = below(top, byHand(Math.min(45, dimensions.depth.mm * 0.45)))
  const feet = insetRect(outside, 22)
  const legs = [
    [feet.x0, feet.y0],
    [feet.x1 - 44, feet.y0],
    [feet.x0, feet.y1 - 44],
    [feet.x1 - 44, feet.y1 - 44],
  ] as const
  return [
    ...legs.flatMap(([x0, y0], i) => solid({ x0, x1: x0 + 44, y0, y1: y0 + 44 }, BASE, beam, material, `leg-${i}`)),
    ...solid(outside, beam, top, material, 'beam'),
  ]
}
