import { BASE, above, below, byHand } from './level'
import type { Kind, PartOf } from './kind'
import { NOTHING_STANDS_HERE, bearing, insideRect, outsideRect, shape, type PartShape, type ZoneShape } from './shape'
import { insetRect, type Rect } from './rect'
import { rails, solid, type Solid } from './solid'
import { dimension } from './sizes'

/** Sizes that such a part always has. */
export const ROOF_SIZES = ['deckThickness', 'lowerRecess'] as const

/**
 * What keeps the rain off: with a skirt that hangs down over the hive, or flush with it, some on risers; flat or
 * gabled.
 */
export const ROOF: Kind<'roof'> = {
  sizes: ROOF_SIZES,
  sizesInForm: ({ roofForm }) => {
    if (roofForm !== 'flush') return ['insideLength', 'insideWidth', 'skirtDepth', 'rimWidth']
    return ['outsideLength', 'outsideWidth']
  },
  shape: roofShape,
  wayUp: () => 'one',
  usualPlace: (stack) => stack.length,
  tray: 'on-top',
}

function roofShape(part: PartOf<'roof'>): PartShape {
  return part.pattern.roofForm === 'flush' ? flushShape(part) : telescopingShape(part)
}

/** A deck of a wooden hive is of plywood. */
const deckOf = ({ pattern }: PartOf<'roof'>) => (pattern.material === 'polystyrene' ? 'polystyrene' : 'plywood')

function underside(rect: Rect): ZoneShape {
  return { rect, name: 'underside', surface: 'underside', passes: 'nothing' }
}

/** Sheet metal over a flat deck, or the two boards of a gable. */
function topOf(
  part: PartOf<'roof'>,
  outside: Rect,
): { readonly solids: Solid[]; readonly top: ReturnType<typeof above> } {
  const { deckThickness, lowerRecess, gableHeight } = part.dimensions
  const deck = above(BASE, lowerRecess, deckThickness)
  if (!gableHeight || gableHeight.mm === 0)
    return {
      top: deck,
      solids: solid(insetRect(outside, -2), deck, above(deck, byHand(2)), 'cladding', 'cladding', {
        bears: false,
        projects: true,
      }),
    }
  const top = above(deck, gableHeight)
  return {
    top,
    solids: solid(insetRect(outside, -12), deck, top, 'timber', 'gable', {
      bears: false,
      projects: true,
      ridged: true,
    }),
  }
}

function telescopingShape(part: PartOf<'roof'>): PartShape {
  const { deckThickness, lowerRecess } = part.dimensions
  const [skirt, rimWidth] = [dimension(part, 'skirtDepth'), dimension(part, 'rimWidth')]
  const inside = insideRect(part)
  const outside = insetRect(inside, -rimWidth.mm)
  const deck = above(BASE, lowerRecess)
  const { solids, top } = topOf(part, outside)
  const skirtRails = rails(outside, rimWidth.mm, below(BASE, skirt), above(deck, deckThickness), 'timber', 'skirt').map(
    (rail) => ({ ...rail, bears: false }),
  )
  const lower = { bears: true, plusMinusMm: 0, zones: [underside(inside)] }
  return shape(
    part,
    top,
    [...skirtRails, ...solid(inside, deck, above(deck, deckThickness), deckOf(part), 'deck'), ...solids],
    lower,
    NOTHING_STANDS_HERE,
    { skirtMm: skirt.mm, nestingMm: 0 },
  )
}

function flushShape(part: PartOf<'roof'>): PartShape {
  const { deckThickness, lowerRecess, rimWidth } = part.dimensions
  const outside = outsideRect(part)
  const deck = above(BASE, lowerRecess)
  const risers = lowerRecess.mm > 0 && rimWidth ? rimWidth.mm : 0
  const { solids, top } = topOf(part, outside)
  const bodies = [
    ...rails(outside, risers, BASE, deck, 'timber', 'riser'),
    ...solid(outside, deck, above(deck, deckThickness), deckOf(part), 'deck'),
    ...solids,
  ]
  const lower =
    risers > 0
      ? bearing(part, [underside(insetRect(outside, risers))], 'rimWidth')
      : bearing(part, [underside(outside)])
  return shape(part, top, bodies, lower, NOTHING_STANDS_HERE)
}
