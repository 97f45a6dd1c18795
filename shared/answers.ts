import type { Entry, FoodBook, LowBattery, WeighedOn } from '#core/book'
import type { Yard } from '#core/yard'
import type { AirReading, SensorPlace } from '#core/heat'
import type { Imported, ImportProgress } from './import-answer'

/** What each route of the server answers: the routes are typed by it, and so are the calls of the application. */

export interface StoredYard {
  readonly yard: Yard
  readonly revision: number
}

/** What the books say of the state of colonies, by yard. */
export type ColonyEntries = Readonly<Record<string, readonly Entry[]>>

/** What the food of hives is known from, by yard; times of weighings in UTC. */
export type FoodBooks = Readonly<Record<string, FoodBook>>

/** A yard that was taken away and can be brought back. */
export interface RemovedYard {
  readonly id: string
  readonly name: string
}

export interface Saved {
  readonly revision: number
  /** Other yards that were changed with it: a loan goes into one, a return goes home to one. */
  readonly also?: readonly string[]
}

/** A reading as a list shows it; its batch takes it back. */
export interface ListedWeighIn {
  readonly id: string
  readonly at: string
  readonly kg: number
  readonly method: 'scale' | 'heft'
  readonly leftKg: number | null
  readonly rightKg: number | null
  readonly source: string
  readonly batchId: string
}

export interface WeighInSeries {
  readonly count: number
  readonly thinnedBy: 'largest triangle three buckets' | null
  readonly points: readonly { readonly at: string; readonly kg: number; readonly source: string }[]
}

interface ListedScale {
  readonly id: string
  readonly name: string
  readonly batteryPercent: number | null
  readonly seenAt: string | null
}

/** The weighings of a hive. */
export interface HiveWeighIns {
  readonly series: WeighInSeries
  /** The newest, in full. */
  readonly latest: readonly ListedWeighIn[]
  readonly scales: readonly ListedScale[]
  /** When its boxes became others after it was last weighed; null where they are those that were weighed. */
  readonly boxesChangedAt: string | null
}

/** Readings of the air at one place of a hive. */
export interface AirSeries {
  readonly place: SensorPlace
  readonly count: number
  /** Thinned for a chart. */
  readonly points: readonly AirReading[]
  /** The newest, in full. */
  readonly latest: AirReading
  /** The batches that they came in, the newest last. */
  readonly batchIds: readonly string[]
}

/** The air of a hive. */
export interface HiveAir {
  readonly series: readonly AirSeries[]
  readonly sensors: readonly (ListedScale & { readonly place: SensorPlace })[]
}

export interface Added {
  readonly batchId: string
  readonly added: number
  /** Readings of a minute that this source has already given. */
  readonly repeated: number
}

export interface BatchRemoved {
  readonly removed: boolean
  readonly readings: number
}

export interface YardRemoved {
  readonly removed: boolean
}

/** A scale that was set up; its key is told this once. */
export interface AddedScale {
  readonly id: string
  readonly key: string
}

/** What became of entries that were sent. */
export interface BookKept {
  readonly added: number
  /** Those that were there already. */
  readonly repeated: number
}

export interface BroughtIn {
  readonly imported: readonly Imported[]
}

export type ImportAnswer = ImportProgress & Partial<BroughtIn>

export interface Stopping {
  readonly stopping: boolean
}

/** What may still ask for something in a yard: entries of its book, and when each hive was last weighed. */
export interface OpenBook {
  readonly entries: readonly Entry[]
  readonly weighedOn: WeighedOn
  /** What the last sensor outside of the yard's hives said, where one reported in the last hours. */
  readonly outside?: OutsideNow
  /** Scales and sensors whose battery is low. */
  readonly devices?: readonly LowBattery[]
}

/** The air outside by a sensor of a hive. */
export interface OutsideNow {
  readonly at: string
  readonly celsius: number
  readonly hiveId: string
}
