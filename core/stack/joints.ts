import { comparableMm, there } from '../units'
import type { Edge } from './faces'
import type { Layout, PlacedPart } from './layout'
import type { Rect } from '../parts'

export const SIDES = ['front', 'back', 'left', 'right'] as const
/** A side of a hive. */
export type Side = (typeof SIDES)[number]

/** How two parts bear on each other: per side the overlap of the edges as cut, or the clear hole that is left. */
export interface Joint {
  readonly lowerId: string
  readonly upperId: string
  /** Null on a side where one of them has no rail, as at the entrance of a floor: it bears nothing. */
  readonly bearingMm: Readonly<Record<Side, number | null>>
  readonly openMm: Readonly<Record<Side, number>>
  /** How much too small a roof is to go over what it covers; 0 when it goes on. */
  readonly roofShortMm: number
  /** One edge interlocks and the other does not. */
  readonly lipOnFlat: boolean
  /** Worst case of every figure on a side, added up. */
  readonly plusMinusMm: number
}

/** Every joint between parts that bear on each other. Lengths in mm. Geometry. */
export function jointsOf(layout: Layout): Joint[] {
  const bearing = layout.parts.filter(({ faces }) => !faces.nested)
  return bearing
    .slice(1)
    .flatMap((upper, i) =>
      bearing[i]!.faces.upper.edge && upper.faces.lower.edge ? [jointOf(bearing[i]!, upper, bearing)] : [],
    )
}

function jointOf(lower: PlacedPart, upper: PlacedPart, bearing: readonly PlacedPart[]): Joint {
  const below = there(lower.faces.upper.edge)
  const above = there(upper.faces.lower.edge)
  const telescopes = upper.faces.skirtMm > 0
  const bearingMm: Record<Side, number | null> = { front: null, back: null, left: null, right: null }
  const openMm: Record<Side, number> = { front: 0, back: 0, left: 0, right: 0 }
  for (const side of SIDES) {
    if (isOpenAt(below, side) || isOpenAt(above, side)) continue
    const overlap = telescopes ? ringWidth(below, side) : overlapMm(below, above, side)
    bearingMm[side] = Math.max(0, overlap)
    openMm[side] = Math.max(0, -overlap)
  }
  const lipOnFlat = !telescopes && below.form !== above.form
  const roofShortMm = telescopes ? roofShort(upper, above.outside, bearing) : 0
  return {
    lowerId: lower.part.id,
    upperId: upper.part.id,
    bearingMm,
    openMm,
    roofShortMm,
    lipOnFlat,
    plusMinusMm: below.plusMinusMm + above.plusMinusMm,
  }
}

/** How far a rectangle reaches outward from the middle on one side. */
function outward(rect: Rect, side: Side): number {
  switch (side) {
    case 'front':
      return -rect.x0
    case 'back':
      return rect.x1
    case 'left':
      return -rect.y0
    case 'right':
      return rect.y1
  }
}

/** A side without a rail, wherever the part is turned to: the entrance of a floor, the ends of battens. */
export function isOpenAt({ outside, inside }: Edge, side: Side): boolean {
  return inside !== null && outward(inside, side) >= outward(outside, side)
}

/** How far two edges bear on each other on one side; below zero the width of the hole. */
export function overlapMm(below: Edge, above: Edge, side: Side): number {
  const outer = Math.min(outward(below.outside, side), outward(above.outside, side))
  if (!below.inside && !above.inside) return outer
  const a = below.inside ? outward(below.inside, side) : Number.NEGATIVE_INFINITY
  const b = above.inside ? outward(above.inside, side) : Number.NEGATIVE_INFINITY
  return outer - Math.max(a, b)
}

function ringWidth(edge: Edge, side: Side): number {
  const outer = outward(edge.outside, side)
  return edge.inside ? outer - outward(edge.inside, side) : outer
}

/** A skirt has to go over every part that it hangs beside. */
function roofShort(roof: PlacedPart, inside: Rect, bearing: readonly PlacedPart[]): number {
  const covered = bearing.filter(
    (part) => part.index < roof.index && comparableMm(part.topMm) > comparableMm(roof.hangsToMm),
  )
  const over = covered.flatMap(({ faces }) => {
    const outside = faces.upper.edge?.outside
    return outside
      ? [inside.x0 - outside.x0, outside.x1 - inside.x1, inside.y0 - outside.y0, outside.y1 - inside.y1]
      : []
  })
  return Math.max(0, ...over)
}
