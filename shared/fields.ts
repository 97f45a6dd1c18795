import { there } from '#core/units'
import './json-schema'
import { isDay, isMoment } from './moments'
import * as yup from './yup'

/** An object with these fields and no others. */
export const record = <T extends yup.ObjectShape>(shape: T) => yup.object(shape).strict().required().noUnknown()
/** The same where it may be left out. */
export const some = <T extends yup.ObjectShape>(shape: T) => yup.object(shape).strict().noUnknown()
/** Null, where a value is taken away. */
const NOTHING = yup
  .mixed<never>()
  .nullable()
  .defined()
  .meta({ json: { type: 'null' } })
/** The value, or null where it is taken away. */
export const orNull = <T>(schema: yup.ISchema<T>): yup.ISchema<T | null> =>
  yup.lazy((value: unknown) => (value === null ? NOTHING : schema)).meta({ anyOf: [schema, NOTHING] })
/** A list of at most so many, read only as the model has it. */
export const listOf = <T>(schema: yup.ISchema<T>, max: number, min = 0, few?: string): yup.ISchema<readonly T[]> =>
  yup.array().strict().of(schema).required('${path} is missing: a list').max(max).min(min, few)
/** The same where it may be left out. */
export const someOf = <T>(schema: yup.ISchema<T>, max: number): yup.ISchema<readonly T[] | undefined> =>
  yup.array().strict().of(schema).optional().default(undefined).max(max)

/** One of these words. */
export const oneOf = <const T extends string>(
  values: readonly T[],
  sentence = '${path} is none of ' + values.join(', '),
) => yup.string().strict().required().oneOf(values, sentence)
/** The same where it may be left out. */
export const maybe = <const T extends string>(values: readonly T[]) => yup.string().strict().optional().oneOf(values)
/** One of these numbers. */
export const oneOfNumbers = <const T extends number>(
  values: readonly T[],
  sentence = '${path} is none of ' + values.join(', '),
) => yup.number<T>().strict().oneOf(values, sentence)

/** Counted in characters, as JSON Schema does, not in UTF-16 units. */
export function text(max: number, min = 0) {
  return yup
    .string()
    .strict()
    .defined('${path} is missing: a text')
    .meta({ json: { ...(min > 0 ? { minLength: min } : {}), maxLength: max } })
    .test('empty', '${path} is empty', (value) => min === 0 || value !== '')
    .test('length', '${path} may have ' + `${min} to ${max} characters`, (value) => {
      if (value === undefined || value === null) return true
      if (value.length > 2 * max) return false
      const length = [...value].length
      return length >= min && length <= max
    })
}

/** A moment in UTC that there is. */
export const moment = () =>
  yup
    .string()
    .strict()
    .required('${path} is missing: a time')
    .meta({ json: { pattern: '^\\d{4}-\\d\\d-\\d\\dT.+Z$' } })
    .test(
      'moment',
      '${path} is no time in UTC that there is: one such as 2026-05-31T14:15:00Z',
      (value) => value === undefined || isMoment(value),
    )
/** A day or a time as it was noted; where it names a day, there is such a day. */
export const noted = () =>
  text(40, 1).test(
    'noted',
    '${path} is no day that there is: year, month and day such as 2026-09-20',
    (value) => !/^\d{4}-\d\d-\d\d/.test(value ?? '') || isDay(there(value).slice(0, 10)),
  )
/** A day of any year: month and day. */
export function monthDay(example: string) {
  return yup
    .string()
    .strict()
    .meta({ json: { pattern: '^\\d\\d-\\d\\d$' } })
    .test(
      'month-day',
      '${path} is no day of a year: month and day such as ' + example,
      (value) => value === undefined || value === null || (/^\d\d-\d\d$/.test(value) && isDay(`2024-${value}`)),
    )
}
/** A day that there is. */
export const day = () =>
  yup
    .string()
    .strict()
    .meta({ json: { pattern: '^\\d{4}-\\d\\d-\\d\\d$' } })
    .test(
      'day',
      '${path} is no day that there is: year, month and day such as 2026-09-20',
      (value) => value === undefined || isDay(value),
    )

/** A whole number within these bounds. */
export const whole = (min: number, max: number) =>
  yup
    .number()
    .strict()
    .required('${path} is missing: a whole number')
    .integer('${path} is not a whole number')
    .min(min)
    .max(max)
/** A number within these bounds. */
export const decimal = (min: number, max: number) =>
  yup
    .number()
    .strict()
    .required('${path} is missing: a number')
    .min(min, '${path} is below ${min}')
    .max(max, '${path} is above ${max}')
