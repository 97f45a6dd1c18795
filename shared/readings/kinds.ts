import { entriesOf, fieldOf, isOneOf } from '#core/units'
import { listOf, maybe, oneOf, record } from '../fields'
import * as yup from '../yup'
import { AIR } from './air'
import type { KindOfReading, ReadingPlace } from './kind'
import { soundRows } from './sound-rows'
import { WEIGHT } from './weight'

/** Every kind of readings, one file and one line each. */
export const READING_KINDS = { weight: WEIGHT, air: AIR } as const
/** The name of a kind of readings. */
export type ReadingKind = keyof typeof READING_KINDS
/** What a reading of a kind holds. */
export type ReadingOf<K extends ReadingKind> = ReturnType<(typeof READING_KINDS)[K]['read']>
/** A reading of any kind. */
export type AnyReading = ReadingOf<ReadingKind>
const NAMES = entriesOf(READING_KINDS).map(([name]) => name)
const isReadingKind = (name: unknown): name is ReadingKind => isOneOf(NAMES, name)
export const readingKindField = () => oneOf(NAMES)

/** A kind, for whoever handles readings without looking at what they hold. */
type Sent = { readonly at: string }
export const readingKind = (name: ReadingKind): KindOfReading<AnyReading, Sent> => READING_KINDS[name]

/** Readings of one hive at one place, sent together, and taken back together. */
export interface ReadingBatch<K extends ReadingKind = ReadingKind> {
  readonly place?: ReadingPlace | undefined
  readonly source?: 'hand' | 'csv' | undefined
  readonly batchId: string
  readonly readings: readonly ReadingOf<K>[]
}
/** Readings as a device or a keeper sends them. */
export type SentReadings<K extends ReadingKind = ReadingKind> = ReadingBatch<K> & { readonly kind: K }

/** A device to be set up at a hive. */
export interface NewDevice {
  readonly yardId: string
  readonly hiveId: string
  readonly kind: ReadingKind
  readonly place?: ReadingPlace | undefined
  readonly name: string
}

/** What a device sends, signed as it stands. */
export interface DeviceReport {
  readonly sequence: number
  readonly batteryPercent?: number | undefined
  readonly readings: readonly Sent[]
}

const id = () => yup.string().strict().required().max(100)
const batchId = yup
  .string()
  .strict()
  .required()
  .matches(/^[0-9a-f-]{36}$/, '${path} is no identity')

/** A schema for each kind, chosen by what the value says it is. */
function byKind<T>(make: (name: ReadingKind) => yup.ISchema<T>): yup.Lazy<T> {
  const known = new Map(NAMES.map((name) => [name, make(name)]))
  const unknown = yup
    .mixed<T & object>()
    .required()
    .test('kind', `kind is none of ${NAMES.join(', ')}`, () => false)
  return yup
    .lazy((value: unknown) => {
      const kind = fieldOf(value, 'kind')
      return (isReadingKind(kind) && known.get(kind)) || unknown
    })
    .meta({ anyOf: [...known.values()] })
}

const batchFields = <R extends Sent>({ places, reading, isPlain }: KindOfReading<R, Sent>) => ({
  place: maybe(places),
  source: maybe(['hand', 'csv']),
  batchId,
  readings: soundRows(reading, isPlain),
})

/** Weighings as they wait on a device and in its files. */
export const weighInsSchema: yup.ObjectSchema<ReadingBatch<'weight'>> = record(batchFields(WEIGHT))

export const readingsSchema = byKind<SentReadings>((name) =>
  record({ kind: oneOf([name]), ...batchFields(readingKind(name)) }),
)

export const deviceSchema = byKind<NewDevice>((name) => {
  const { device, places } = readingKind(name)
  return record({
    yardId: id(),
    hiveId: id(),
    kind: oneOf([name]),
    place: maybe(places),
    name: yup.string().strict().required(`\${path} is empty: give the ${device} a name`).max(60),
  })
})

const reportOf = ({ sent }: KindOfReading<AnyReading, Sent>): yup.ObjectSchema<DeviceReport> =>
  record({
    sequence: yup
      .number()
      .strict()
      .required('${path} is missing: a number that grows')
      .integer()
      .min(0)
      .max(Number.MAX_SAFE_INTEGER),
    batteryPercent: yup.number().strict().optional().min(0).max(100),
    readings: listOf(sent, 500, 1),
  })

/** What a device of a kind sends. */
export const reportSchema = (name: ReadingKind): yup.ObjectSchema<DeviceReport> => reportOf(readingKind(name))
/** What devices send, of whatever kind: for whoever describes it. */
export const anyReportSchema = yup.mixed().meta({ anyOf: NAMES.map(reportSchema) })
