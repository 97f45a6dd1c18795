import type { SensorPlace } from '#core/heat'
import type * as yup from '../yup'

/** Where readings are taken: under a hive, or at a place of a sensor. */
export type ReadingPlace = 'under' | SensorPlace

/** A reading as it is stored: the figure that its chart is drawn of, and what else was read with it. */
export interface StoredReading {
  readonly at: string
  readonly value: number
  readonly more: Readonly<Record<string, number | string>> | null
}

/** One kind of readings: what is asked of them, and how they are kept. A new kind is a file and a line in the list. */
export interface KindOfReading<R extends { readonly at: string }, Sent extends { readonly at: string } = R> {
  /** Where they are taken; the first is meant where none is named. */
  readonly places: readonly [ReadingPlace, ...ReadingPlace[]]
  /** They are of the boxes that stand: who shows them asks whether those became others since. */
  readonly isOfBoxes: boolean
  /** What it is read by. */
  readonly device: string
  /** Beside the button that sets a device up: its heading, and a name such as keepers give. */
  readonly heading: string
  readonly example: string
  /** A reading by hand or from a file. */
  readonly reading: yup.ObjectSchema<R>
  /** The same as files give it: sound at a glance, so that thousands need not be gone through field by field. */
  isPlain(row: unknown): boolean
  /** A reading as a device sends it, and what is kept of it. */
  readonly sent: yup.ObjectSchema<Sent>
  ofDevice(sent: Sent): R
  stored(reading: R): StoredReading
  read(stored: StoredReading): R
}
