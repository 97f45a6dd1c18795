import type { Entry } from '#core/book'
import { FIGURES, FIGURE_NAMES, FIGURE_UNITS, isFigureName, type FigureUnit, type OwnFigure } from '#core/figures'
import { recordOf, type Length } from '#core/units'
import { problemOfFigure } from './figure-problem'
import {
  BEE_SPACES,
  BOX_SIZES,
  DIMENSION_NAMES,
  HANGING_DIMENSIONS,
  HANGING_KINDS,
  type HangingPattern,
  type Pattern,
  PART_KINDS,
  SLACK_PLACES,
  SPACED_BY,
  USES,
  HANGING_LIMITS,
  SIZE_LIMITS,
  type DimensionName,
  type HangingDimension,
  type Content,
  type Override,
  type Part,
  type Reading,
  ABSORBER_FEATURES,
  ATTACHMENT_PLACES,
  COMB_HOLDS,
  COMB_STARTS,
  COMB_SUPPORTS,
  CONDITIONS,
  EDGES,
  HALVES,
  ROLES,
  SPACING_SYSTEMS,
  PARTLY,
} from '#core/parts'
import {
  type Acceptance,
  type Attachment,
  type Hive,
  type HiveSeason,
  type PartFields,
  type Placement,
  type Plan,
  type Visit,
  type VisitStep,
  type YardAsKept,
  type YardSeason,
  BAND_PRESETS,
  BROOD_FORMS,
  CLIMATES,
  CROP_WAYS,
  EXCLUDER_PLACES,
  FLOOR_WAYS,
  MOST_SUPERS,
  PLAN_FORMAT,
  PLAN_LIMITS,
  PLAN_VERSION,
  STAGES,
  TRAVEL_TASKS,
  SUPER_STARTS,
  WINTER_SIZES,
  WINTER_DOORS,
  WRAPS,
  WINTER_TOPS,
  YAWS_DEG,
} from '#core/yard'
import { nameSchema, noteSchema } from './names-schema'
import {
  day,
  decimal,
  listOf,
  maybe,
  monthDay,
  noted,
  oneOf,
  oneOfNumbers,
  orNull,
  record,
  some,
  someOf,
  text,
  whole,
} from './fields'
import { frameCountSchema, rValueSchema } from './pattern-fields'
import { entrySchema } from './book-schema'
import * as yup from './yup'

const IDENTITY_PATTERN = '^(?!new:)[A-Za-z0-9_.:/×-]{1,100}$'
const spelling = () =>
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
const source = record({ mark: oneOf(['P', 'C', 'M', 'measured', 'own']), text: text(300) }).meta({
  def: 'source',
  description:
    'Where a figure comes from: P published, C common practice, M from memory, measured by ruler, the keeper’s own.',
})
const length: yup.ObjectSchema<Length> = record({
  mm: decimal(-1000, 3000),
  plusMinusMm: decimal(0, 100),
  source,
  inches: text(20, 1).optional(),
  otherMm: decimal(-1000, 3000).optional(),
}).meta({ def: 'length' })

/** A size of this name, within what it can be. */
const size = (name: DimensionName | HangingDimension): yup.ObjectSchema<Length> => {
  const { leastMm, mostMm } = { ...SIZE_LIMITS, ...HANGING_LIMITS }[name]
  return length
    .shape({ mm: decimal(leastMm, mostMm), otherMm: decimal(leastMm, mostMm).optional() })
    .meta({ def: undefined })
}

const measured = yup
  .object(recordOf(DIMENSION_NAMES, (name) => size(name).optional().default(undefined)))
  .strict()
  .optional()
  .default(undefined)
  .noUnknown('${path} has a dimension that no part has: ${unknown}')
  .meta({ def: 'dimensions', description: 'Sizes by their trade names.' })

const flag = () => yup.boolean().strict().optional()

