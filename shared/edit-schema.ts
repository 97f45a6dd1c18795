import * as yup from './yup'
import { FIGURE_NAMES, figureOfKey, isFigureName } from '#core/figures'
import { sizeLimitOf } from '#core/parts'
import { fieldOf, isOneOf, keysOf } from '#core/units'
import { BAND_PRESETS, PLAN_LIMITS, STAGES, type Edit, type EditOf, type WaitingEdit } from '#core/yard'
import { problemOfFigure } from './figure-problem'
import { decimal, listOf, maybe, moment, oneOf, orNull, record, some, someOf, text } from './fields'
import {
  acceptanceSchema,
  attachmentSchema,
  hiveSchema,
  hiveSeasonSchema,
  overwritingSchema,
  placementSchema,
  visitSchema,
  yardSeasonSchema,
} from './plan-schema'
import { hangingSchema, patternSchema } from './pattern-schema'
import { identity, identityOrNone } from './plan-fields'
import { partFieldsSchema, partSchema } from './part-schema'

const id = () => yup.string().strict().required('${path} is missing').min(1).max(100)
const at = () => yup.number().strict().required('${path} is missing: a place in the list').integer().min(0).max(20_000)
const name = () =>
  yup.string().strict().required('${path} is empty: give it a name').max(80, '${path} may have 80 characters at most')
const edit = <K extends Edit['kind'], S extends yup.ObjectShape>(kind: K, shape: S) =>
  record({ kind: yup.string().strict().required().oneOf<K>([kind]), ...shape })

const hiveOfYard = some({ yardId: id(), hiveId: id() }).optional().default(undefined)
const manyParts = listOf(partSchema, 200)
const partAt = record({ at: at(), part: partSchema })

const keys = someOf(yup.string().strict().required().max(100), 300)

const SIMPLE: { readonly [K in Exclude<Edit['kind'], 'batch'>]: yup.ISchema<EditOf<K>> } = {
  'add-part': edit('add-part', { hiveId: id(), at: at(), part: partSchema, placement: placementSchema }),
  'discard-part': edit('discard-part', { hiveId: id(), partId: id() }),
  'place-part': edit('place-part', { hiveId: id(), at: at(), placement: placementSchema }),
  'take-off': edit('take-off', { hiveId: id(), partId: id() }),
  'move-part': edit('move-part', { partId: id(), fromHiveId: id(), toHiveId: id(), at: at() }),
  'set-placement': edit('set-placement', { hiveId: id(), placement: placementSchema }),
  'attach-part': edit('attach-part', { hiveId: id(), at: at(), attachment: attachmentSchema, part: partSchema }),
  'detach-part': edit('detach-part', { hiveId: id(), partId: id() }),
  'set-part': edit('set-part', { part: partSchema }),
  'change-part': edit('change-part', {
    partId: id(),
    change: partFieldsSchema,
    order: some({ part: keys, measured: keys, readings: keys }).optional().default(undefined),
  }),
  'set-hive': edit('set-hive', {
    hiveId: id(),
    name: name().optional(),
    stage: maybe(STAGES),
    note: text(2000).optional(),
  }),
  'accept-finding': edit('accept-finding', { hiveId: id(), acceptance: acceptanceSchema }),
  'withdraw-acceptance': edit('withdraw-acceptance', {
    hiveId: id(),
    findingKey: yup.string().strict().required().max(400),
  }),
  'add-hive': edit('add-hive', {
    at: at(),
    hive: hiveSchema,
    parts: listOf(partAt, 200),
    book: hiveOfYard,
  }),
  'remove-hive': edit('remove-hive', { hiveId: id(), book: hiveOfYard }),
  'replace-hive': edit('replace-hive', { hive: hiveSchema, parts: manyParts }),
  'restore-hive': edit('restore-hive', {
    hive: hiveSchema,
    parts: manyParts,
    partOrder: listOf(id(), 20_000),
  }),
  'set-yard': edit('set-yard', {
    name: name().optional(),
    note: text(2000).optional(),
    band: maybe(BAND_PRESETS),
    prolific: yup.boolean().strict().optional(),
  }),
  'set-override': edit('set-override', {
    key: yup.string().strict().required('${path} is missing').max(200),
    length: orNull(overwritingSchema),
    at: at().optional(),
  }).test('figure', function ({ key, length }) {
    const name = typeof key === 'string' ? figureOfKey(key) : undefined
    const limit = typeof key === 'string' && !name ? sizeLimitOf(key.slice(key.lastIndexOf('.') + 1)) : undefined
    if (limit && length && (!(length.mm >= limit.leastMm) || !(length.mm <= limit.mostMm)))
      return this.createError({
        path: `${this.path ? `${this.path}.` : ''}length.mm`,
        message: '${path} cannot be so: ' + `such a size is from ${limit.leastMm} to ${limit.mostMm} mm`,
      })
    const problem = name && typeof length?.mm === 'number' ? problemOfFigure(name, length.mm) : undefined
    if (!problem) return true
    const path = `${this.path ? `${this.path}.` : ''}length.mm`
    return this.createError({ path, message: `${path} ${problem}` })
  }),
  'set-figure': edit('set-figure', {
    name: oneOf(FIGURE_NAMES, '${path} is no figure that Duvet counts with'),
    value: orNull(decimal(-1000, 300_000)),
    at: at().optional(),
  }).test('figure', function ({ name, value }) {
    const problem = isFigureName(String(name)) && typeof value === 'number' ? problemOfFigure(name, value) : undefined
    if (!problem) return true
    const path = `${this.path ? `${this.path}.` : ''}value`
    return this.createError({ path, message: `${path} ${problem}` })
  }),
  'set-pattern': edit('set-pattern', {
    patternId: id(),
    pattern: orNull(patternSchema),
    at: at().optional(),
    evenInUse: yup.boolean().strict().optional(),
  }),
  'set-hanging': edit('set-hanging', {
    patternId: id(),
    pattern: orNull(hangingSchema),
    at: at().optional(),
    evenInUse: yup.boolean().strict().optional(),
  }),
  'stock-part': edit('stock-part', { at: at(), part: partSchema }),
  'lend-part': edit('lend-part', { part: partSchema }),
  'take-back': edit('take-back', { part: partSchema }),
  'borrow-part': edit('borrow-part', { at: at(), part: partSchema }),
  'give-back': edit('give-back', { partId: id() }),
  'set-year': edit('set-year', { season: orNull(yardSeasonSchema) }),
  'set-way': edit('set-way', { hiveId: id(), season: orNull(hiveSeasonSchema) }),
  'set-visit': edit('set-visit', {
    hiveId: id(),
    visit: orNull(visitSchema),
    doneBefore: yup
      .number()
      .strict()
      .nullable()
      .defined('${path} is missing: steps done before, or null')
      .integer()
      .min(0)
      .max(200),
  }),
  'drop-part': edit('drop-part', { partId: id() }),
}

