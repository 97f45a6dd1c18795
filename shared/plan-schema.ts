import { day, listOf, monthDay, noted, orNull, record, some, text } from './fields'
import * as yup from './yup'
import {
  BEE_SPACES,
  BOX_SIZES,
  DIMENSION_NAMES,
  HANGING_DIMENSIONS,
  HANGING_KINDS,
  PART_KINDS,
  SLACK_PLACES,
  SPACED_BY,
  USES,
} from '#core/catalogue'
import {
  ABSORBER_FEATURES,
  ATTACHMENT_PLACES,
  BAND_PRESETS,
  BROOD_FORMS,
  CLIMATES,
  COMB_HOLDS,
  COMB_STARTS,
  COMB_SUPPORTS,
  CONDITIONS,
  CROP_WAYS,
  EDGES,
  EXCLUDER_PLACES,
  FLOOR_WAYS,
  MOST_SUPERS,
  PLAN_FORMAT,
  PLAN_LIMITS,
  PLAN_VERSION,
  ROLES,
  SPACING_SYSTEMS,
  STAGES,
  SUPER_STARTS,
  WINTER_SIZES,
  WINTER_TOPS,
  YAWS_DEG,
} from '#core/hive'

const IDENTITY_PATTERN = '^(?!new:)[A-Za-z0-9_.:/×-]{1,100}$'
const identity = () =>
  yup
    .string()
    .strict()
    .required('${path} is missing: every yard, hive, part and frame needs an identity')
    .matches(
      new RegExp(IDENTITY_PATTERN, 'u'),
      '${path} is not an identity: 1 to 100 letters, digits or the signs _ . : / - ×',
    )
const oneOf = <T extends string>(values: readonly T[]) =>
  yup
    .string()
    .strict()
    .required()
    .oneOf(values, '${path} is none of ' + values.join(', '))
const whole = (min: number, max: number) =>
  yup
    .number()
    .strict()
    .required('${path} is missing: a whole number')
    .integer('${path} is not a whole number')
    .min(min)
    .max(max)
const decimal = (min: number, max: number) =>
  yup
    .number()
    .strict()
    .required('${path} is missing: a number')
    .min(min, '${path} is below ${min}')
    .max(max, '${path} is above ${max}')

const source = record({ mark: oneOf(['P', 'C', 'M', 'measured', 'own'] as const), text: text(300) })
export const lengthSchema = () => length
const length = record({
  mm: decimal(-1000, 3000),
  plusMinusMm: decimal(0, 100),
  source,
  inches: text(20, 1).optional(),
})

const measured = yup
  .object(Object.fromEntries(DIMENSION_NAMES.map((name) => [name, length.optional().default(undefined)])))
  .strict()
  .optional()
  .default(undefined)
  .noUnknown('${path} has a dimension that no part has: ${unknown}')

const maybe = <T extends string>(values: readonly T[]) => yup.string().strict().optional().oneOf(values)
const flag = () => yup.boolean().strict().optional()

const contentSchema = record({
  id: identity(),
  patternId: identity(),
  place: whole(0, 99),
  comb: maybe(COMB_STARTS),
  support: maybe(COMB_SUPPORTS),
  holds: maybe(COMB_HOLDS),
  hasHeld: listOf(oneOf(['honey', 'brood'] as const), 2).optional(),
  turned: flag(),
  atMm: decimal(-1500, 1500).optional(),
})

const spacingSchema = yup
  .object({
    system: oneOf(SPACING_SYSTEMS),
    count: whole(1, 40).optional(),
    slack: oneOf(SLACK_PLACES),
    tightTo: maybe(['near', 'far']),
  })
  .strict()
  .optional()
  .default(undefined)
  .noUnknown('${path} has a field that a spacing does not have: ${unknown}')

const readingSchema = record({
  id: identity(),
  dimension: oneOf(DIMENSION_NAMES),
  mm: decimal(-1000, 3000),
  plusMinusMm: decimal(0, 100),
  inches: text(20, 1).optional(),
  text: text(300),
  at: noted(),
})

export const partSchema = record({
  id: identity(),
  patternId: identity(),
  name: text(80, 1).optional(),
  measured,
  contents: listOf(contentSchema, PLAN_LIMITS.contentsPerPart),
  spacing: spacingSchema,
  hasHeld: listOf(oneOf(['honey', 'brood'] as const), 2),
  readings: yup.array().strict().of(readingSchema).optional().default(undefined).max(PLAN_LIMITS.readingsPerPart),
  condition: yup.string().strict().optional().oneOf(CONDITIONS),
  hole: yup.string().strict().optional().oneOf(['open', 'closed']),
  lacks: yup.array().strict().of(oneOf(ABSORBER_FEATURES)).optional().default(undefined).max(2),
})

