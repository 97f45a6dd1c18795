import { recordOf } from '#core/units'
import {
  DIMENSION_NAMES,
  SLACK_PLACES,
  type Content,
  type Part,
  type Reading,
  ABSORBER_FEATURES,
  COMB_HOLDS,
  COMB_STARTS,
  COMB_SUPPORTS,
  CONDITIONS,
  HALVES,
  SPACING_SYSTEMS,
  PARTLY,
} from '#core/parts'
import { type PartFields, PLAN_LIMITS } from '#core/yard'
import { day, decimal, listOf, maybe, noted, oneOf, orNull, record, some, someOf, text, whole } from './fields'
import * as yup from './yup'
import { identity, flag, spelling, measured, size } from './plan-fields'

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

/** Readings by their identity, as the published schema has them. */
const readingsById = yup
  .object()
  .optional()
  .meta({
    json: { additionalProperties: { anyOf: [{ $ref: '#/$defs/reading' }, { type: 'null' }] }, maxProperties: 200 },
  })
const eachReading = yup
  .lazy((value: unknown) =>
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
  .meta({ anyOf: [readingsById] })

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
