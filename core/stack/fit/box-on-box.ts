import { recordOf, comparableMm } from '../../units'
import { SIDES, overlapMm, type Side } from '../joints'
import { facesOf, type Edge } from '../faces'
import type { ResolvedPart } from '../../parts'
import type { Figures } from '../../figures'
import { isUnsure } from '../bands/band'

type SeatVerdict = 'seals' | 'thin' | 'open' | 'lip' | 'does-not-sit'

/** How one part sits on another, both centred. */
export interface Seat {
  readonly verdict: SeatVerdict
  /** The side that decides. */
  readonly side: Side
  /** Bearing there, or the clear hole, mm. */
  readonly mm: number
  /** The clear hole when it is pushed flush to the other side, mm; 0 when there is none. */
  readonly flushMm: number
  /** Bearing on each side; below zero the width of the hole. */
  readonly overlapMm: Readonly<Record<Side, number>>
  readonly plusMinusMm: number
  /** The ± reaches a limit: it could go the other way. */
  readonly marginal: boolean
  /** A board between the two formats would close it. */
  readonly adapterHelps: boolean
}

/**
 * Whether a part bears on another all round: the overlap of the edges as cut, on each side, both parts centred.
 * Lengths in mm. Geometry.
 */
export function seatOn(lower: ResolvedPart, upper: ResolvedPart, figures: Pick<Figures, 'bearingMm'>): Seat {
  const below = facesOf(lower, false).upper.edge
  const above = facesOf(upper, false).lower.edge
  const plusMinusMm = (below?.plusMinusMm ?? 0) + (above?.plusMinusMm ?? 0)
  if (!below || !above)
    return {
      verdict: 'does-not-sit',
      side: 'front',
      mm: 0,
      flushMm: 0,
      overlapMm: { front: 0, back: 0, left: 0, right: 0 },
      plusMinusMm,
      marginal: false,
      adapterHelps: false,
    }
  const overlap = recordOf(SIDES, (side) => overlapMm(below, above, side))
  const side = SIDES.reduce((worst, other) => (overlap[other] < overlap[worst] ? other : worst))
  const worst = overlap[side]
  const lip = below.form !== above.form
  const bears = SIDES.some((one) => comparableMm(overlap[one]) > 0)
  const verdict: SeatVerdict = lip
    ? 'lip'
    : !bears
      ? 'does-not-sit'
      : comparableMm(worst) < 0
        ? 'open'
        : comparableMm(worst) < figures.bearingMm
          ? 'thin'
          : 'seals'
  const open = verdict === 'open' || verdict === 'does-not-sit'
  return {
    verdict,
    side,
    mm: Math.abs(worst),
    flushMm: open ? flushHole(below, above, side) : 0,
    overlapMm: overlap,
    plusMinusMm,
    marginal: !lip && [0, figures.bearingMm].some((limit) => isUnsure(worst, plusMinusMm, limit)),
    adapterHelps: open && lower.pattern?.format !== upper.pattern?.format,
  }
}

/** The hole on one side when the part is pushed until its outside is flush on the other. */
function flushHole(below: Edge, above: Edge, side: Side): number {
  const along = side === 'front' || side === 'back'
  const size = (edge: Edge, which: 'outside' | 'inside') => {
    const rect = edge[which] ?? edge.outside
    return along ? rect.x1 - rect.x0 : rect.y1 - rect.y0
  }
  const [small, large] = size(above, 'outside') < size(below, 'outside') ? [above, below] : [below, above]
  const wallMm = (size(large, 'outside') - size(large, 'inside')) / 2
  return Math.max(0, size(large, 'outside') - size(small, 'outside') - wallMm)
}
