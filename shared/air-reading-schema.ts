import { SENSOR_PLACES, type AirReading, type SensorPlace } from '#core/winter'
import { listOf, moment, oneOf, record } from './fields'
import { isMoment } from './moments'
import * as yup from './yup'

/** Colder and warmer than any air in a hive or beside it, °C. */
export const AIR_LIMITS = { leastCelsius: -60, mostCelsius: 80 } as const
/** At most so many readings at a time; a year of half hours goes in pieces. */
const MOST_READINGS = 5000

const celsius = yup
  .number()
  .strict()
  .required('${path} is missing: degrees Celsius')
  .min(AIR_LIMITS.leastCelsius, '${path} is below −60 °C: no hive is so cold')
  .max(AIR_LIMITS.mostCelsius, '${path} is above 80 °C: are these °F?')
const humidityPercent = yup
  .number()
  .strict()
  .nullable()
  .defined('${path} is missing: per cent, or null where none was measured')
  .min(0, '${path} is below 0 %')
  .max(100, '${path} is above 100 %: air holds no more')
const reading: yup.ObjectSchema<AirReading> = record({ at: moment(), celsius, humidityPercent })

/** A row as files give them: sound at a glance, so that thousands need not be gone through field by field. */
function isPlainRow(row: unknown): boolean {
  if (typeof row !== 'object' || row === null) return false
  const { at, celsius: warm, humidityPercent: damp, ...more }: Record<string, unknown> = { ...row }
  return (
    typeof at === 'string' &&
    isMoment(at) &&
    typeof warm === 'number' &&
    warm >= AIR_LIMITS.leastCelsius &&
    warm <= AIR_LIMITS.mostCelsius &&
    (damp === null || (typeof damp === 'number' && damp >= 0 && damp <= 100)) &&
    Object.keys(more).length === 0
  )
}

/** The first reading that is not sound, told as the whole schema would. */
const soundRows = yup
  .mixed<readonly AirReading[]>()
  .defined('${path} is missing: a list')
  .test('rows', function (rows) {
    if (!Array.isArray(rows)) return this.createError({ message: `${this.path} is missing: a list` })
    if (rows.length === 0) return this.createError({ message: `${this.path} is empty` })
    if (rows.length > MOST_READINGS)
      return this.createError({ message: `${this.path} has more than ${MOST_READINGS} readings: send them in pieces` })
    const wrong = rows.findIndex((row) => !isPlainRow(row))
    if (wrong === -1) return true
    try {
      reading.validateSync(rows[wrong], { strict: true })
    } catch (error) {
      if (!(error instanceof yup.ValidationError)) throw error
      const path = `${this.path}[${wrong}]${error.path ? `.${error.path}` : ''}`
      return this.createError({ path, message: error.message.replace(error.path || 'this', path) })
    }
    return this.createError({ path: `${this.path}[${wrong}]`, message: `${this.path}[${wrong}] is no reading` })
  })

/** Readings of the air of one hive at one place, sent together, and taken back together. */
export interface AirReadings {
  readonly place: SensorPlace
  readonly batchId: string
  readonly readings: readonly AirReading[]
}
export const airReadingsSchema: yup.ObjectSchema<AirReadings> = record({
  place: oneOf(SENSOR_PLACES),
  batchId: yup
    .string()
    .strict()
    .required()
    .matches(/^[0-9a-f-]{36}$/, '${path} is no identity'),
  readings: soundRows,
})

/** A sensor to be set up. */
export interface NewSensor {
  readonly yardId: string
  readonly hiveId: string
  readonly place: SensorPlace
  readonly name: string
}
export const sensorSchema: yup.ObjectSchema<NewSensor> = record({
  yardId: yup.string().strict().required().max(100),
  hiveId: yup.string().strict().required().max(100),
  place: oneOf(SENSOR_PLACES),
  name: yup.string().strict().required('${path} is empty: give the sensor a name').max(60),
})

/** What a sensor sends, signed as it stands. */
export interface SensorReport {
  readonly sequence: number
  readonly batteryPercent?: number
  readonly readings: readonly AirReading[]
}
export const sensorReportSchema: yup.ObjectSchema<SensorReport> = record({
  sequence: yup
    .number()
    .strict()
    .required('${path} is missing: a number that grows')
    .integer()
    .min(0)
    .max(Number.MAX_SAFE_INTEGER),
  batteryPercent: yup.number().strict().optional().min(0).max(100),
  readings: listOf(reading, 500, 1),
})
