import { SENSOR_PLACES, type AirReading } from '#core/heat'
import { moment, record } from '../fields'
import { isMoment } from '../moments'
import * as yup from '../yup'
import type { KindOfReading } from './kind'

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

/** Temperature and humidity in a hive or beside it. */
export const AIR: KindOfReading<AirReading> = {
  places: SENSOR_PLACES,
  isOfBoxes: false,
  device: 'sensor',
  heading: 'A sensor',
  example: 'Among the combs',
  reading,
  isPlain(row) {
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
  },
  sent: reading,
  ofDevice: (sent) => sent,
  stored: ({ at, celsius: value, humidityPercent: damp }) => ({
    at,
    value,
    more: damp === null ? null : { humidityPercent: damp },
  }),
  read: ({ at, value, more }) => ({
    at,
    celsius: value,
    humidityPercent: more?.humidityPercent === undefined ? null : Number(more.humidityPercent),
  }),
}
