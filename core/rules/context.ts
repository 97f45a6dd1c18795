import type { Catalogue } from '../parts'
import type { AssembledHive, GapSum, Joint, Layout, Band, BetterWay, JudgedGap } from '../stack'
import type { Climate, Colony, KnownStores, Stage } from '../yard'
import type { NeedOn, TreatConflict } from '../year'
import type { Figures } from '../figures'

/** What an assessment is made for. */
export interface Context {
  readonly catalogue: Catalogue
  readonly stage: Stage
  readonly band: Band
  readonly figures: Figures
  readonly prolific: boolean
  readonly climate: Climate
  /** Means of its winter months where the keeper gave them, °C. */
  readonly winterMeansCelsius?: readonly number[]
  /** The day that it is, `2026-09-20`, where that is known. */
  readonly today?: string
  /** The hive is as it is planned for its stage: what its frames hold today says nothing of it. */
  readonly planned?: boolean
  /** What it asks to eat: on that day, else on the first of its stage. */
  readonly need?: NeedOn
  /** What it has to eat by its book, where that says anything of these days. */
  readonly stores?: KnownStores
  /** The last crop of its yard ends too late to treat before the winter bees. */
  readonly treatConflict?: TreatConflict
  /** Nobody has said what climate it is. */
  readonly climateUnsaid?: boolean
  /** What its book says of its colony; undefined where that is no more than that it lives. */
  readonly colony?: Colony
}

/** A hive with its geometry worked out, as every check takes it. */
export interface MeasuredHive {
  readonly assembled: AssembledHive
  readonly layout: Layout
  readonly gaps: readonly JudgedGap[]
  /** Parts whose underside the colony gets to; undefined where nothing says where its bees are. */
  readonly reachedFromBelow: ReadonlySet<string> | undefined
  readonly joints: readonly Joint[]
  readonly betterWays: readonly BetterWay[]
}

/** A hive being tried out: what is left of its gaps, and how far the frames' gaps lie outside their bands. */
export interface TriedHive {
  readonly gaps: readonly GapSum[]
  readonly outsideMm: number
  readonly layout: Layout
}
