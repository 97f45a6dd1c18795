import { BASE, above } from './level'
import type { Kind, PartOf } from './kind'
import { underRoof } from './place'
import { bearing, insideRect, openZone, outsideRect, shape, type FaceShape, type PartShape } from './shape'
import { centredRect, insetRect } from './rect'
import { aroundOf, plateAround, rails } from './solid'

/** Sizes that such a part always has. */
export const ADAPTER_SIZES = [
  'outsideLength',
  'outsideWidth',
  'insideLength',
  'insideWidth',
  'upperLength',
  'upperWidth',
  'lowerLength',
  'lowerWidth',
  'boardThickness',
  'rimDepth',
  'rimWidth',
] as const

/**
 * A board that joins two formats, open as far as the smaller; each face bears as its own rim, or as the board where it
 * has none.
 */
export const ADAPTER: Kind<'adapter'> = {
  sizes: ADAPTER_SIZES,
  shape: adapterShape,
  wayUp: () => 'any',
  usualPlace: underRoof,
  tray: 'between',
}

function adapterShape(part: PartOf<'adapter'>): PartShape {
  const { dimensions } = part
  const { boardThickness, rimDepth, rimWidth } = dimensions
  const side = part.pattern.rimSide
  const rims = { upper: side === 'above' || side === 'both', lower: side === 'below' || side === 'both' }
  const [opening, board] = [insideRect(part), outsideRect(part)]
  const footprint = {
    upper: centredRect(dimensions.upperLength.mm, dimensions.upperWidth.mm),
    lower: centredRect(dimensions.lowerLength.mm, dimensions.lowerWidth.mm),
  }
  const low = rims.lower ? above(BASE, rimDepth) : BASE
  const high = above(low, boardThickness)
  const depth = rims.upper ? above(high, rimDepth) : high
  const faceOf = (which: 'upper' | 'lower'): FaceShape => {
    const shelf = aroundOf(rims[which] ? insetRect(footprint[which], rimWidth.mm) : board, opening)
    const zones = shelf.map(
      (rect) => ({ rect, name: rims[which] ? 'rim' : 'flat-side', surface: 'board', passes: 'nothing' }) as const,
    )
    return bearing(part, [openZone(opening, depth, 'opening'), ...zones], ...(rims[which] ? ['rimWidth' as const] : []))
  }
  const solids = [
    ...plateAround(board, opening, low, high, 'timber', 'board'),
    ...(rims.lower ? rails(footprint.lower, rimWidth.mm, BASE, low, 'timber', 'lower-rim') : []),
    ...(rims.upper ? rails(footprint.upper, rimWidth.mm, high, depth, 'timber', 'upper-rim') : []),
  ]
  return shape(part, depth, solids, faceOf('lower'), faceOf('upper'))
}
