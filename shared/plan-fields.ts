import { recordOf, type Length } from '#core/units'
import { DIMENSION_NAMES, HANGING_LIMITS, SIZE_LIMITS, type DimensionName, type HangingDimension } from '#core/parts'
import { decimal, oneOf, record, text } from './fields'
import * as yup from './yup'

const IDENTITY_PATTERN = '^(?!new:)[A-Za-z0-9_.:/×-]{1,100}$'

export const spelling = () =>
  yup
    .string()
    .strict()
    .matches(
      new RegExp(IDENTITY_PATTERN, 'u'),
      '${path} is not an identity: 1 to 100 letters, digits or the signs _ . : / - ×',
    )

/** The name of a thing that is stored: short, and of signs that every store and address keeps apart. */
export const identity = () =>
  spelling()
    .required('${path} is missing: every yard, hive, part and frame needs an identity')
    .meta({ def: 'identity', description: 'Identity, unique in the whole file.' })

/** The same where it may be left out or null. */
export const identityOrNone = () => spelling().nullable().optional()

export const source = record({ mark: oneOf(['P', 'C', 'M', 'measured', 'own']), text: text(300) }).meta({
  def: 'source',
  description:
    'Where a figure comes from: P published, C common practice, M from memory, measured by ruler, the keeper’s own.',
})

export const length: yup.ObjectSchema<Length> = record({
  mm: decimal(-1000, 3000),
  plusMinusMm: decimal(0, 100),
  source,
  inches: text(20, 1).optional(),
  otherMm: decimal(-1000, 3000).optional(),
}).meta({ def: 'length' })

/** A size of this name, within what it can be. */
export const size = (name: DimensionName | HangingDimension): yup.ObjectSchema<Length> => {
  const { leastMm, mostMm } = { ...SIZE_LIMITS, ...HANGING_LIMITS }[name]
  return length
    .shape({ mm: decimal(leastMm, mostMm), otherMm: decimal(leastMm, mostMm).optional() })
    .meta({ def: undefined })
}

export const measured = yup
  .object(recordOf(DIMENSION_NAMES, (name) => size(name).optional().default(undefined)))
  .strict()
  .optional()
  .default(undefined)
  .noUnknown('${path} has a dimension that no part has: ${unknown}')
  .meta({ def: 'dimensions', description: 'Sizes by their trade names.' })

export const flag = () => yup.boolean().strict().optional()
