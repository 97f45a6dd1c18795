import { BASE, above } from './level'
import type { Kind, PartOf } from './kind'
import { underRoof } from './place'
import {
  bearing,
  outsideRect,
  shape,
  type PartShape,
  type Passes,
  type Surface,
  type TermName,
  type ZoneShape,
} from './shape'
import { centredRect, insetRect } from './rect'
import type { ResolvedPart } from './resolve'
import { plateAround, rails, solid, type SolidMaterial } from './solid'
import { dimension } from './sizes'

/** Sizes that such a part always has. */
export const CROWN_SIZES = ['outsideLength', 'outsideWidth', 'boardThickness', 'rimDepth', 'rimWidth'] as const

/**
 * The board over the bees: flat on one side, a rim of bee space on the other, often with a hole; or a screen for the
 * road.
 */
export const CROWN: Kind<'crown'> = {
  sizes: CROWN_SIZES,
  shape: crownShape,
  wayUp: () => 'either',
  usualPlace: underRoof,
  tray: 'on-top',
}

function crownShape(part: PartOf<'crown'>): PartShape {
  const mesh = part.pattern.surface === 'mesh'
  return rimmed(part, mesh ? 'screen' : 'board', 'flat-side', mesh ? 'air' : 'nothing')
}

/** A panel with a rim on one of its sides: flat the one way up, a space under it the other. */
export function rimmed(
  part: ResolvedPart,
  surface: Surface & ('board' | 'screen' | 'rods'),
  flatName: TermName,
  passes: Passes,
): PartShape {
  const [board, rim, rimWidth] = [
    dimension(part, 'boardThickness'),
    dimension(part, 'rimDepth'),
    dimension(part, 'rimWidth'),
  ]
  const outside = outsideRect(part)
  const inside = insetRect(outside, rimWidth.mm)
  const rimAbove = part.pattern?.rimSide !== 'below'
  const low = rimAbove ? BASE : above(BASE, rim)
  const high = above(low, board)
  const depth = rimAbove ? above(high, rim) : high
  const open = part.part.hole === 'closed' ? 'nothing' : 'bee'
  const { holeLength, holeWidth } = part.dimensions
  const hole = holeLength && holeWidth ? centredRect(holeLength.mm, holeWidth.mm) : undefined
  const panel =
    surface === 'board'
      ? plateAround(outside, open === 'bee' ? hole : undefined, low, high, boardOf(part), 'board')
      : [...rails(outside, rimWidth.mm, low, high, 'timber', 'frame'), ...solid(inside, low, high, surface, surface)]
  const zones = (name: TermName, mouth: typeof low): ZoneShape[] => [
    { rect: inside, name, surface, passes },
    ...(hole ? [{ rect: hole, name, surface: 'hole', passes: open, mouth } as const] : []),
  ]
  const solids = [
    ...panel,
    ...(rimAbove
      ? rails(outside, rimWidth.mm, high, depth, 'timber', 'rim')
      : rails(outside, rimWidth.mm, BASE, low, 'timber', 'rim')),
  ]
  const faces = { rim: bearing(part, [], 'rimWidth'), flat: bearing(part, []) }
  const upper = { ...(rimAbove ? faces.rim : faces.flat), zones: zones(rimAbove ? 'rim' : flatName, high) }
  const lower = { ...(rimAbove ? faces.flat : faces.rim), zones: zones(rimAbove ? flatName : 'rim', low) }
  return shape(part, depth, solids, lower, upper)
}

/** A board over the bees is of plywood; a film or an acrylic sheet is of plastic. */
const boardOf = ({ pattern }: ResolvedPart): SolidMaterial => (pattern?.material === 'plastic' ? 'plastic' : 'plywood')
