import {
  ANSWERS,
  BROOD_PATTERNS,
  BROOD_STAGES,
  CAUSES,
  CLEARED_HOW,
  type Cleared,
  CELL_PLACES,
  COMB_FAULTS,
  COVERS,
  DAMP_PLACES,
  DEAD_ON_FLOOR,
  ENTRY_SORTS,
  FATES,
  FEED_KINDS,
  FOODS,
  STORES_ON,
  HEFTS,
  QUEEN_SIGNS,
  SIGNS,
  SOUNDS,
  TEMPERS,
  TRIAL_SIDES,
  VISITORS,
  WINDS,
  type CombSeen,
  type Crop,
  type Entry,
  type EntryBodies,
  type EntrySort,
  type Fate,
  type FeedGiven,
  type InTrial,
  type Look,
  type MiteCount,
  type Task,
  type Treatment,
} from '#core/book'
import { entriesOf, fieldOf, isOneOf, recordOf } from '#core/units'
import { day, decimal, listOf, maybe, moment, oneOf, record, some, someOf, text, whole } from './fields'
import { isDay } from './moments'
import * as yup from './yup'

const id = () => yup.string().strict().required('${path} is missing').min(1).max(100)
const share = () => decimal(0, 1)
const frames = () => decimal(0, 100)
const celsius = () => decimal(-50, 60)
const days = () => whole(0, 400)
const flag = () => yup.boolean().strict().optional()
const manyOf = <const T extends string>(values: readonly T[]) => someOf(oneOf(values), values.length)

const combSeen: yup.ObjectSchema<CombSeen> = record({
  boxId: id(),
  contentId: id(),
  bees: maybe(COVERS),
  brood: manyOf(BROOD_STAGES),
  food: manyOf(FOODS),
  stores: maybe(STORES_ON),
  renew: maybe(COMB_FAULTS),
})

const look: yup.ObjectSchema<Look> = record({
  celsius: celsius().optional(),
  wind: maybe(WINDS),
  seams: someOf(record({ boxId: id(), seams: decimal(0, 30) }), 60),
  temper: maybe(TEMPERS),
  sound: maybe(SOUNDS),
  broodFrames: some(recordOf(BROOD_STAGES, () => frames().optional()))
    .optional()
    .default(undefined),
  pattern: maybe(BROOD_PATTERNS),
  droneBrood: flag(),
  playCups: whole(0, 500).optional(),
  cells: some({ open: whole(0, 500).optional(), sealed: whole(0, 500).optional(), where: maybe(CELL_PLACES) })
    .optional()
    .default(undefined),
  queen: maybe(QUEEN_SIGNS),
  queenMarked: flag(),
  queenClipped: flag(),
  queenBorn: whole(1980, 2100).optional(),
  foodFrames: some(recordOf(FOODS, () => frames().optional()))
    .optional()
    .default(undefined),
  heft: maybe(HEFTS),
  superSealed: share().optional(),
  undrawnLeft: frames().optional(),
  toRenew: frames().optional(),
  crossComb: flag(),
  signs: manyOf(SIGNS),
  deadOnFloor: maybe(DEAD_ON_FLOOR),
  damp: manyOf(DAMP_PLACES),
  mould: manyOf(DAMP_PLACES),
  visitors: manyOf(VISITORS),
  combs: someOf(combSeen, 300),
})

const mites = () => whole(0, 100_000)
const trayCount = record({
  way: oneOf(['tray']),
  mites: mites(),
  days: decimal(0.25, 120).required('${path} is missing: days that the tray was in'),
})
const sampleCount = record({
  way: oneOf(['wash', 'sugar'], '${path} is none of tray, wash, sugar'),
  mites: mites(),
  bees: whole(10, 5000),
})
const miteCount = yup
  .lazy((value: unknown): yup.ISchema<MiteCount> => (fieldOf(value, 'way') === 'tray' ? trayCount : sampleCount))
  .meta({ anyOf: [trayCount, sampleCount] })

const treatment: yup.ObjectSchema<Treatment> = record({
  product: text(80, 1),
  amount: text(80, 1).optional(),
  until: day().optional(),
  labelDays: days().optional(),
  fromCelsius: celsius().optional(),
  toCelsius: celsius().optional(),
  highCelsius: celsius().optional(),
  batch: text(40, 1).optional(),
  supplier: text(80, 1).optional(),
  boughtOn: day().optional(),
  expiresOn: day().optional(),
  withdrawalDays: days().optional(),
  supersMayStay: flag(),
})

