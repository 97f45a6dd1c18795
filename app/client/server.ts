import { ENTRY_SORTS, type Entry, type EntrySort } from '#core/book'
import type { Yard } from '#core/yard'
import type { Submission } from '#wire/edit-schema'
import type { Played } from '#wire/keepers'
import type { NewDevice, ReadingKind, SentReadings } from '#wire/readings/kinds'
import type { PrintedSheet } from '#wire/sheet-schema'
import type { HiveCards, TickSheets } from '#wire/visit-print-schema'
import type { AuthenticationResponseJSON, RegistrationResponseJSON } from '@simplewebauthn/types'
import { askKept, drop, get, lastAnswer, put, send, type ServerAnswer } from './ask'
import * as outlines from './outlines'
import { printed } from './print'

const IMPORT_MS = 900_000

const of = (yardId: string) => `/api/yards/${encodeURIComponent(yardId)}`
const readingsOf = (yardId: string, hiveId: string) => `${of(yardId)}/hives/${encodeURIComponent(hiveId)}/readings`
const bookOf = (yardId: string) => `${of(yardId)}/book`
const bookPath = (yardId: string, from: string, to: string, sorts: readonly EntrySort[]) =>
  `${bookOf(yardId)}?from=${from}&to=${to}&sorts=${sorts.join(',')}`

/** The book of a yard between two days: where only all of it is known here, what of that is asked for. */
async function askBook(
  yardId: string,
  from: string,
  to: string,
  sorts: readonly EntrySort[],
): Promise<ServerAnswer<readonly Entry[]>> {
  const answer = await askKept(bookPath(yardId, from, to, sorts), outlines.ENTRIES)
  const whole = answer.ok || answer.status !== 0 ? undefined : await lastAnswer(bookOf(yardId), outlines.ENTRIES)
  if (!whole) return answer
  const isAsked = ({ at, sort }: Entry) => at >= from && at < `${to}~` && sorts.includes(sort)
  return { ...whole, value: whole.value.filter(isAsked) }
}
const importOf = (importId: string) => `/api/plans/imports/${encodeURIComponent(importId)}`

