import type { Entry } from '#core/book'
import { FIGURES, FIGURE_NAMES, FIGURE_UNITS, isFigureName, type FigureUnit, type OwnFigure } from '#core/figures'
import { recordOf, type Length } from '#core/units'
import { problemOfFigure } from './figure-problem'
import { BOX_SIZES, type Override, ATTACHMENT_PLACES, EDGES, ROLES } from '#core/parts'
import {
  type Acceptance,
  type Attachment,
  type Hive,
  type HiveSeason,
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
import { nameSchema, noteSchema, reasonSchema } from './names-schema'
import {
  day,
  decimal,
  listOf,
  maybe,
  monthDay,
  noted,
  oneOf,
  oneOfNumbers,
  record,
  some,
  someOf,
  text,
  whole,
} from './fields'
import { entrySchema } from './book-schema'
import * as yup from './yup'
import { patternSchema, hangingSchema } from './pattern-schema'
import { identity, flag, length } from './plan-fields'
import { partSchema } from './part-schema'

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
  reason: reasonSchema,
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
        message:
          unit === undefined
            ? `${path}unit is missing: ${known.label} is in ${known.unit || 'no unit (an empty text)'}`
            : `${path}unit is ${unit || 'empty'}: ${known.label} is in ${known.unit || 'no unit (an empty text)'}`,
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
