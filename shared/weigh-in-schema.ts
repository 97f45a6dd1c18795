import { listOf, moment, oneOf, record } from './fields'
import { isMoment } from './moments'
import { soundRows } from './sound-rows'
import * as yup from './yup'

const kg = yup
  .number()
  .strict()
  .min(0, '${path} is below 0 kg')
  .max(1000, '${path} is above 1000 kg: no hive weighs that')

/** One weighing of a hive, kg, above its stand; a heft adds two half-lifts up. */
export interface WeighIn {
  readonly at: string
  readonly kg: number
  readonly method: 'scale' | 'heft'
  readonly leftKg?: number | undefined
  readonly rightKg?: number | undefined
}

const reading: yup.ObjectSchema<WeighIn> = record({
  at: moment(),
  kg: kg.required('${path} is missing: kilograms'),
  method: oneOf(['scale', 'heft']),
  leftKg: kg.optional(),
  rightKg: kg.optional(),
})

/** A row as files give them: sound at a glance, so that thousands need not be gone through field by field. */
function isPlainRow(row: unknown): boolean {
  if (typeof row !== 'object' || row === null) return false
  const { at: when, kg: mass, method, ...more }: Record<string, unknown> = { ...row }
  return (
    typeof when === 'string' &&
    isMoment(when) &&
    typeof mass === 'number' &&
    mass >= 0 &&
    mass <= 1000 &&
    method === 'scale' &&
    Object.keys(more).length === 0
  )
}

/** Readings of one hive, sent together, and taken back together. */
export interface WeighIns {
  readonly source: 'hand' | 'csv'
  readonly batchId: string
  readonly readings: readonly WeighIn[]
}

/** Readings of one hive by hand or from a file. */
export const weighInsSchema: yup.ObjectSchema<WeighIns> = record({
  source: oneOf(['hand', 'csv'], '${path} is neither hand nor csv'),
  batchId: yup
    .string()
    .strict()
    .required()
    .matches(/^[0-9a-f-]{36}$/, '${path} is no identity'),
  readings: soundRows(reading, isPlainRow),
})

/** A scale to be set up. */
export interface NewScale {
  readonly yardId: string
  readonly hiveId: string
  readonly name: string
}
export const scaleSchema: yup.ObjectSchema<NewScale> = record({
  yardId: yup.string().strict().required().max(100),
  hiveId: yup.string().strict().required().max(100),
  name: yup.string().strict().required('${path} is empty: give the scale a name').max(60),
})

/** What a scale sends, signed as it stands. */
export interface ScaleReport {
  readonly sequence: number
  readonly batteryPercent?: number
  readonly readings: readonly Pick<WeighIn, 'at' | 'kg'>[]
}
export const scaleReportSchema: yup.ObjectSchema<ScaleReport> = record({
  sequence: yup
    .number()
    .strict()
    .required('${path} is missing: a number that grows')
    .integer()
    .min(0)
    .max(Number.MAX_SAFE_INTEGER),
  batteryPercent: yup.number().strict().optional().min(0).max(100),
  readings: listOf(record({ at: moment(), kg: kg.required('${path} is missing: kilograms') }), 500, 1),
})
