import { catalogueOf, type Catalogue, type Vocabulary } from '../parts'
import { assembleHive, layOut, partsById, type AssembledHive, type Layout, type PartLookup, partNames } from '../stack'
import type { Hive, Yard } from '../yard'
import { liftsOf, type LiftProfile, type StackLifts, massOfHive, mayHold, type HiveMass, type Weighing } from '../loads'
import { partsWith, type PlannedStage } from '../year'

/**
 * A hive in its yard before anything is judged: its parts, where they sit, what they weigh. Worked out when it is first
 * asked for, and kept as long as yard and hive are the same.
 */
export class LaidHive {
  private known: { assembled?: AssembledHive; layout?: Layout } = {}
  private readonly named = new Map<Vocabulary, ReadonlyMap<string, string>>()
  /** With the figures and own patterns of its yard. */
  readonly catalogue: Catalogue

  constructor(
    readonly yard: Yard,
    readonly hive: Hive,
    /** The parts of its yard, with those that a plan adds or changes. */
    readonly parts: PartLookup,
  ) {
    this.catalogue = catalogueOf(yard)
  }

  /** Its parts with their patterns in hand. @throws RangeError when it names a part that the yard does not have */
  get assembled(): AssembledHive {
    return (this.known.assembled ??= assembleHive(this.hive, this.parts, this.catalogue))
  }

  /** Where every part sits, mm above the ground. */
  get layout(): Layout {
    return (this.known.layout ??= layOut(this.assembled))
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

/** Makes once what is kept with a yard and something of it. */
function keptWith<Of extends object, Kept>(make: (yard: Yard, of: Of) => Kept): (yard: Yard, of: Of) => Kept {
  const kept = new WeakMap<Yard, WeakMap<Of, Kept>>()
  return (yard, of) => {
    let ofYard = kept.get(yard)
    if (!ofYard) kept.set(yard, (ofYard = new WeakMap()))
    let found = ofYard.get(of)
    if (!found) ofYard.set(of, (found = make(yard, of)))
    return found
  }
}

/** A hive as it stands, of which nothing is kept. */
export const laidInPassing = (yard: Yard, hive: Hive): LaidHive => new LaidHive(yard, hive, partsById(yard))

/** A hive as it stands in a yard of today or of the past, for what is only drawn, named or weighed. */
export const laidIn = keptWith(laidInPassing)

/** The same of a hive as it is planned for a stage. */
export const plannedLaidIn = keptWith(
  (yard: Yard, plan: PlannedStage) => new LaidHive(yard, plan.hive, partsWith(partsById(yard), plan)),
)

/** The tallest hive of a yard as it stands, mm; hives of the same parts are laid out once. */
export function tallestMm(yard: Yard): number {
  const parts = partsById(yard)
  const known = new Map(
    yard.hives.map((hive) => [
      JSON.stringify(
        hive.stack.map(({ partId, turnedOver }) => {
          const part = parts.get(partId)
          return [part?.patternId, turnedOver, part?.measured]
        }),
      ),
      hive,
    ]),
  )
  return Math.max(0, ...[...known.values()].map((hive) => laidIn(yard, hive).layout.heightMm))
}