const contentSchema: yup.ObjectSchema<Content> = record({
  id: identity(),
  patternId: identity(),
  place: whole(0, 99),
  comb: maybe(COMB_STARTS),
  support: maybe(COMB_SUPPORTS),
  holds: maybe(COMB_HOLDS),
  stores: maybe(PARTLY),
  hasHeld: someOf(oneOf(['honey', 'brood']), 2),
  turned: flag(),
  atMm: decimal(-1500, 1500).optional(),
  half: maybe(HALVES),
}).meta({
  def: 'content',
  description:
    'A frame, dummy board, frame feeder or division in a box. A place number left out is a place left empty.',
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
  .meta({
    def: 'spacing',
    description: 'How the frames of a box are kept apart, and where the room goes that is left.',
  })

const readingSchema: yup.ObjectSchema<Reading> = record({
  id: identity(),
  dimension: oneOf(DIMENSION_NAMES),
  mm: decimal(-1000, 3000),
  plusMinusMm: decimal(0, 100),
  inches: text(20, 1).optional(),
  otherMm: decimal(-1000, 3000).optional(),
  text: text(300),
  at: noted(),
}).meta({ def: 'reading', description: 'One time that a dimension was measured.' })

const loanSchema = some({
  yardId: spelling().optional(),
  name: text(80, 1),
  since: day().required('${path} is missing: a day'),
  backBy: day().optional(),
})
  .meta({ def: 'loan', description: 'A part that is with others for a while.' })
  .optional()
  .default(undefined)

export const partSchema: yup.ObjectSchema<Part> = record({
  id: identity(),
  patternId: identity(),
  name: text(80, 1).optional(),
  measured,
  contents: listOf(contentSchema, PLAN_LIMITS.contentsPerPart),
  spacing: spacingSchema,
  hasHeld: listOf(oneOf(['honey', 'brood']), 2),
  readings: someOf(readingSchema, PLAN_LIMITS.readingsPerPart),
  condition: maybe(CONDITIONS),
  hole: maybe(['open', 'closed']),
  lacks: someOf(oneOf(ABSORBER_FEATURES), 2),
  lent: loanSchema,
  borrowed: loanSchema,
}).meta({ def: 'part' })

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
export const partFieldsSchema: yup.ObjectSchema<PartFields> = record({
  name: orNull(text(80, 1).optional()),
  measured: yup
    .object(recordOf(DIMENSION_NAMES, (name) => orNull(size(name).optional().default(undefined))))
    .strict()
    .noUnknown()
    .optional()
    .default(undefined),
  contents: someOf(contentSchema, PLAN_LIMITS.contentsPerPart),
  spacing: orNull(spacingSchema),
  hasHeld: someOf(oneOf(['honey', 'brood']), 2),
  readings: eachReading,
  condition: orNull(maybe(CONDITIONS)),
  hole: orNull(maybe(['open', 'closed'])),
  lacks: orNull(someOf(oneOf(ABSORBER_FEATURES), 2)),
})

export const placementSchema: yup.ObjectSchema<Placement> = record({
  partId: identity(),
  turnedOver: yup.boolean().strict().required('${path} is missing: true or false'),
  yawDeg: oneOfNumbers(YAWS_DEG).required(),
  offsetMm: record({ x: decimal(-600, 600), y: decimal(-600, 600) }),
  role: maybe(ROLES),
  offBy: day().optional(),
}).meta({
  def: 'placement',
  description: 'How a part stands in a stack: x along the frames from the entrance, y across.',
})

export const attachmentSchema: yup.ObjectSchema<Attachment> = record({
  partId: identity(),
  place: oneOf(ATTACHMENT_PLACES),
  edge: maybe(EDGES),
  round: someOf(identity(), PLAN_LIMITS.layersPerHive),
}).meta({ def: 'attachment' })
export const acceptanceSchema: yup.ObjectSchema<Acceptance> = record({
  findingKey: text(400, 1),
  measuredMm: yup.number().strict().nullable().defined('${path} is missing: a number or null').min(-10_000).max(10_000),
  reason: text(500, 1),
}).meta({ def: 'acceptance' })

const date = () => monthDay('05-20').required('${path} is missing: a day such as 05-20')
const dateOrNone = () => monthDay('11-01').nullable().defined('${path} is missing: a day such as 11-01, or null')
const waySchema = some({
  broodForm: maybe(BROOD_FORMS),
  excluder: maybe(EXCLUDER_PLACES),
  supers: whole(0, MOST_SUPERS).optional(),
  superSize: maybe(BOX_SIZES),
  framesLess: oneOfNumbers([0, 1, 2]).optional(),
  superStart: maybe(SUPER_STARTS),
  floor: maybe(FLOOR_WAYS),
  winterTop: maybe(WINTER_TOPS),
  winterSize: maybe(WINTER_SIZES),
  wrap: maybe(WRAPS),
  winterDoor: maybe(WINTER_DOORS),
  winterParts: some({ slab: identity().optional(), wrap: identity().optional(), crown: identity().optional() })
    .optional()
    .default(undefined),
  crops: maybe(CROP_WAYS),
  feeds: flag(),
})
  .meta({ def: 'way', description: 'How bees are kept; what is absent is as it usually is.' })
  .optional()
  .default(undefined)
const byStage = <S extends yup.AnySchema>(schema: S) =>
  some(recordOf(STAGES, () => schema))
    .optional()
    .default(undefined)

/** A yard's year and the way bees are kept in it. */
export const yardSeasonSchema: yup.ObjectSchema<YardSeason> = some({
  calendar: some({
    climate: oneOf(CLIMATES),
    firstPollen: date(),
    flowStart: date(),
    flowEnd: date(),
    secondFlow: some({ start: date(), end: date() }).optional().default(undefined),
    firstFrost: dateOrNone(),
    lastFrost: dateOrNone(),
    moved: byStage(monthDay('05-20').optional()),
  })
    .meta({ def: 'calendar', description: 'A yard’s year.' })
    .optional()
    .default(undefined),
  way: waySchema,
  winterMeansCelsius: someOf(decimal(-60, 45), 6),
})

const handPlanSchema = some({
  layers: listOf(
    record({ placement: placementSchema, patternId: identity(), hole: maybe(['open', 'closed']) }),
    PLAN_LIMITS.layersPerHive,
  ),
  attachments: listOf(
    record({
      partId: identity(),
      place: oneOf(ATTACHMENT_PLACES),
      edge: maybe(EDGES),
      round: someOf(identity(), PLAN_LIMITS.layersPerHive),
      patternId: identity(),
    }),
    20,
  ),
  writtenFrom: text(8000),
})
  .meta({ def: 'handPlan', description: 'A stage planned by hand, bottom first.' })
  .optional()
  .default(undefined)

/** How a hive is kept otherwise than its yard, and its stages planned by hand. */
export const hiveSeasonSchema: yup.ObjectSchema<HiveSeason> = some({
  way: waySchema,
  winterBeesKg: decimal(0.05, 10).optional(),
  byHand: byStage(handPlanSchema),
})

const PILES = ['hive', 'van', ...Array.from({ length: 20 }, (_, i) => i + 1)] as const
const pile = () =>
  yup
    .mixed<VisitStep['from']>()
    .required('${path} is missing: hive, van or the number of a place')
    .oneOf(PILES, '${path} is neither hive nor van nor the number of a place')

/** A changeover under way, step by step. */
export const visitSchema: yup.ObjectSchema<Visit> = some({
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
      sortInto: someOf(identity(), PLAN_LIMITS.layersPerHive),
      task: maybe(TRAVEL_TASKS),
    }),
    200,
  ),
  leftOut: someOf(identity(), 200),
}).meta({ def: 'visit', description: 'A changeover under way; steps before done are ticked.' })