export const server = {
  me: () => askKept('/api/me', outlines.ME),
  signIn: (name: string, passphrase: string) => send('/api/sign-in', outlines.ANYTHING, { name, passphrase }),
  changePassphrase: (before: string, passphrase: string) =>
    put('/api/me/passphrase', outlines.ANYTHING, { before, passphrase }),
  passkeys: () => get('/api/me/passkeys', outlines.PASSKEYS),
  newPasskeyOptions: () => send('/api/me/passkeys/options', outlines.NEW_PASSKEY, {}),
  addPasskey: (made: RegistrationResponseJSON, device: string) =>
    send('/api/me/passkeys', outlines.ANYTHING, { made, device }),
  dropPasskey: (id: string) => drop(`/api/me/passkeys/${encodeURIComponent(id)}`, outlines.ANYTHING),
  passkeyOptions: () => send('/api/passkeys/options', outlines.PASSKEY, {}),
  signInByPasskey: (signed: AuthenticationResponseJSON) =>
    send('/api/passkeys/sign-in', outlines.SIGNED_IN, { signed }),
  signOut: () => send('/api/sign-out', outlines.ANYTHING, {}),
  begin: (name: string, passphrase: string) => send('/api/keepers', outlines.ANYTHING, { name, passphrase }),
  invitation: (token: string) => send('/api/join/look', outlines.INVITATION, { token }),
  join: (token: string, name?: string, passphrase?: string) =>
    send('/api/join', outlines.ANYTHING, { token, name, passphrase }),
  keepers: (yardId: string) => get(`${of(yardId)}/keepers`, outlines.KEEPERS),
  setPart: (yardId: string, keeperId: string, part: Played) =>
    put(`${of(yardId)}/keepers/${encodeURIComponent(keeperId)}`, outlines.ANYTHING, { part }),
  removeKeeper: (yardId: string, keeperId: string) =>
    drop(`${of(yardId)}/keepers/${encodeURIComponent(keeperId)}`, outlines.ANYTHING),
  invite: (yardId: string, part: Played, also: readonly string[]) =>
    send(`${of(yardId)}/invitations`, outlines.INVITED, { part, also }),
  readings: <K extends ReadingKind>(yardId: string, hiveId: string, kind: K) =>
    askKept(`${readingsOf(yardId, hiveId)}?kind=${kind}`, outlines.readings<K>()),
  addReadings: (yardId: string, hiveId: string, sent: SentReadings) =>
    send(readingsOf(yardId, hiveId), outlines.ADDED, sent),
  setBatchRemoved: (batchId: string, removed: boolean) =>
    put(`/api/batches/${encodeURIComponent(batchId)}`, outlines.BATCH_REMOVED, { removed }),
  addDevice: (device: NewDevice) => send('/api/devices', outlines.ADDED_DEVICE, device),
  book: (yardId: string, hiveId: string) =>
    askKept(`${of(yardId)}/hives/${encodeURIComponent(hiveId)}/book`, outlines.ENTRIES),
  /** What the books say of colonies that are dead, gone or closed. */
  colonies: (today: string) => askKept(`/api/yards/colonies?today=${today}`, outlines.COLONIES, '/api/yards/colonies'),
  /** What the food of hives is known from. */
  foodBooks: (today: string) => askKept(`/api/yards/food?today=${today}`, outlines.FOOD_BOOKS, '/api/yards/food'),
  openEntries: (yardId: string, today: string) =>
    askKept(`${bookOf(yardId)}/open?today=${today}`, outlines.OPEN_BOOK, `${bookOf(yardId)}/open`),
  yardBook: (yardId: string, from: string, to: string, sorts: readonly EntrySort[]) => askBook(yardId, from, to, sorts),
  /** All that is current in the book of a yard, for a device that is taken along. */
  wholeBook: (yardId: string) =>
    askKept(bookPath(yardId, '1900-01-01', '2999-12-31', ENTRY_SORTS), outlines.ENTRIES, bookOf(yardId)),
  addEntries: (yardId: string, entries: readonly Entry[]) => send(bookOf(yardId), outlines.BOOK_KEPT, { entries }),
  print: (sheet: PrintedSheet) => printed('sheet', sheet),
  printVisit: (sheets: TickSheets) => printed('visit', sheets),
  printCards: (cards: HiveCards) => printed('cards', cards),
  yards: () => get('/api/yards', outlines.STORED_YARDS),
  log: (yardId: string) => get(`${of(yardId)}/log`, outlines.LOG),
  logSince: (yardId: string, revision: number) => get(`${of(yardId)}/log?since=${revision}`, outlines.LOG),
  past: (yardId: string, when: { readonly at: string } | { readonly revision: number }) =>
    askKept(
      `${of(yardId)}/past?${'at' in when ? `at=${encodeURIComponent(when.at)}` : `revision=${when.revision}`}`,
      outlines.YARD,
    ),
  changes: (yardId: string, hiveId: string) =>
    askKept(`${of(yardId)}/changes?hive=${encodeURIComponent(hiveId)}`, outlines.CHANGES),
  places: (yardId: string, partId: string) =>
    askKept(`${of(yardId)}/parts/${encodeURIComponent(partId)}/places`, outlines.STAYS),
  addYard: (yard: Yard) => send('/api/yards', outlines.SAVED, yard),
  removed: () => askKept('/api/yards/removed', outlines.REMOVED_YARDS),
  setRemoved: (yardId: string, removed: boolean) => put(`${of(yardId)}/removed`, outlines.YARD_REMOVED, { removed }),
  commit: (yardId: string, submission: Submission) => send(`${of(yardId)}/edits`, outlines.SAVED, submission),
  importPlan: (text: string, device: string, importId: string) =>
    send('/api/plans/import', outlines.BROUGHT_IN, text, {
      headers: { 'x-device': encodeURIComponent(device), 'x-import': importId },
      mostMs: IMPORT_MS,
    }),
  importProgress: (importId: string) => get(importOf(importId), outlines.IMPORT_ANSWER),
  stopImport: (importId: string) => drop(importOf(importId), outlines.STOPPING),
}
