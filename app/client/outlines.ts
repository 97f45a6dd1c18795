import type { Entry } from '#core/book'
import type { HiveChange, LoggedEdit, Overtaking, Stay, Yard } from '#core/yard'
import type {
  Added,
  AddedDevice,
  BatchRemoved,
  BookKept,
  BroughtIn,
  ColonyEntries,
  FoodBooks,
  HiveReadings,
  ImportAnswer,
  OpenBook,
  RemovedYard,
  Saved,
  Stopping,
  StoredYard,
  YardRemoved,
} from '#wire/answers'
import type { Invitation, Invited, KeptPasskey, Me, YardKeeper } from '#wire/keepers'
import type { ReadingKind } from '#wire/readings/kinds'
import type {
  PublicKeyCredentialCreationOptionsJSON,
  PublicKeyCredentialRequestOptionsJSON,
} from '@simplewebauthn/types'
import { outlineOf, type Fields, type AnswerOutline } from './outline'

// What the app leans on in answers that several questions get.

const YARD_FIELDS: Fields<Yard> = {
  id: 'string',
  name: 'string',
  hives: [{ id: 'string', name: 'string', stage: 'string', stack: [{ partId: 'string' }], attachments: [{}] }],
  parts: [{ id: 'string', patternId: 'string' }],
}
/** Of what nothing is looked at. */
export const ANYTHING = outlineOf<unknown>('anything')

export const YARD = outlineOf<Yard>(YARD_FIELDS)

const ENTRIES_FIELDS: Fields<readonly Entry[]> = [{ id: 'string', hiveId: 'string', sort: 'string', at: 'string' }]
export const ENTRIES = outlineOf<readonly Entry[]>(ENTRIES_FIELDS)

const LOG_FIELDS: Fields<readonly LoggedEdit[]> = [
  { id: 'string', revision: 'number', madeAt: 'string', edit: { kind: 'string' }, inverse: { kind: 'string' } },
]
export const LOG = outlineOf<readonly LoggedEdit[]>(LOG_FIELDS)

export const OVERTAKING = outlineOf<Overtaking>({ yard: YARD_FIELDS, revision: 'number', since: LOG_FIELDS })

export const OPEN_BOOK = outlineOf<OpenBook>({ entries: ENTRIES_FIELDS, weighedOn: { each: 'string' } })

export const STORED_YARDS = outlineOf<readonly StoredYard[]>([{ yard: YARD_FIELDS, revision: 'number' }])
export const REMOVED_YARDS = outlineOf<readonly RemovedYard[]>([{ id: 'string', name: 'string' }])
export const SAVED = outlineOf<Saved>({ revision: 'number' })
export const YARD_REMOVED = outlineOf<YardRemoved>({ removed: 'boolean' })
export const CHANGES = outlineOf<readonly HiveChange[]>([{}])
export const STAYS = outlineOf<readonly Stay[]>([{ owned: 'boolean' }])

export const COLONIES = outlineOf<ColonyEntries>({ each: ENTRIES_FIELDS })
export const FOOD_BOOKS = outlineOf<FoodBooks>({
  each: { entries: ENTRIES_FIELDS, weighed: { each: { at: 'string', kg: 'number' } } },
})
export const BOOK_KEPT = outlineOf<BookKept>({ added: 'number', repeated: 'number' })

/** Readings of any kind: each kind knows its own rows. */
export const readings = <K extends ReadingKind>(): AnswerOutline<HiveReadings<K>> => ({ fields: READING_FIELDS })
const READING_FIELDS = {
  series: [{ place: 'string', count: 'number' }],
  latest: [{ id: 'string', at: 'string' }],
  devices: [{ id: 'string' }],
} as const
export const ADDED = outlineOf<Added>({ batchId: 'string', added: 'number', repeated: 'number' })
export const BATCH_REMOVED = outlineOf<BatchRemoved>({ removed: 'boolean', readings: 'number' })
export const ADDED_DEVICE = outlineOf<AddedDevice>({ id: 'string', key: 'string' })

export const ME = outlineOf<Me>({ on: 'boolean', mayBegin: 'boolean', plays: { each: 'string' } })
export const KEEPERS = outlineOf<readonly YardKeeper[]>([{ id: 'string', name: 'string', part: 'string' }])
export const INVITED = outlineOf<Invited>({ token: 'string', endsAt: 'string' })
export const INVITATION = outlineOf<Invitation>({ yards: ['string'], inviter: 'string', part: 'string' })
export const PASSKEYS = outlineOf<readonly KeptPasskey[]>([{ id: 'string', madeAt: 'string' }])
export const NEW_PASSKEY = outlineOf<PublicKeyCredentialCreationOptionsJSON>({ challenge: 'string' })
export const PASSKEY = outlineOf<PublicKeyCredentialRequestOptionsJSON>({ challenge: 'string' })
export const SIGNED_IN = outlineOf<{ readonly name: string }>({ name: 'string' })

export const BROUGHT_IN = outlineOf<BroughtIn>({ imported: [{ yardId: 'string', hives: 'number' }] })
export const IMPORT_ANSWER = outlineOf<ImportAnswer>({ state: 'string', yards: 'number', of: 'number' })
export const STOPPING = outlineOf<Stopping>({ stopping: 'boolean' })
