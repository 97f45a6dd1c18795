import type { HiveChange, LoggedEdit, Overtaking, Stay, Yard } from '#core/yard'
import { ENTRY_SORTS, type Entry, type EntrySort } from '#core/book'
import { fieldOf } from '#core/units'
import type {
  Added,
  AddedDevice,
  BatchRemoved,
  BookKept,
  ColonyEntries,
  FoodBooks,
  BroughtIn,
  HiveReadings,
  OpenBook,
  ImportAnswer,
  RemovedYard,
  Saved,
  Stopping,
  StoredYard,
  YardRemoved,
} from '#wire/answers'
import type { NewDevice, ReadingKind, SentReadings } from '#wire/readings/kinds'
import type { PrintedSheet } from '#wire/sheet-schema'
import type { HiveCards, TickSheets } from '#wire/visit-print-schema'
import type { Submission } from '#wire/edit-schema'
import type { Problem } from '#wire/read'
import type { Invitation, Invited, KeptPasskey, Me, Played, YardKeeper } from '#wire/keepers'
import type {
  AuthenticationResponseJSON,
  PublicKeyCredentialCreationOptionsJSON,
  PublicKeyCredentialRequestOptionsJSON,
  RegistrationResponseJSON,
} from '@simplewebauthn/types'
import { keepAnswer, knownAnswer } from './answers'
import { beginPrint } from './printing'

/** What the server refused, and why; status 0 where it is silent. */
export interface ServerRefusal {
  readonly ok: false
  readonly status: number
  readonly problem: Problem
  /** What stands now, where others saved first. */
  readonly stale?: Overtaking
}

/** What the server made of a request: its answer, or its refusal. */
export type ServerAnswer<T> = { readonly ok: true; readonly value: T; readonly keptAt?: string } | ServerRefusal

const SILENT = { field: 'server', sentence: 'The server cannot be reached.' }
const USUAL_MS = 20_000
const IMPORT_MS = 900_000
/** Where this device knows an earlier answer, the server is waited for so long. */
const KNOWN_MS = 4000

async function ask<T>(path: string, init: RequestInit = {}, mostMs = USUAL_MS): Promise<ServerAnswer<T>> {
  return (await askText<T>(path, init, mostMs)).answer
}

/** How much this device's clock is behind the server's, ms, as far as it tells: its answers name the second. */
export const clock = { offMs: 0 }

function noteClock(date: string | null): void {
  const there = Date.parse(date ?? '')
  if (!Number.isNaN(there)) clock.offMs = there - Date.now()
}

async function askText<T>(
  path: string,
  init: RequestInit = {},
  mostMs = USUAL_MS,
): Promise<{ readonly answer: ServerAnswer<T>; readonly text: string }> {
  const silent = { answer: { ok: false, status: 0, problem: SILENT }, text: '' } as const
  let response: Response
  let text: string
  try {
    response = await fetch(path, { ...init, signal: AbortSignal.timeout(mostMs) })
    noteClock(response.headers.get('date'))
    text = await response.text()
  } catch {
    return silent
  }
  // The server’s routes are typed by the same answers: nothing else is known of what comes.
  const body = readJson(text)
  if (response.ok) return { answer: { ok: true, value: body }, text }
  const problem = {
    field: String(fieldOf(body, 'field') ?? 'request'),
    sentence: String(fieldOf(body, 'sentence') ?? `The server answers with an error (${response.status}).`),
  }
  const refused = { ok: false, status: response.status, problem } as const
  return { answer: response.status === 409 ? { ...refused, stale: body } : refused, text }
}

function readJson(text: string) {
  try {
    return JSON.parse(text)
  } catch {
    return {}
  }
}

/** What the server answers, kept on this device; where it is silent, what it answered last. */
async function askKept<T>(path: string, key = path): Promise<ServerAnswer<T>> {
  const known = await knownAnswer(key)
  const { answer, text } = await askText<T>(path, {}, known ? KNOWN_MS : USUAL_MS)
  if (answer.ok) void keepAnswer(key, text)
  if (answer.ok || answer.status !== 0 || !known) return answer
  return { ok: true, value: readJson(known.text), keptAt: known.at }
}

const JSON_TYPE = { 'content-type': 'application/json' }