const SORTS = keysOf(SIMPLE)
const unknownEdit = yup
  .mixed<Edit>()
  .required()
  .test('object', '${path} is not an object with fields', (value) => typeof value === 'object' && !Array.isArray(value))
  .test('known', function (value) {
    const missing = fieldOf(value, 'kind') === undefined
    const path = `${this.path}.kind`
    return this.createError({ path, message: `${path} ${missing ? 'is missing' : 'is no edit that Duvet knows'}` })
  })
const tooManyBatches = yup
  .mixed<Edit>()
  .required()
  .test('depth', '${path} is a batch in too many batches', () => false)

/** A batch may hold batches to this depth. */
const DEEPEST = 4

/** An edit of any kind; what it may be is told where it is not within another one. */
function editOf(depth: number): yup.ISchema<Edit> {
  const schema = yup.lazy((value: unknown): yup.ISchema<Edit> => {
    const sort = fieldOf(value, 'kind')
    if (sort === 'batch') return depth > 0 ? batchOf(depth) : tooManyBatches
    return isOneOf(SORTS, sort) ? SIMPLE[sort] : unknownEdit
  })
  return schema.meta(
    depth === DEEPEST
      ? {
          def: 'edit',
          description: `One change of a yard, told apart by its kind; batches within batches to a depth of ${DEEPEST}.`,
          anyOf: [...Object.values<yup.ISchema<unknown>>(SIMPLE), batchOf(DEEPEST)],
        }
      : { json: { $ref: '#/$defs/edit' } },
  )
}

const batches = new Map<number, yup.ISchema<Edit>>()
function batchOf(depth: number): yup.ISchema<Edit> {
  const known = batches.get(depth) ?? edit('batch', { edits: listOf(editOf(depth - 1), PLAN_LIMITS.batchEdits) })
  batches.set(depth, known)
  return known
}
const editSchema = editOf(DEEPEST)

/** What the wire carries for each edit: who made it when, and whether it takes another back. */
export const submittedEditSchema: yup.ObjectSchema<WaitingEdit> = record({
  id: identity(),
  madeAt: moment(),
  kind: oneOf(['do', 'undo', 'redo']),
  targetId: identityOrNone(),
  edit: editSchema,
})

const submittedEdits: yup.ISchema<readonly WaitingEdit[]> = yup
  .array()
  .strict()
  .of(submittedEditSchema)
  .required('edits is missing: a list')
  .min(1)
  .max(500)
  .test(
    'once',
    '${path} has the same identity twice: every edit has one of its own',
    (edits) => new Set((edits ?? []).map((one) => one?.id)).size === (edits ?? []).length,
  )

export const submissionSchema: yup.ObjectSchema<Submission> = record({
  baseRevision: yup
    .number()
    .strict()
    .required('baseRevision is missing: the revision the edits were made on')
    .integer()
    .min(0),
  device: yup.string().strict().required('device is empty: the name of this device').max(60),
  /** The device's own clock as it sends, so that one that is wrong is noticed. */
  sentAt: moment().optional(),
  edits: submittedEdits,
})

/** Edits that are sent, and the revision they start from. */
export interface Submission {
  readonly baseRevision: number
  readonly device: string
  readonly sentAt?: string
  readonly edits: readonly WaitingEdit[]
}