const eachReading = yup.lazy((value: unknown) =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
    ? yup
        .object(
          Object.fromEntries(
            Object.keys(value)
              .slice(0, 201)
              .map((key) => [
                key,
                orNull(
                  readingSchema.test(
                    'own',
                    '${path} has another identity than its key',
                    (reading) => reading.id === key,
                  ),
                ),
              ]),
          ),
        )
        .strict()
        .test('few', '${path} has more than 200 readings', () => Object.keys(value).length <= 200)
    : yup.object().strict().optional().default(undefined),
)
/** Fields of a part that an edit changes; null takes one away. Sizes and readings are changed one by one. */
export const partFieldsSchema = record({
  name: orNull(text(80, 1).optional()),
  measured: yup
    .object(Object.fromEntries(DIMENSION_NAMES.map((name) => [name, orNull(length.optional().default(undefined))])))
    .strict()
    .noUnknown()
    .optional()
    .default(undefined),
  contents: listOf(contentSchema, PLAN_LIMITS.contentsPerPart).optional(),
  spacing: orNull(spacingSchema),
  hasHeld: listOf(oneOf(['honey', 'brood'] as const), 2).optional(),
  readings: eachReading,
  condition: orNull(maybe(CONDITIONS)),
  hole: orNull(maybe(['open', 'closed'])),
  lacks: orNull(yup.array().strict().of(oneOf(ABSORBER_FEATURES)).max(2).optional().default(undefined)),
})

export const placementSchema = record({
  partId: identity(),
  turnedOver: yup.boolean().strict().required('${path} is missing: true or false'),
  yawDeg: yup.number().strict().required().oneOf(YAWS_DEG, '${path} is none of 0, 90, 180, 270'),
  offsetMm: record({ x: decimal(-600, 600), y: decimal(-600, 600) }),
  role: yup.string().strict().optional().oneOf(ROLES),
  offBy: day().optional(),
})

export const attachmentSchema = record({ partId: identity(), place: oneOf(ATTACHMENT_PLACES), edge: maybe(EDGES) })
export const acceptanceSchema = record({
  findingKey: text(400, 1),
  measuredMm: yup.number().strict().nullable().defined('${path} is missing: a number or null').min(-10_000).max(10_000),
  reason: text(500, 1),
})

const date = () => monthDay('05-20').required('${path} is missing: a day such as 05-20')
const dateOrNone = () => monthDay('11-01').nullable().defined('${path} is missing: a day such as 11-01, or null')
const waySchema = some({
  broodForm: maybe(BROOD_FORMS),
  excluder: maybe(EXCLUDER_PLACES),
  supers: whole(0, MOST_SUPERS).optional(),
  superSize: maybe(BOX_SIZES),
  framesLess: whole(0, 2).optional(),
  superStart: maybe(SUPER_STARTS),
  floor: maybe(FLOOR_WAYS),
  winterTop: maybe(WINTER_TOPS),
  winterSize: maybe(WINTER_SIZES),
  crops: maybe(CROP_WAYS),
  feeds: flag(),
})
  .optional()
  .default(undefined)
const stageKeys = (schema: yup.AnySchema): yup.ObjectShape => Object.fromEntries(STAGES.map((stage) => [stage, schema]))

/** A yard's year and the way bees are kept in it. */
export const yardSeasonSchema = some({
  calendar: some({
    climate: oneOf(CLIMATES),
    firstPollen: date(),
    flowStart: date(),
    flowEnd: date(),
    secondFlow: some({ start: date(), end: date() }).optional().default(undefined),
    firstFrost: dateOrNone(),
    lastFrost: dateOrNone(),
    moved: some(stageKeys(monthDay('05-20').optional()))
      .optional()
      .default(undefined),
  })
    .optional()
    .default(undefined),
  way: waySchema,
})

const handPlanSchema = some({
  layers: listOf(
    record({ placement: placementSchema, patternId: identity(), hole: maybe(['open', 'closed']) }),
    PLAN_LIMITS.layersPerHive,
  ),
  attachments: listOf(
    record({ partId: identity(), place: oneOf(ATTACHMENT_PLACES), edge: maybe(EDGES), patternId: identity() }),
    20,
  ),
  writtenFrom: text(8000),
})
  .optional()
  .default(undefined)

/** How a hive is kept otherwise than its yard, and its stages planned by hand. */
export const hiveSeasonSchema = some({
  way: waySchema,
  byHand: some(stageKeys(handPlanSchema)).optional().default(undefined),
})