export const hiveSchema: yup.ObjectSchema<Hive> = record({
  id: identity(),
  name: nameSchema,
  stage: oneOf(STAGES),
  note: text(2000),
  stack: listOf(placementSchema, PLAN_LIMITS.layersPerHive),
  attachments: listOf(attachmentSchema, PLAN_LIMITS.attachmentsPerHive),
  accepted: listOf(acceptanceSchema, PLAN_LIMITS.acceptedPerHive),
  season: hiveSeasonSchema.optional().default(undefined),
  visit: visitSchema.optional().default(undefined),
}).meta({ def: 'hive' })

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

/** A length that overwrites one of the catalogue; an older Duvet kept any figure so, cells of a brood nest too. */
export const overwritingSchema: yup.ObjectSchema<Length> = length
  .shape({ mm: decimal(-1000, 300_000) })
  .meta({ def: 'overwriting' })
const overrideSchema: yup.ObjectSchema<Override> = record({ key: text(200, 1), length: overwritingSchema }).meta({
  def: 'override',
  description: 'A size of the catalogue overwritten for this yard: patternId.dimension.',
})

const figureSchema: yup.ObjectSchema<OwnFigure> = record({
  name: oneOf(FIGURE_NAMES, '${path} is no figure that Duvet counts with'),
  value: decimal(-1000, 300_000),
  // A share or a factor has none: its unit is an empty text.
  unit: yup.string().strict().defined('${path} is missing').oneOf<FigureUnit>(FIGURE_UNITS),
})
  .test('figure', function ({ name, value, unit }) {
    if (!isFigureName(String(name))) return true
    const known = FIGURES[name]
    const path = this.path ? `${this.path}.` : ''
    if (unit !== known.unit)
      return this.createError({
        path: `${path}unit`,
        message: `${path}unit is ${unit}: ${known.label} is in ${known.unit || 'no unit'}`,
      })
    const problem = problemOfFigure(name, value)
    return problem ? this.createError({ path: `${path}value`, message: `${path}value ${problem}` }) : true
  })
  .meta({
    def: 'figure',
    description: 'A figure of the trade that this yard counts otherwise with, in the unit of its name.',
  })

