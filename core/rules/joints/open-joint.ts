import { SIDES, type Joint, type Side, isUnsure, type Grade } from '../../stack'
import { comparableMm } from '../../units'
import type { Figures } from '../../figures'

/** Where a joint stands open, how wide at worst, and how bad it is. */
export interface OpenJoint {
  readonly sides: readonly Side[]
  readonly side: Side
  readonly mm: number
  readonly marginal: boolean
  readonly grade: Grade
}

/**
 * Open where the edges do not reach each other, and where they only just meet, which seals nothing: stop where a bee
 * gets through, mend below that (common practice). Lengths in mm.
 */
export function openJoint(
  { openMm, bearingMm, plusMinusMm }: Joint,
  { beeTightMm }: Pick<Figures, 'beeTightMm'>,
): OpenJoint {
  const side = SIDES.reduce((widest, other) => (openMm[other] > openMm[widest] ? other : widest))
  const sides = SIDES.filter(
    (other) => comparableMm(openMm[other]) > 0 || (bearingMm[other] !== null && comparableMm(bearingMm[other]) <= 0),
  )
  const mm = openMm[side]
  const marginal = sides.length > 0 && (isUnsure(mm, plusMinusMm, 0) || isUnsure(mm, plusMinusMm, beeTightMm))
  return {
    sides,
    side,
    mm,
    marginal,
    grade: sides.length === 0 ? 'good' : marginal ? 'watch' : comparableMm(mm) > beeTightMm ? 'stop' : 'mend',
  }
}

/** How many joints are wrong in any way, mm and lips alike. */
export function faultyJoints(joints: readonly Joint[], figures: Pick<Figures, 'beeTightMm'>): number {
  return joints.reduce(
    (sum, joint) => sum + Number(isUnjoined(joint)) + Number(openJoint(joint, figures).sides.length > 0),
    0,
  )
}

function isUnjoined({ lipOnFlat, roofShortMm }: Joint): boolean {
  return lipOnFlat || comparableMm(roofShortMm) > 0
}