const pile = () =>
  yup
    .mixed<string | number>()
    .required('${path} is missing: hive, van or the number of a place')
    .test(
      'pile',
      '${path} is neither hive nor van nor the number of a place',
      (value) =>
        value === 'hive' || value === 'van' || (Number.isInteger(value) && Number(value) >= 1 && Number(value) <= 20),
    )

/** A changeover under way, step by step. */
export const visitSchema = some({
  id: identity(),
  toStage: oneOf(STAGES),
  startedOn: noted(),
  done: whole(0, 200),
  steps: listOf(
    record({
      partId: identity(),
      patternId: identity(),
      from: pile(),
      to: pile(),
      kg: decimal(0, 1000),
      turned: yup.boolean().strict().required('${path} is missing: true or false'),
      placement: placementSchema.optional().default(undefined),
      part: partSchema.optional().default(undefined),
      attachment: attachmentSchema.optional().default(undefined),
      sortInto: yup.array().strict().of(identity()).max(PLAN_LIMITS.layersPerHive).optional().default(undefined),
    }),
    200,
  ),
})

export const hiveSchema = record({
  id: identity(),
  name: text(80, 1),
  stage: oneOf(STAGES),
  note: text(2000),
  stack: listOf(placementSchema, PLAN_LIMITS.layersPerHive),
  attachments: listOf(attachmentSchema, PLAN_LIMITS.attachmentsPerHive),
  accepted: listOf(acceptanceSchema, PLAN_LIMITS.acceptedPerHive),
  season: hiveSeasonSchema.optional().default(undefined),
  visit: visitSchema.optional().default(undefined),
})

const label = record({ british: text(100, 1), northAmerican: text(100, 1) })
const mass = yup
  .object({ kg: decimal(0, 500), plusMinusKg: decimal(0, 500), source })
  .strict()
  .optional()
  .default(undefined)
  .noUnknown()
const normalContents = yup
  .object({
    framePatternId: identity(),
    count: whole(1, 40),
    dummyPatternId: identity().optional(),
    slack: maybe(SLACK_PLACES),
  })
  .strict()
  .optional()
  .default(undefined)
  .noUnknown()

/** A pattern of the keeper's own: the same fields as those that ship. */
export const patternSchema = record({
  id: identity(),
  kind: oneOf(PART_KINDS),
  label,
  format: text(60, 1),
  material: oneOf(['wood', 'metal', 'polystyrene', 'foam', 'masonry', 'plastic'] as const),
  dimensions: measured.required('${path} is missing: the sizes'),
  mass,
  ratingKg: decimal(0, 5000).optional(),
  rValue: decimal(0, 50).optional(),
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
})

export const hangingSchema = record({
  id: identity(),
  kind: oneOf(HANGING_KINDS),
  label,
  mass: mass.required('${path} is missing: the mass'),
  cleanComb: flag(),
  own: flag(),
  spacedBy: maybe(SPACED_BY),
  thickness: length.optional().default(undefined),
  litres: decimal(0, 30).optional(),
  ...Object.fromEntries(HANGING_DIMENSIONS.map((name) => [name, length])),
})

const overrideSchema = record({ key: text(200, 1), length })

export const yardSchema = record({
  id: identity(),
  name: text(80, 1),
  note: text(2000),
  band: oneOf(BAND_PRESETS),
  prolific: yup.boolean().strict().required('${path} is missing: true or false'),
  season: yardSeasonSchema.optional().default(undefined),
  overrides: listOf(overrideSchema, PLAN_LIMITS.overridesPerYard),
  patterns: listOf(patternSchema, PLAN_LIMITS.patternsPerYard),
  hanging: listOf(hangingSchema, PLAN_LIMITS.patternsPerYard),
  hives: listOf(hiveSchema, PLAN_LIMITS.hivesPerYard),
  parts: listOf(partSchema, PLAN_LIMITS.partsPerPlan),
})

export const planSchema = record({
  format: yup
    .string()
    .strict()
    .required('format is missing: a plan file says “' + PLAN_FORMAT + '”')
    .oneOf([PLAN_FORMAT], 'format is not “' + PLAN_FORMAT + '”: this is no plan file'),
  version: yup
    .number()
    .strict()
    .required('version is missing: this Duvet reads version ' + PLAN_VERSION)
    .oneOf([PLAN_VERSION], 'version is ${value}: this Duvet reads version ' + PLAN_VERSION),
  yards: listOf(yardSchema, PLAN_LIMITS.yards),
})