export const yardSchema: yup.ObjectSchema<YardAsKept> = record({
  id: identity(),
  name: nameSchema,
  note: noteSchema,
  band: oneOf(BAND_PRESETS),
  prolific: yup.boolean().strict().required('${path} is missing: true or false'),
  season: yardSeasonSchema.optional().default(undefined),
  overrides: listOf(overrideSchema, PLAN_LIMITS.overridesPerYard),
  figures: listOf(figureSchema, PLAN_LIMITS.overridesPerYard),
  patterns: listOf(patternSchema, PLAN_LIMITS.patternsPerYard),
  hanging: listOf(hangingSchema, PLAN_LIMITS.patternsPerYard),
  hives: listOf(hiveSchema, PLAN_LIMITS.hivesPerYard),
  parts: listOf(partSchema, PLAN_LIMITS.partsPerPlan),
}).meta({ def: 'yard' })

export const planSchema: yup.ObjectSchema<Plan<Entry>> = record({
  format: yup
    .string()
    .strict()
    .required('format is missing: a plan file says “' + PLAN_FORMAT + '”')
    .oneOf<typeof PLAN_FORMAT>([PLAN_FORMAT], 'format is not “' + PLAN_FORMAT + '”: this is no plan file'),
  version: oneOfNumbers([PLAN_VERSION], 'version is ${value}: this Duvet reads version ' + PLAN_VERSION).required(
    'version is missing: this Duvet reads version ' + PLAN_VERSION,
  ),
  yards: listOf(yardSchema, PLAN_LIMITS.yards),
  books: someOf(
    record({ yardId: identity(), entries: listOf(entrySchema, PLAN_LIMITS.entriesPerYard) }),
    PLAN_LIMITS.yards,
  ),
})
