import { assess, contextOf, type Assessment, type Look } from './assess'
import type { Context } from './checks'
import { assembleHive, layOut, partsById, type AssembledHive, type Layout, type PartLookup } from './geometry'
import type { Hive, Yard } from './hive'
import { liftsOf, type LiftProfile, type StackLifts } from './lifting'
import { partsWith, type PlannedStage } from './season'
import { massOfHive, mayHold, type HiveMass, type Weighing } from './weight'
import { partNames, type Vocabulary } from './wording'

/**
 * A hive in its yard: as it stands, as it is planned, or as it stood. Everything that is known of it is worked out when
 * it is first asked for, and kept as long as yard and hive are the same.
 */
export class HiveIn {
  private known: { assembled?: AssembledHive; layout?: Layout; assessment?: Assessment } = {}
  private readonly named = new Map<Vocabulary, ReadonlyMap<string, string>>()
  /** What it is judged by: stage, catalogue, band, figures and climate. */
  readonly context: Context

  constructor(
    readonly yard: Yard,
    readonly hive: Hive,
    look: Look,
    private readonly parts: PartLookup,
  ) {
    this.context = contextOf(yard, hive, look)
  }

  /** Its parts with their patterns in hand. @throws RangeError when it names a part that the yard does not have */
  get assembled(): AssembledHive {
    return (this.known.assembled ??= assembleHive(this.hive, this.parts, this.context.catalogue))
  }

  /** Where every part sits, mm above the ground, without anything being judged. */
  get layout(): Layout {
    return this.known.assessment?.layout ?? (this.known.layout ??= layOut(this.assembled))
  }

  /** Gaps, joints and findings, worst first. */
  get assessment(): Assessment {
    return (this.known.assessment ??= assess(this.assembled, this.context))
  }

  /** What its parts are called, by their identity. */
  names(vocabulary: Vocabulary): ReadonlyMap<string, string> {
    let names = this.named.get(vocabulary)
    if (!names) this.named.set(vocabulary, (names = partNames(this.assembled, vocabulary)))
    return names
  }

  /** What it weighs in a state, kg. */
  mass(weighing: Weighing): HiveMass {
    return massOfHive(this.assembled, weighing)
  }

  /** The lifts of a full inspection, each box weighed as what it may hold in a state. */
  lifts(profile: LiftProfile, weighing: Weighing): StackLifts {
    return liftsOf(this.layout, this.mass(mayHold(weighing)), profile)
  }
}

const standing = new WeakMap<Yard, WeakMap<Hive, Map<string, HiveIn>>>()

/**
 * The one door to a hive as it stands in a yard of today or of the past.
 * @param look what is due by a day is judged only where the day is given
 */
export function hiveIn(yard: Yard, hive: Hive, look: Look = {}): HiveIn {
  let ofYard = standing.get(yard)
  if (!ofYard) standing.set(yard, (ofYard = new WeakMap()))
  let looks = ofYard.get(hive)
  if (!looks) ofYard.set(hive, (looks = new Map()))
  const key = `${look.today ?? ''} ${look.planned ?? false}`
  let found = looks.get(key)
  if (!found) looks.set(key, (found = new HiveIn(yard, hive, look, partsById(yard))))
  return found
}

const planned = new WeakMap<Yard, WeakMap<PlannedStage, HiveIn>>()

/** The same door to a hive as it is planned for a stage. */
export function plannedHiveIn(yard: Yard, plan: PlannedStage): HiveIn {
  let ofYard = planned.get(yard)
  if (!ofYard) planned.set(yard, (ofYard = new WeakMap()))
  let found = ofYard.get(plan)
  if (!found)
    ofYard.set(plan, (found = new HiveIn(yard, plan.hive, { planned: true }, partsWith(partsById(yard), plan))))
  return found
}