function send<T>(
  path: string,
  body: string,
  headers: Record<string, string> = {},
  mostMs = USUAL_MS,
): Promise<ServerAnswer<T>> {
  return ask<T>(path, { method: 'POST', body, headers: { ...JSON_TYPE, ...headers } }, mostMs)
}

function put<T>(path: string, body: unknown): Promise<ServerAnswer<T>> {
  return ask<T>(path, { method: 'PUT', body: JSON.stringify(body), headers: JSON_TYPE })
}

/** A sheet as PDF, or the sentence that says why there is none. */
/** A server that is busy with another print is asked again so often, after so long, ms. */
const PRINT_TRIES = 8
const PRINT_AGAIN_MS = 4000
const PRINT_MS = 150_000

async function printed(
  what: 'sheet' | 'visit' | 'cards',
  sheet: PrintedSheet | TickSheets | HiveCards,
): Promise<{ readonly ok: true; readonly pdf: Blob } | { readonly ok: false; readonly sentence: string }> {
  const job = beginPrint()
  const signal = AbortSignal.any([AbortSignal.timeout(PRINT_MS), job.signal])
  try {
    for (let tries = 1; ; tries++) {
      const response = await fetch(`/api/print/${what}`, {
        method: 'POST',
        body: JSON.stringify(sheet),
        headers: JSON_TYPE,
        signal,
      })
      if (response.ok) return { ok: true, pdf: await response.blob() }
      const sentence = fieldOf(await response.json().catch(() => null), 'sentence')
      if (response.status !== 503 || tries === PRINT_TRIES)
        return { ok: false, sentence: typeof sentence === 'string' ? sentence : SILENT.sentence }
      await new Promise((again) => setTimeout(again, PRINT_AGAIN_MS))
      signal.throwIfAborted()
    }
  } catch {
    return { ok: false, sentence: job.signal.aborted ? 'You cancelled it.' : SILENT.sentence }
  } finally {
    job.end()
  }
}

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
  const answer = await askKept<readonly Entry[]>(bookPath(yardId, from, to, sorts))
  const whole = answer.ok || answer.status !== 0 ? undefined : await knownAnswer(bookOf(yardId))
  if (!whole) return answer
  const all: readonly Entry[] = readJson(whole.text)
  const isAsked = ({ at, sort }: Entry) => at >= from && at < `${to}~` && sorts.includes(sort)
  return { ok: true, value: all.filter(isAsked), keptAt: whole.at }
}
const importOf = (importId: string) => `/api/plans/imports/${encodeURIComponent(importId)}`

