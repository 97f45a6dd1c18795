import { dimensionMm } from '../sizes'
import { hangAcross } from '../across'
import type { ResolvedPart } from '../resolve'

/** How far out of square a box is, by its two diagonals. */
export interface SquareCheck {
  /** Out of square, degrees; the sign says which diagonal is longer. */
  readonly offDeg: number
  /** How far one end is pushed sideways against the other, mm. */
  readonly skewMm: number
  /** Half the difference of the diagonals: push the longer one by this much, mm. */
  readonly correctMm: number
  /** The diagonals do not belong to a box of these sides: the sides themselves are off, mm (root mean square). */
  readonly sidesOffMm: number
  /** Least room at an end bar's corner, mm. */
  readonly endGapMm: number
  /** Room left across the frames, mm. */
  readonly slackMm: number
  readonly clears: boolean
}

/** Why a box is not square, by its diagonals. */
export type SquareProblem = {
  readonly problem: 'no-quadrilateral' | 'not-a-length'
  readonly field: 'first' | 'second'
  readonly leastMm: number
  readonly mostMm: number
}

/** The lengths that a diagonal of sides a and b can have, however far the box is pushed over. Plane geometry. */
export function diagonalProblem(box: ResolvedPart, firstMm: number, secondMm: number): SquareProblem | undefined {
  const [a, b] = [dimensionMm(box, 'outsideLength'), dimensionMm(box, 'outsideWidth')]
  const leastMm = Math.abs(a - b)
  const mostMm = a + b
  for (const [field, mm] of [
    ['first', firstMm],
    ['second', secondMm],
  ] as const) {
    if (!Number.isFinite(mm) || mm <= 0) return { problem: 'not-a-length', field, leastMm, mostMm }
    if (mm <= leastMm || mm >= mostMm) return { problem: 'no-quadrilateral', field, leastMm, mostMm }
  }
  // In a four-sided figure the two diagonals together are longer than either pair of opposite sides.
  if (firstMm + secondMm <= 2 * Math.max(a, b))
    return {
      problem: 'no-quadrilateral',
      field: firstMm < secondMm ? 'first' : 'second',
      leastMm: 2 * Math.max(a, b) - Math.max(firstMm, secondMm),
      mostMm,
    }
  return undefined
}

/**
 * Out of square by two outside diagonals: in a parallelogram of sides a and b, d₁² − d₂² = 4·a·b·cos θ and
 * d₁² + d₂² = 2·(a² + b²) (plane geometry). The frame's end gap loses half its width times the tangent of what the
 * corner is off; the room across the frames shrinks with its cosine. Lengths in mm.
 * @throws RangeError for what `diagonalProblem` finds
 */
export function squareCheck(box: ResolvedPart, firstMm: number, secondMm: number): SquareCheck {
  if (diagonalProblem(box, firstMm, secondMm)) throw new RangeError('no quadrilateral has these diagonals')
  const [a, b] = [dimensionMm(box, 'outsideLength'), dimensionMm(box, 'outsideWidth')]
  const cosine = Math.max(-1, Math.min(1, (firstMm ** 2 - secondMm ** 2) / (4 * a * b)))
  const off = Math.asin(cosine)
  const across = hangAcross(box)
  const widest = Math.max(0, ...across.places.map(({ pattern }) => pattern.spacing.mm))
  const longest = Math.max(0, ...across.places.map(({ pattern }) => pattern.lengthOverEndBars.mm))
  const endGapMm = (dimensionMm(box, 'insideLength') - longest) / 2 - (widest / 2) * Math.abs(Math.tan(off))
  const slackMm = across.slackMm - dimensionMm(box, 'insideWidth') * (1 - Math.cos(off))
  return {
    offDeg: (off * 180) / Math.PI,
    skewMm: b * cosine,
    correctMm: Math.abs(firstMm - secondMm) / 2,
    sidesOffMm: Math.sqrt((firstMm ** 2 + secondMm ** 2) / 2) - Math.hypot(a, b),
    endGapMm,
    slackMm,
    clears: endGapMm > 0 && slackMm >= 0,
  }
}
