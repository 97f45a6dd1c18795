import { recordOf } from '#core/units'
import {
  BEE_SPACES,
  BOX_SIZES,
  HANGING_DIMENSIONS,
  HANGING_KINDS,
  type HangingPattern,
  type Pattern,
  PART_KINDS,
  SLACK_PLACES,
  SPACED_BY,
  USES,
} from '#core/parts'
import { decimal, maybe, oneOf, record, text } from './fields'
import { frameCountSchema, rValueSchema } from './pattern-fields'
import * as yup from './yup'
import { source, identity, measured, flag, size } from './plan-fields'

const label = record({ british: text(100, 1), northAmerican: text(100, 1) }).meta({ def: 'label' })

const mass = yup
  .object({ kg: decimal(0, 500), plusMinusKg: decimal(0, 500), source })
  .meta({ def: 'mass' })
  .strict()
  .optional()
  .default(undefined)
  .noUnknown()

const normalContents = yup
  .object({
    framePatternId: identity(),
    count: frameCountSchema,
    dummyPatternId: identity().optional(),
    slack: maybe(SLACK_PLACES),
  })
  .strict()
  .optional()
  .default(undefined)
  .noUnknown()

const anyPattern = record({
  id: identity(),
  kind: oneOf(PART_KINDS),
  label,
  format: text(60, 1),
  material: oneOf(['wood', 'metal', 'polystyrene', 'foam', 'masonry', 'plastic']),
  dimensions: measured.required('${path} is missing: the sizes'),
  mass,
  ratingKg: decimal(0, 5000).optional(),
  rValue: rValueSchema.optional(),
  surface: maybe(['solid', 'mesh', 'sheet', 'rods']),
  rimSide: maybe(['above', 'below', 'both', 'none']),
  reversible: flag(),
  normalContents,
  size: maybe(BOX_SIZES),
  space: maybe(BEE_SPACES),
  use: maybe(USES),
  twinId: identity().optional(),
  roofForm: maybe(['telescoping', 'flush', 'gabled']),
  feederForm: maybe(['tray', 'rapid']),
  slots: maybe(['upper', 'upper-and-lower']),
  usualRole: maybe(['brood', 'super']),
  halves: flag(),
  cleanComb: flag(),
  sections: flag(),
  own: flag(),
}).meta({ def: 'pattern', description: 'A pattern of the keeper’s own.' })

/**
 * A pattern of the keeper’s own: the same fields as those that ship. What its kind needs is asked for where it is used:
 * a file of an earlier version may lack it.
 */
export const patternSchema = anyPattern as unknown as yup.ISchema<Pattern>

export const hangingSchema: yup.ObjectSchema<HangingPattern> = record({
  id: identity(),
  kind: oneOf(HANGING_KINDS),
  label,
  mass: mass.required('${path} is missing: the mass'),
  cleanComb: flag(),
  own: flag(),
  spacedBy: maybe(SPACED_BY),
  thickness: size('thickness').optional().default(undefined),
  litres: decimal(0, 30).optional(),
  ...recordOf(HANGING_DIMENSIONS, (name) => size(name)),
}).meta({ def: 'hanging', description: 'A frame, dummy board, frame feeder or hung division of the keeper’s own.' })