export const server = {
  me: () => askKept<Me>('/api/me'),
  signIn: (name: string, passphrase: string) => send<unknown>('/api/sign-in', JSON.stringify({ name, passphrase })),
  changePassphrase: (before: string, passphrase: string) => put<unknown>('/api/me/passphrase', { before, passphrase }),
  passkeys: () => ask<readonly KeptPasskey[]>('/api/me/passkeys'),
  newPasskeyOptions: () => send<PublicKeyCredentialCreationOptionsJSON>('/api/me/passkeys/options', '{}'),
  addPasskey: (made: RegistrationResponseJSON, device: string) =>
    send<unknown>('/api/me/passkeys', JSON.stringify({ made, device })),
  dropPasskey: (id: string) => ask<unknown>(`/api/me/passkeys/${encodeURIComponent(id)}`, { method: 'DELETE' }),
  passkeyOptions: () => send<PublicKeyCredentialRequestOptionsJSON>('/api/passkeys/options', '{}'),
  signInByPasskey: (signed: AuthenticationResponseJSON) =>
    send<{ readonly name: string }>('/api/passkeys/sign-in', JSON.stringify({ signed })),
  signOut: () => send<unknown>('/api/sign-out', '{}'),
  begin: (name: string, passphrase: string) => send<unknown>('/api/keepers', JSON.stringify({ name, passphrase })),
  invitation: (token: string) => send<Invitation>('/api/join/look', JSON.stringify({ token })),
  join: (token: string, name?: string, passphrase?: string) =>
    send<unknown>('/api/join', JSON.stringify({ token, name, passphrase })),
  keepers: (yardId: string) => ask<readonly YardKeeper[]>(`${of(yardId)}/keepers`),
  setPart: (yardId: string, keeperId: string, part: Played) =>
    put<unknown>(`${of(yardId)}/keepers/${encodeURIComponent(keeperId)}`, { part }),
  removeKeeper: (yardId: string, keeperId: string) =>
    ask<unknown>(`${of(yardId)}/keepers/${encodeURIComponent(keeperId)}`, { method: 'DELETE' }),
  invite: (yardId: string, part: Played, also: readonly string[]) =>
    send<Invited>(`${of(yardId)}/invitations`, JSON.stringify({ part, also })),
  readings: <K extends ReadingKind>(yardId: string, hiveId: string, kind: K) =>
    askKept<HiveReadings<K>>(`${readingsOf(yardId, hiveId)}?kind=${kind}`),
  addReadings: (yardId: string, hiveId: string, sent: SentReadings) =>
    send<Added>(readingsOf(yardId, hiveId), JSON.stringify(sent)),
  setBatchRemoved: (batchId: string, removed: boolean) =>
    put<BatchRemoved>(`/api/batches/${encodeURIComponent(batchId)}`, { removed }),
  addDevice: (device: NewDevice) => send<AddedDevice>('/api/devices', JSON.stringify(device)),
  book: (yardId: string, hiveId: string) =>
    askKept<readonly Entry[]>(`${of(yardId)}/hives/${encodeURIComponent(hiveId)}/book`),
  /** What the books say of colonies that are dead, gone or closed. */
  colonies: (today: string) => askKept<ColonyEntries>(`/api/yards/colonies?today=${today}`, '/api/yards/colonies'),
  /** What the food of hives is known from. */
  foodBooks: (today: string) => askKept<FoodBooks>(`/api/yards/food?today=${today}`, '/api/yards/food'),
  openEntries: (yardId: string, today: string) =>
    askKept<OpenBook>(`${bookOf(yardId)}/open?today=${today}`, `${bookOf(yardId)}/open`),
  yardBook: (yardId: string, from: string, to: string, sorts: readonly EntrySort[]) => askBook(yardId, from, to, sorts),
  /** All that is current in the book of a yard, for a device that is taken along. */
  wholeBook: (yardId: string) =>
    askKept<readonly Entry[]>(bookPath(yardId, '1900-01-01', '2999-12-31', ENTRY_SORTS), bookOf(yardId)),
  addEntries: (yardId: string, entries: readonly Entry[]) =>
    send<BookKept>(bookOf(yardId), JSON.stringify({ entries })),
  print: (sheet: PrintedSheet) => printed('sheet', sheet),
  printVisit: (sheets: TickSheets) => printed('visit', sheets),
  printCards: (cards: HiveCards) => printed('cards', cards),
  yards: () => ask<readonly StoredYard[]>('/api/yards'),
  log: (yardId: string) => ask<readonly LoggedEdit[]>(`${of(yardId)}/log`),
  logSince: (yardId: string, revision: number) => ask<readonly LoggedEdit[]>(`${of(yardId)}/log?since=${revision}`),
  past: (yardId: string, when: { readonly at: string } | { readonly revision: number }) =>
    askKept<Yard>(
      `${of(yardId)}/past?${'at' in when ? `at=${encodeURIComponent(when.at)}` : `revision=${when.revision}`}`,
    ),
  changes: (yardId: string, hiveId: string) =>
    askKept<readonly HiveChange[]>(`${of(yardId)}/changes?hive=${encodeURIComponent(hiveId)}`),
  places: (yardId: string, partId: string) =>
    askKept<readonly Stay[]>(`${of(yardId)}/parts/${encodeURIComponent(partId)}/places`),
  addYard: (yard: Yard) => send<Saved>('/api/yards', JSON.stringify(yard)),
  removed: () => askKept<readonly RemovedYard[]>('/api/yards/removed'),
  setRemoved: (yardId: string, removed: boolean) => put<YardRemoved>(`${of(yardId)}/removed`, { removed }),
  commit: (yardId: string, submission: Submission) => send<Saved>(`${of(yardId)}/edits`, JSON.stringify(submission)),
  importPlan: (text: string, device: string, importId: string) =>
    send<BroughtIn>(
      '/api/plans/import',
      text,
      { 'x-device': encodeURIComponent(device), 'x-import': importId },
      IMPORT_MS,
    ),
  importProgress: (importId: string) => ask<ImportAnswer>(importOf(importId)),
  stopImport: (importId: string) => ask<Stopping>(importOf(importId), { method: 'DELETE' }),
}
