import { SIDES, type Joint } from '../geometry'
import { comparableMm } from '../units'
import { BEARING_MM, BEE_TIGHT_MM } from './band'
import type { Measured } from './context'
import { findingOf, type Finding } from './finding'

/** Whether each part bears on the next all round, and every roof goes on. */
export function checkJoints({ joints }: Measured): Finding[] {
  return joints.flatMap((joint) => roofFinding(joint) ?? openFinding(joint) ?? bearingFinding(joint) ?? [])
}

function exactly(mm: number) {
  return { mm, plusMinusMm: 0, likelyPlusMinusMm: 0 }
}

function roofFinding(joint: Joint): Finding[] | undefined {
  if (comparableMm(joint.roofShortMm) <= 0) return undefined
  return [findingOf('joint.roof', 'stop', [joint.lowerId, joint.upperId], { measured: exactly(joint.roofShortMm) })]
}

function openFinding({ lowerId, upperId, openMm }: Joint): Finding[] | undefined {
  const side = SIDES.reduce((widest, other) => (openMm[other] > openMm[widest] ? other : widest))
  const mm = openMm[side]
  if (comparableMm(mm) <= 0) return undefined
  const sides = SIDES.filter((other) => comparableMm(openMm[other]) > 0).join(' ')
  return [findingOf('joint.open', comparableMm(mm) > BEE_TIGHT_MM ? 'stop' : 'mend', [lowerId, upperId], { measured: exactly(mm), facts: { side, sides } })]
}

function bearingFinding({ lowerId, upperId, bearingMm }: Joint): Finding[] | undefined {
  const least = SIDES.flatMap((side) => {
    const mm = bearingMm[side]
    return mm === null ? [] : [{ side, mm }]
  }).reduce((a, b) => (b.mm < a.mm ? b : a))
  if (comparableMm(least.mm) >= BEARING_MM) return undefined
  return [findingOf('joint.bearing', 'watch', [lowerId, upperId], { measured: exactly(least.mm), facts: { side: least.side, leastMm: BEARING_MM } })]
}
