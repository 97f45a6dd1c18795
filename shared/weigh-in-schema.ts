import * as yup from 'yup'

const kg = yup.number().strict().min(0, '${path} is below 0 kg').max(1000, '${path} is above 1000 kg: no hive weighs that')
const at = yup.string().strict().required('${path} is missing: a time').matches(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}(:\d{2}(\.\d+)?)?Z$/, '${path} is no time in UTC: such as 2026-05-31T14:15:00Z').test('real', '${path} is no time that there is', (value) => Number.isFinite(Date.parse(value ?? '')))
const record = <T extends yup.ObjectShape>(shape: T) => yup.object(shape).strict().required('${path} is missing').noUnknown('${path} has a field that this does not have: ${unknown}')

/** At most so many readings at a time; a year of quarter hours goes in pieces. */
export const MOST_READINGS = 5000

const reading = record({ at, kg: kg.required('${path} is missing: kilograms'), method: yup.string().strict().required().oneOf(['scale', 'heft']), leftKg: kg.optional(), rightKg: kg.optional() })

/** Readings of one hive by hand or from a file. */
export const weighInsSchema = record({
  source: yup.string().strict().required().oneOf(['hand', 'csv'], '${path} is neither hand nor csv'), batchId: yup.string().strict().required().matches(/^[0-9a-f-]{36}$/, '${path} is no identity'),
  readings: yup.array().strict().of(reading).required('${path} is missing: a list').min(1, '${path} is empty').max(MOST_READINGS, '${path} has more than ' + MOST_READINGS + ' readings: send them in pieces'),
})

/** A scale to be set up. */
export const scaleSchema = record({ hiveId: yup.string().strict().required('${path} is missing').max(100), name: yup.string().strict().required('${path} is empty: give the scale a name').max(60) })

/** What a scale sends, signed as it stands. */
export const scaleReportSchema = record({
  sequence: yup.number().strict().required('${path} is missing: a number that grows').integer().min(0).max(Number.MAX_SAFE_INTEGER), batteryPercent: yup.number().strict().optional().min(0).max(100),
  readings: yup.array().strict().of(record({ at, kg: kg.required('${path} is missing: kilograms') })).required().min(1).max(500, '${path} has more than 500 readings'),
})