const feed: yup.ObjectSchema<FeedGiven> = record({
  feed: oneOf(FEED_KINDS),
  kg: decimal(0.01, 100).required('${path} is missing: kilograms'),
})
const crop: yup.ObjectSchema<Crop> = record({
  kg: decimal(0, 400).required('${path} is missing: kilograms'),
  boxIds: someOf(id(), 60),
  sealedShare: share().optional(),
  water: decimal(0.1, 0.35).optional(),
  squares: whole(0, 5000).optional(),
  sections: whole(0, 5000).optional(),
})
const task: yup.ObjectSchema<Task> = record({
  text: text(200, 1),
  by: day().required('${path} is missing: a day'),
  from: id().optional(),
})
const answer = record({
  to: yup.string().strict().required('${path} is missing').max(300),
  answer: oneOf(ANSWERS),
  until: day().optional(),
  why: text(200, 1).optional(),
}).test('until', 'until is missing: the day that it is put off to', ({ answer: what, until }) => {
  return what !== 'put-off' || until !== undefined
})
const fate: yup.ObjectSchema<Fate> = record({
  fate: oneOf(FATES),
  of: maybe(CAUSES),
  cause: text(200, 1).optional(),
})

const cleared: yup.ObjectSchema<Cleared> = record({ how: oneOf(CLEARED_HOW), who: text(80, 1).optional() })

const trial: yup.ObjectSchema<InTrial> = record({ trial: text(80, 1), side: oneOf(TRIAL_SIDES) })

const BODIES: { readonly [S in EntrySort]: yup.ISchema<EntryBodies[S]> } = {
  look,
  mites: miteCount,
  treatment,
  feed,
  crop,
  task,
  answer,
  fate,
  trial,
  cleared,
}

/** A time by the clock where the hive stands: `2026-05-31T14:15`. */
const localTime = () =>
  yup
    .string()
    .strict()
    .required('${path} is missing: a day and a time')
    .meta({ json: { pattern: '^\\d{4}-\\d\\d-\\d\\dT\\d\\d:\\d\\d$' } })
    .test(
      'local',
      '${path} is no time that there is: a day and a time such as 2026-05-31T14:15',
      (value) =>
        value === undefined || (/^\d{4}-\d\d-\d\dT([01]\d|2[0-3]):[0-5]\d$/.test(value) && isDay(value.slice(0, 10))),
    )

const sorts = entriesOf<EntrySort, yup.ISchema<EntryBodies[EntrySort]>>(BODIES).map(([sort, body]) => [
  sort,
  record({
    id: id(),
    hiveId: id(),
    at: localTime(),
    madeAt: moment(),
    device: text(60, 1),
    by: text(60, 1).optional(),
    byId: id().optional(),
    note: text(2000).optional(),
    corrects: id().optional(),
    withdrawn: yup.boolean<true>().strict().optional().oneOf([true]),
    sort: oneOf([sort]),
    body,
  }),
])
const BY_SORT: Readonly<Record<string, yup.ISchema<Entry>>> = Object.fromEntries(sorts)
const unknownSort = yup
  .mixed<Entry>()
  .required()
  .test('known', function () {
    const path = `${this.path}.sort`
    return this.createError({ path, message: `${path} is none of ${ENTRY_SORTS.join(', ')}` })
  })

/** An entry of a book of any sort. */
export const entrySchema = yup
  .lazy((value: unknown): yup.ISchema<Entry> => {
    const sort = fieldOf(value, 'sort')
    return isOneOf(ENTRY_SORTS, sort) ? BY_SORT[sort]! : unknownSort
  })
  .meta({
    def: 'bookEntry',
    description:
      'What was found or done at a hive; its body follows from its sort. A correction names the first entry of its chain.',
    anyOf: Object.values(BY_SORT),
  })

const MOST_ENTRIES_SENT = 500

/** Entries that are sent together, all of them kept or none. */
export interface SentEntries {
  readonly entries: readonly Entry[]
}
export const sentEntriesSchema: yup.ObjectSchema<SentEntries> = record({
  entries: listOf(entrySchema, MOST_ENTRIES_SENT, 1),
})
