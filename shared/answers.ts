import type { Entry, FoodBook, LowBattery, WeighedOn } from '#core/book'
import type { Yard } from '#core/yard'
import type { Imported, ImportProgress } from './import-answer'
import type { ReadingPlace } from './readings/kind'
import type { ReadingKind, ReadingOf } from './readings/kinds'

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

/** The revision that a yard has after what was saved. */
export interface Saved {
  readonly revision: number
  /** Other yards that were changed with it: a loan goes into one, a return goes home to one. */
  readonly also?: readonly string[]
}

/** Readings of one kind at one place of a hive. */
export interface ReadingSeries<R> {
  readonly place: ReadingPlace
  readonly count: number
  readonly thinnedBy: 'largest triangle three buckets' | null
  /** Thinned for a chart. */
  readonly points: readonly R[]
  /** The newest, in full. */
  readonly latest: R
  /** The batches that they came in, the newest last. */
  readonly batchIds: readonly string[]
}

/** A reading as a list shows it; its batch takes it back. */
export type ListedReading<R> = R & {
  readonly id: string
  readonly place: ReadingPlace
  readonly source: string
  readonly batchId: string
}

/** A device as its hive lists it. */
export interface ListedDevice {
  readonly id: string
  readonly place: ReadingPlace
  readonly name: string
  readonly batteryPercent: number | null
  readonly seenAt: string | null
}

/** What was read of a hive, of one kind. */
export interface HiveReadings<K extends ReadingKind = ReadingKind> {
  /** Place by place. */
  readonly series: readonly ReadingSeries<ReadingOf<K>>[]
  /** The newest, in full. */
  readonly latest: readonly ListedReading<ReadingOf<K>>[]
  readonly devices: readonly ListedDevice[]
  /** When its boxes became others after the newest reading; null where they did not, or where that says nothing. */
  readonly boxesChangedAt: string | null
}

/** What became of readings that were sent. */
export interface Added {
  readonly batchId: string
  readonly added: number
  /** Readings of a minute that this source has already given. */
  readonly repeated: number
}

/** What became of a batch that was taken back or brought back. */
export interface BatchRemoved {
  readonly removed: boolean
  readonly readings: number
}

/** Whether a yard is taken away now. */
export interface YardRemoved {
  readonly removed: boolean
}

/** A device that was set up; its key is told this once. */
export interface AddedDevice {
  readonly id: string
  readonly key: string
}

/** What became of entries that were sent. */
export interface BookKept {
  readonly added: number
  /** Those that were there already. */
  readonly repeated: number
}

/** What came in with a plan file. */
export interface BroughtIn {
  readonly imported: readonly Imported[]
}

/** How far a file is in, and what came in with it. */
export type ImportAnswer = ImportProgress & Partial<BroughtIn>

/** Whether bringing a file in is being stopped. */
export interface Stopping {
  readonly stopping: boolean
}

/** What may still ask for something in a yard: entries of its book, and when each hive was last weighed. */
export interface OpenBook {
  readonly entries: readonly Entry[]
  readonly weighedOn: WeighedOn
  /** What the last sensor outside of the yard's hives said, where one reported in the last hours. */
  readonly outside?: OutsideNow
  /** Devices whose battery is low. */
  readonly devices?: readonly LowBattery[]
}

/** The air outside by a sensor of a hive. */
export interface OutsideNow {
  readonly at: string
  readonly celsius: number
  readonly hiveId: string
}
