import { SENSOR_PLACES, type AirReading, type SensorPlace } from '#core/heat'
import { listOf, moment, oneOf, record } from './fields'
import { isMoment } from './moments'
import { soundRows } from './sound-rows'
import * as yup from './yup'

/** Colder and warmer than any air in a hive or beside it, °C. */
export const AIR_LIMITS = { leastCelsius: -60, mostCelsius: 80 } as const
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
  readings: soundRows(reading, isPlainRow),
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
