import { contextOf } from '../rules'
import { assembleHive, layOut, partsById, type AssembledHive, type Layout } from '../stack'
import type { Hive, Stage, Yard } from '../yard'
import {
  asPlanned,
  massOfHive,
  mayHold,
  usualWeighing,
  type HiveMass,
  type Weighing,
  liftsOf,
  type Lift,
  type StackLifts,
  type LiftProfile,
} from '../loads'
import { isBox, isFrame } from '../parts'

/** What a full inspection asks of whoever makes it. */
export interface Duty {
  readonly lifts: number
  readonly movedKg: number
  /** Boxes opened × frames: the hands wear out before the back does. */
  readonly framesTurned: number
  readonly worst: Lift | null
  readonly heaviestKg: number
}

/** Lifts, and the frames that are turned over on the way. */
export type HiveLifts = StackLifts & { readonly framesTurned: number }

/** The lifts of one hive as it stands in its yard, each box weighed as what it may hold. */
export function liftsOfHive(
  yard: Yard,
  hive: Hive,
  profile: LiftProfile,
  weighing: Weighing = usualWeighing(hive.stage),
): HiveLifts {
  const assembled = assembleHive(hive, partsById(yard), contextOf(yard, hive).catalogue)
  return {
    ...liftsOf(layOut(assembled), massOfHive(assembled, mayHold(weighing)), profile),
    framesTurned: framesOf(assembled.stack),
  }
}

/**
 * What a hive weighs as a stage is planned, kg, and its lifts, each box weighed as what it may hold by then. Common
 * practice.
 */
export function liftsAsPlanned(
  assembled: AssembledHive,
  layout: Layout,
  stage: Stage,
  profile: LiftProfile,
): HiveLifts & { readonly mass: HiveMass } {
  const usual = usualWeighing(stage)
  return {
    ...liftsOf(layout, massOfHive(assembled, asPlanned(mayHold(usual))), profile),
    framesTurned: framesOf(assembled.stack),
    mass: massOfHive(assembled, asPlanned(usual)),
  }
}

function framesOf(stack: ReturnType<typeof assembleHive>['stack']): number {
  return stack.reduce((sum, { pattern, hung }) => sum + (isBox({ pattern }) ? hung.filter(isFrame).length : 0), 0)
}

/** The lifts of many hives on one day. */
export function dutyOf(hives: readonly HiveLifts[]): Duty {
  const worst = hives
    .map((one) => one.worst)
    .reduce<Lift | null>(
      (a, b) => (b && (!a || (b.index ?? Number.POSITIVE_INFINITY) > (a.index ?? Number.POSITIVE_INFINITY)) ? b : a),
      null,
    )
  return {
    lifts: hives.reduce((total, one) => total + one.inspectionLifts, 0),
    movedKg: hives.reduce((total, one) => total + one.movedKg.middle, 0),
    framesTurned: hives.reduce((total, one) => total + one.framesTurned, 0),
    worst,
    heaviestKg: Math.max(0, ...hives.map((one) => one.heaviest?.kg.middle ?? 0)),
  }
}
