import { SIDES, isUnsure, type Joint, type Side } from '../../stack'
import { comparableMm } from '../../units'
import type { Context, MeasuredHive } from '../context'
import { openJoint, type OpenJoint } from './open-joint'

/** What is wrong with a joint: of several the one that has to be put right first. */
export interface JointFault {
  readonly joint: Joint
  readonly is: 'roof' | 'lip' | 'open' | 'bearing'
  readonly open: OpenJoint
  readonly bearing: { readonly side: Side; readonly mm: number; readonly marginal: boolean }
}

const known = new WeakMap<MeasuredHive, readonly JointFault[]>()

/** What is wrong with each joint, each looked at once: what bears, what interlocks, what goes over what. */
function faultsOf(measured: MeasuredHive, { figures }: Context): readonly JointFault[] {
  const found = known.get(measured) ?? measured.joints.flatMap((joint) => faultOf(joint, figures))
  known.set(measured, found)
  return found
}

function faultOf(joint: Joint, figures: Context['figures']): readonly JointFault[] {
  const open = openJoint(joint, figures)
  const side = leastBearing(joint.bearingMm)
  const mm = joint.bearingMm[side] ?? 0
  const marginal = isUnsure(mm, joint.plusMinusMm, figures.bearingMm)
  const fault = { joint, open, bearing: { side, mm, marginal } }
  if (comparableMm(joint.roofShortMm) > 0) return [{ ...fault, is: 'roof' }]
  if (joint.lipOnFlat) return [{ ...fault, is: 'lip' }]
  if (open.grade !== 'good') return [{ ...fault, is: 'open' }]
  return comparableMm(mm) < figures.bearingMm || marginal ? [{ ...fault, is: 'bearing' }] : []
}

/** The side on which a joint bears least, of those that are to bear. */
function leastBearing(bearingMm: Joint['bearingMm']): Side {
  let least: Side = 'back'
  for (const side of SIDES)
    if ((bearingMm[side] ?? Number.POSITIVE_INFINITY) < (bearingMm[least] ?? Number.POSITIVE_INFINITY)) least = side
  return least
}

/** Findings of one fault, joint by joint. */
export const eachFault = <T>(
  measured: MeasuredHive,
  context: Context,
  is: JointFault['is'],
  told: (fault: JointFault, partIds: readonly string[]) => T,
): readonly T[] =>
  faultsOf(measured, context)
    .filter((fault) => fault.is === is)
    .map((fault) => told(fault, [fault.joint.lowerId, fault.joint.upperId]))
