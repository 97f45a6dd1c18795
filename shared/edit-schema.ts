import * as yup from 'yup'
import { BAND_PRESETS, STAGES, type Edit } from '#core/hive'
import { acceptanceSchema, attachmentSchema, hangingSchema, hiveSchema, hiveSeasonSchema, lengthSchema, partSchema, patternSchema, placementSchema, visitSchema, yardSchema, yardSeasonSchema } from './plan-schema'

const id = () => yup.string().strict().required('${path} is missing').min(1).max(100)
const at = () => yup.number().strict().required('${path} is missing: a place in the list').integer().min(0).max(20_000)
const text = (max: number) => yup.string().strict().defined('${path} is missing').max(max, '${path} may have ${max} characters at most')
const name = () => yup.string().strict().required('${path} is empty: give it a name').max(80, '${path} may have 80 characters at most')
const edit = (kind: Edit['kind'], shape: yup.ObjectShape) => yup.object({ kind: yup.string().strict().required().oneOf([kind]), ...shape }).strict().required().noUnknown('${path} has a field that this edit does not have: ${unknown}')

/** The value, or null where it is taken away. */
const orNull = (schema: yup.AnySchema) => yup.lazy((value: unknown) => (value === null ? yup.mixed().nullable() : schema))
const stage = yup.string().strict().required().oneOf(STAGES)
const manyParts = yup.array().strict().of(partSchema).required().max(200)
const partAt = yup.object({ at: at(), part: partSchema }).strict().required().noUnknown()

const SIMPLE: Record<Exclude<Edit['kind'], 'batch'>, yup.ObjectSchema<yup.AnyObject>> = {
  'add-part': edit('add-part', { hiveId: id(), at: at(), part: partSchema, placement: placementSchema }),
  'discard-part': edit('discard-part', { hiveId: id(), partId: id() }),
  'place-part': edit('place-part', { hiveId: id(), at: at(), placement: placementSchema }),
  'take-off': edit('take-off', { hiveId: id(), partId: id() }),
  'move-part': edit('move-part', { partId: id(), fromHiveId: id(), toHiveId: id(), at: at() }),
  'set-placement': edit('set-placement', { hiveId: id(), placement: placementSchema }),
  'attach-part': edit('attach-part', { hiveId: id(), at: at(), attachment: attachmentSchema, part: partSchema }),
  'detach-part': edit('detach-part', { hiveId: id(), partId: id() }),
  'set-part': edit('set-part', { part: partSchema }),
  'set-hive': edit('set-hive', { hiveId: id(), name: name(), stage, note: text(2000) }),
  'accept-finding': edit('accept-finding', { hiveId: id(), acceptance: acceptanceSchema }),
  'withdraw-acceptance': edit('withdraw-acceptance', { hiveId: id(), findingKey: yup.string().strict().required().max(400) }),
  'add-hive': edit('add-hive', { at: at(), hive: hiveSchema, parts: yup.array().strict().of(partAt).required().max(200) }),
  'remove-hive': edit('remove-hive', { hiveId: id() }),
  'replace-hive': edit('replace-hive', { hive: hiveSchema, parts: manyParts }),
  'restore-hive': edit('restore-hive', { hive: hiveSchema, parts: manyParts, partOrder: yup.array().strict().of(id()).required().max(20_000) }),
  'set-yard': edit('set-yard', { name: name(), note: text(2000), band: yup.string().strict().required().oneOf(BAND_PRESETS), prolific: yup.boolean().strict().optional() }),
  'set-override': edit('set-override', { key: yup.string().strict().required('${path} is missing').max(200), length: orNull(lengthSchema()), at: at().optional() }),
  'set-pattern': edit('set-pattern', { patternId: id(), pattern: orNull(patternSchema), at: at().optional() }),
  'set-hanging': edit('set-hanging', { patternId: id(), pattern: orNull(hangingSchema), at: at().optional() }),
  'stock-part': edit('stock-part', { at: at(), part: partSchema }),
  'set-year': edit('set-year', { season: orNull(yardSeasonSchema) }),
  'set-way': edit('set-way', { hiveId: id(), season: orNull(hiveSeasonSchema) }),
  'set-visit': edit('set-visit', { hiveId: id(), visit: orNull(visitSchema), doneBefore: yup.number().strict().nullable().defined('${path} is missing: steps done before, or null').integer().min(0).max(200) }),
  'drop-part': edit('drop-part', { partId: id() }),
}

/** An edit of any kind; a batch may hold batches to this depth. */
function editOf(depth: number): yup.Lazy<yup.AnyObject> {
  return yup.lazy((value: unknown) => {
    const kind = (value as { kind?: unknown } | null)?.kind
    if (kind === 'batch' && depth > 0) return edit('batch', { edits: yup.array().strict().of(editOf(depth - 1) as never).required().max(500) })
    const known = Object.hasOwn(SIMPLE, String(kind)) ? SIMPLE[kind as keyof typeof SIMPLE] : undefined
    return known ?? yup.object({ kind: yup.string().strict().required('${path} is missing').oneOf(Object.keys(SIMPLE), kind === 'batch' ? '${path} is a batch in too many batches' : '${path} is no edit that Duvet knows') }).strict().required()
  })
}
export const editSchema = editOf(4)

/** What the wire carries for each edit: who made it when, and whether it takes another back. */
export const submissionSchema = yup.object({
  baseRevision: yup.number().strict().required('baseRevision is missing: the revision the edits were made on').integer().min(0),
  device: yup.string().strict().required('device is missing: the name of this device').max(60),
  edits: yup.array().strict().required('edits is missing: a list').min(1).max(500).of(yup.object({
    id: id(),
    madeAt: yup.string().strict().required().matches(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,3})?Z$/, '${path} is not a time such as 2026-05-01T09:30:00Z'),
    kind: yup.string().strict().required().oneOf(['do', 'undo', 'redo']),
    targetId: yup.string().strict().nullable().optional().max(100),
    edit: editSchema as never,
  }).strict().noUnknown()),
}).strict().required().noUnknown()

export interface SubmittedEdit {
  readonly id: string
  readonly madeAt: string
  readonly kind: 'do' | 'undo' | 'redo'
  readonly targetId?: string | null
  readonly edit: Edit
}

export interface Submission {
  readonly baseRevision: number
  readonly device: string
  readonly edits: readonly SubmittedEdit[]
}

export { yardSchema }
