import type { AttachmentPlace } from './model'
import { BASE, above, below, byHand, type Level } from './level'
import type { Kind } from './kind'
import type { ResolvedPart } from './resolve'
import { NOTHING_STANDS_HERE, outsideRect, ownRects, shape, type PartShape } from './shape'
import { solid, type Solid } from './solid'
import { boundsOf, insetRect, type Rect } from './rect'
import { dimension } from './sizes'

/** A piece as it lies in the tray, where it is not as wide as a hive of its own, mm (as such parts are made). */
const PIECE: Rect = { x0: -200, x1: 200, y0: -10, y1: 10 }
const PIECE_HIGH_MM = 50

/** A piece that is no layer, as it lies by itself. */
export function fittingShape(part: ResolvedPart, solids: readonly Solid[], highMm: number): PartShape {
  return shape(part, above(BASE, byHand(highMm)), solids, NOTHING_STANDS_HERE, NOTHING_STANDS_HERE)
}

/** Sizes that such a part always has. */
export const ENTRANCE_SIZES = ['openingWidth', 'openingHeight'] as const
export const INSERT_SIZES = ['depth'] as const
export const BALLAST_SIZES = ['outsideLength', 'outsideWidth', 'depth'] as const

/** What narrows, guards or shuts the way in. */
export const ENTRANCE_FITTING: Kind<'entrance-fitting'> = {
  sizes: ENTRANCE_SIZES,
  shape: (part) => {
    const half = Math.min(part.dimensions.openingWidth.mm / 2, PIECE.x1 - 20)
    const high = above(BASE, byHand(PIECE_HIGH_MM))
    const opening = above(BASE, byHand(Math.min(PIECE_HIGH_MM / 2, part.dimensions.openingHeight.mm * 2)))
    return fittingShape(
      part,
      [
        ...solid({ ...PIECE, x1: -half }, BASE, opening, 'timber', 'block'),
        ...solid({ ...PIECE, x0: half }, BASE, opening, 'timber', 'block'),
        ...solid(PIECE, opening, high, 'timber', 'block'),
      ],
      PIECE_HIGH_MM,
    )
  },
  wayUp: () => 'any',
  usualPlace: (stack) => stack.length,
  attachedAt: 'entrance',
  tray: 'fittings',
}

/** The tray or board under a mesh floor. */
export const FLOOR_INSERT: Kind<'floor-insert'> = {
  sizes: INSERT_SIZES,
  shape: (part) =>
    fittingShape(
      part,
      solid(PIECE, above(BASE, byHand(20)), above(BASE, byHand(32)), 'plastic', 'board'),
      PIECE_HIGH_MM,
    ),
  wayUp: () => 'any',
  usualPlace: (stack) => stack.length,
  attachedAt: 'floor-slot-upper',
  tray: 'fittings',
}

/** What weighs a roof down. */
export const BALLAST: Kind<'ballast'> = {
  sizes: BALLAST_SIZES,
  shape: (part) =>
    fittingShape(
      part,
      solid(outsideRect(part), BASE, above(BASE, part.dimensions.depth), 'masonry', 'ballast'),
      part.dimensions.depth.mm,
    ),
  wayUp: () => 'any',
  usualPlace: (stack) => stack.length,
  attachedAt: 'roof-top',
  tray: 'fittings',
}

/** A part that others are fixed to: its shape, and the level that bees walk in on. */
export interface Host {
  readonly shape: PartShape
  readonly deck: Level
}

/**
 * Where a fitting is on its host: before the rails of a floor, in a slot under its deck, on top of a roof. Heights
 * above the host's lower edge.
 */
export function bodiesAt(fitting: ResolvedPart, place: AttachmentPlace, { shape: host, deck }: Host): Solid[] {
  const { depth } = host
  const { x0, x1, y0, y1 } = boundsOf(ownRects(host))
  const id = fitting.part.id
  switch (place) {
    case 'entrance':
      return solid(
        { x0: x0 - 2, x1: x0 + 20, y0: y0 + 20, y1: y1 - 20 },
        above(deck, dimension(fitting, 'openingHeight')),
        depth,
        'bar',
        id,
      )
    case 'floor-slot-upper':
      return insert({ x0, x1, y0, y1 }, below(deck, byHand(10)), id)
    case 'floor-slot-lower':
      return insert({ x0, x1, y0, y1 }, above(BASE, byHand(8)), id)
    case 'roof-top': {
      const on = above(depth, byHand(4))
      return solid(outsideRect(fitting), on, above(on, dimension(fitting, 'depth')), 'masonry', id)
    }
    case 'around':
      return []
  }
}

function insert(host: Rect, at: Level, id: string): Solid[] {
  return solid(insetRect(host, 25), at, above(at, byHand(4)), 'plastic', id)
}
