import { assess, type Assessment, type Context, contextOf, type AsOf } from '../rules'
import type { AssembledHive, Layout, PartLookup } from '../stack'
import type { Vocabulary } from '../parts'
import type { Hive, Stage, Yard } from '../yard'
import { laidIn, laidInPassing, plannedLaidIn, type LaidHive } from './laid-hive'
import type { LiftProfile, StackLifts, HiveMass, Weighing } from '../loads'
import { writeHive, type PlannedStage } from '../year'

/**
 * A hive in its yard: as it stands, as it is planned, or as it stood. Everything that is known of it is worked out when
 * it is first asked for, and kept as long as yard and hive are the same.
 */
export class HiveIn {
  private judged?: Assessment
  /** What it is judged by: stage, catalogue, band, figures and climate. */
  readonly context: Context

  constructor(
    private readonly laid: LaidHive,
    look: AsOf,
  ) {
    this.context = contextOf(laid.yard, laid.hive, look)
  }

  get yard(): Yard {
    return this.laid.yard
  }

  get hive(): Hive {
    return this.laid.hive
  }

  /** The parts of its yard, with those that a plan adds or changes. */
  get parts(): PartLookup {
    return this.laid.parts
  }

  /** Its parts with their patterns in hand. @throws RangeError when it names a part that the yard does not have */
  get assembled(): AssembledHive {
    return this.laid.assembled
  }

  /** Where every part sits, mm above the ground. */
  get layout(): Layout {
    return this.laid.layout
  }

  /** Gaps, joints and findings, worst first. */
  get assessment(): Assessment {
    return (this.judged ??= assess(this.assembled, this.context, this.layout))
  }

  /** What its parts are called, by their identity. */
  names(vocabulary: Vocabulary): ReadonlyMap<string, string> {
    return this.laid.names(vocabulary)
  }

  /** What it weighs in a state, kg. */
  mass(weighing: Weighing): HiveMass {
    return this.laid.mass(weighing)
  }

  /** The lifts of a full inspection, each box weighed as what it may hold in a state. */
  lifts(profile: LiftProfile, weighing: Weighing): StackLifts {
    return this.laid.lifts(profile, weighing)
  }
}

const judged = new WeakMap<LaidHive, Map<string, HiveIn>>()

function judgedBy(laid: LaidHive, look: AsOf): HiveIn {
  let looks = judged.get(laid)
  if (!looks) judged.set(laid, (looks = new Map()))
  const key = `${look.today ?? ''} ${look.planned ?? false}`
  let found = looks.get(key)
  if (!found) looks.set(key, (found = new HiveIn(laid, look)))
  return found
}

/**
 * The one door to a hive as it stands in a yard of today or of the past.
 * @param look what is due by a day is judged only where the day is given
 */
export function hiveIn(yard: Yard, hive: Hive, look: AsOf = {}): HiveIn {
  return judgedBy(laidIn(yard, hive), look)
}

/** A hive as `hiveIn` has it, for who goes through a whole yard and looks at each once: nothing of it is kept. */
export function hiveInPassing(yard: Yard, hive: Hive, look: AsOf = {}): HiveIn {
  return new HiveIn(laidInPassing(yard, hive), look)
}

/** The same door to a hive as it is planned for a stage. */
export function plannedHiveIn(yard: Yard, plan: PlannedStage): HiveIn {
  return judgedBy(plannedLaidIn(yard, plan), { planned: true })
}

/** The same door to a hive at a stage: as it stands where that is its own, else as it is planned. */
export function hiveAt(yard: Yard, hive: Hive, stage: Stage): HiveIn {
  const plan = stage === hive.stage ? undefined : writeHive(yard, hive, [stage]).stages.get(stage)
  return plan ? plannedHiveIn(yard, plan) : hiveIn(yard, hive)
}
