import { moment, oneOf, record } from '../fields'
import { isMoment } from '../moments'
import * as yup from '../yup'
import type { KindOfReading } from './kind'

/** More than any hive weighs, kg. */
export const MOST_KG = 1000
const kg = yup
  .number()
  .strict()
  .min(0, '${path} is below 0 kg')
  .max(MOST_KG, `\${path} is above ${MOST_KG} kg: no hive weighs that`)
const whole = kg.required('${path} is missing: kilograms')

/** One weighing of a hive, kg, above its stand; a heft adds two half-lifts up. */
export interface WeighIn {
  readonly at: string
  readonly kg: number
  readonly method: 'scale' | 'heft'
  readonly leftKg?: number | undefined
  readonly rightKg?: number | undefined
}

/** What a hive weighs: a scale under it, or a keeper who lifts. */
export const WEIGHT: KindOfReading<WeighIn, Pick<WeighIn, 'at' | 'kg'>> = {
  places: ['under'],
  isOfBoxes: true,
  device: 'scale',
  heading: 'A scale under the hive',
  example: 'Left stand',
  reading: record({
    at: moment(),
    kg: whole,
    method: oneOf(['scale', 'heft']),
    leftKg: kg.optional(),
    rightKg: kg.optional(),
  }),
  isPlain(row) {
    if (typeof row !== 'object' || row === null) return false
    const { at, kg: mass, method, ...more }: Record<string, unknown> = { ...row }
    return (
      typeof at === 'string' &&
      isMoment(at) &&
      typeof mass === 'number' &&
      mass >= 0 &&
      mass <= MOST_KG &&
      method === 'scale' &&
      Object.keys(more).length === 0
    )
  },
  sent: record({ at: moment(), kg: whole }),
  ofDevice: (sent) => ({ ...sent, method: 'scale' }),
  stored: ({ at, kg: value, method, leftKg, rightKg }) => ({
    at,
    value,
    more:
      method === 'scale' && leftKg === undefined && rightKg === undefined
        ? null
        : { method, ...(leftKg === undefined ? {} : { leftKg }), ...(rightKg === undefined ? {} : { rightKg }) },
  }),
  read: ({ at, value, more }) => ({
    at,
    kg: value,
    method: more?.method === 'heft' ? 'heft' : 'scale',
    ...(more?.leftKg === undefined ? {} : { leftKg: Number(more.leftKg) }),
    ...(more?.rightKg === undefined ? {} : { rightKg: Number(more.rightKg) }),
  }),
}
