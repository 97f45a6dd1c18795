import { contextOf } from '../assess'
import { assembleHive, layOut, partsById } from '../geometry'
import type { Hive, Part, Yard } from '../hive'
import { massOfHive, mayHold, usualWeighing, type Weighing } from '../weight'
import { liftsOf, type Lift, type StackLifts } from './lifts'
import type { LiftProfile } from './profile'

/** What a full inspection asks of whoever makes it. */
export interface Duty {
  readonly lifts: number
  readonly movedKg: number
  /** Boxes opened × frames: the hands wear out before the back does. */
  readonly framesTurned: number
  readonly worst: Lift | null
  readonly heaviestKg: number
}

/** The lifts of one hive as it stands in its yard. */
export function liftsOfHive(yard: Yard, hive: Hive, profile: LiftProfile, weighing: Weighing = usualWeighing(hive.stage), parts: ReadonlyMap<string, Part> = partsById(yard)): StackLifts & { readonly framesTurned: number; readonly totalKg: number } {
  const assembled = assembleHive(hive, parts, contextOf(yard, hive).catalogue)
  const mass = massOfHive(assembled, mayHold(weighing))
  return { ...liftsOf(layOut(assembled), mass, profile), framesTurned: framesOf(assembled.stack), totalKg: mass.kg.middle }
}

function framesOf(stack: ReturnType<typeof assembleHive>['stack']): number {
  return stack.reduce((sum, { pattern, hung }) => sum + (pattern?.kind === 'box' ? hung.filter(({ pattern: one }) => one?.kind === 'frame').length : 0), 0)
}

/** The lifts of many hives on one day. */
export function dutyOf(hives: readonly ReturnType<typeof liftsOfHive>[]): Duty {
  const worst = hives.map((one) => one.worst).reduce<Lift | null>((a, b) => (b && (!a || (b.index ?? Number.POSITIVE_INFINITY) > (a.index ?? Number.POSITIVE_INFINITY)) ? b : a), null)
  return {
    lifts: hives.reduce((total, one) => total + one.inspectionLifts, 0), movedKg: hives.reduce((total, one) => total + one.movedKg.middle, 0), framesTurned: hives.reduce((total, one) => total + one.framesTurned, 0),
    worst, heaviestKg: Math.max(0, ...hives.map((one) => one.heaviest?.kg.middle ?? 0)),
  }
}
