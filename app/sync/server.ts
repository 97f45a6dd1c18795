import type { HiveChange, LoggedEdit, Overtaking, Stay, Yard } from '#core/hive'
import type { Entry, EntrySort } from '#core/book'
import { fieldOf } from '#core/plain'
import type {
  Added,
  HiveAir,
  AddedScale,
  BatchRemoved,
  BookKept,
  BroughtIn,
  HiveWeighIns,
  OpenBook,
  ImportAnswer,
  RemovedYard,
  Saved,
  Stopping,
  StoredYard,
  YardRemoved,
} from '#wire/answers'
import type { AirReadings, NewSensor } from '#wire/air-reading-schema'
import type { NewScale, WeighIns } from '#wire/weigh-in-schema'
import type { PrintedSheet } from '#wire/sheet-schema'
import type { HiveCards, TickSheets } from '#wire/visit-print-schema'
import type { Submission } from '#wire/edit-schema'
import type { Problem } from '#wire/read'

/** What the server refused, and why; status 0 where it is silent. */
export interface Refusal {
  readonly ok: false
  readonly status: number
  readonly problem: Problem
  /** What stands now, where others saved first. */
  readonly stale?: Overtaking
}

/** What the server made of a request: its answer, or its refusal. */
export type Answer<T> = { readonly ok: true; readonly value: T } | Refusal

const SILENT = { field: 'server', sentence: 'The server cannot be reached.' }
const USUAL_MS = 20_000
const IMPORT_MS = 900_000

async function ask<T>(path: string, init: RequestInit = {}, mostMs = USUAL_MS): Promise<Answer<T>> {
  let response: Response
  try {
    response = await fetch(path, { ...init, signal: AbortSignal.timeout(mostMs) })
  } catch {
    return { ok: false, status: 0, problem: SILENT }
  }
  // The server’s routes are typed by the same answers: nothing else is known of what comes.
  const body = await response.json().catch(() => ({}))
  if (response.ok) return { ok: true, value: body }
  const problem = {
    field: String(fieldOf(body, 'field') ?? 'request'),
    sentence: String(fieldOf(body, 'sentence') ?? `The server answers with an error (${response.status}).`),
  }
  return { ok: false, status: response.status, problem, ...(response.status === 409 ? { stale: body } : {}) }
}

const JSON_TYPE = { 'content-type': 'application/json' }

function send<T>(
  path: string,
  body: string,
  headers: Record<string, string> = {},
  mostMs = USUAL_MS,
): Promise<Answer<T>> {
  return ask<T>(path, { method: 'POST', body, headers: { ...JSON_TYPE, ...headers } }, mostMs)
}

function put<T>(path: string, body: unknown): Promise<Answer<T>> {
  return ask<T>(path, { method: 'PUT', body: JSON.stringify(body), headers: JSON_TYPE })
}

/** A sheet as PDF, or the sentence that says why there is none. */
async function printed(
  what: 'sheet' | 'visit' | 'cards',
  sheet: PrintedSheet | TickSheets | HiveCards,
): Promise<{ readonly ok: true; readonly pdf: Blob } | { readonly ok: false; readonly sentence: string }> {
  try {
    const response = await fetch(`/api/print/${what}`, {
      method: 'POST',
      body: JSON.stringify(sheet),
      headers: JSON_TYPE,
      signal: AbortSignal.timeout(90_000),
    })
    if (response.ok) return { ok: true, pdf: await response.blob() }
    const sentence = fieldOf(await response.json().catch(() => null), 'sentence')
    return { ok: false, sentence: typeof sentence === 'string' ? sentence : SILENT.sentence }
  } catch {
    return { ok: false, sentence: SILENT.sentence }
  }
}

const of = (yardId: string) => `/api/yards/${encodeURIComponent(yardId)}`
const weighIns = (yardId: string, hiveId: string) => `${of(yardId)}/hives/${encodeURIComponent(hiveId)}/weigh-ins`
const bookOf = (yardId: string) => `/api/yards/${encodeURIComponent(yardId)}/book`
const airReadings = (yardId: string, hiveId: string) => `${of(yardId)}/hives/${encodeURIComponent(hiveId)}/air-readings`
const importOf = (importId: string) => `/api/plans/imports/${encodeURIComponent(importId)}`

export const server = {
  weighIns: (yardId: string, hiveId: string) => ask<HiveWeighIns>(`${weighIns(yardId, hiveId)}?points=800`),
  addWeighIns: (yardId: string, hiveId: string, readings: WeighIns) =>
    send<Added>(weighIns(yardId, hiveId), JSON.stringify(readings)),
  setBatchRemoved: (batchId: string, removed: boolean) =>
    put<BatchRemoved>(`/api/weigh-ins/${encodeURIComponent(batchId)}`, { removed }),
  addScale: (scale: NewScale) => send<AddedScale>('/api/scales', JSON.stringify(scale)),
  air: (yardId: string, hiveId: string) => ask<HiveAir>(airReadings(yardId, hiveId)),
  addAir: (yardId: string, hiveId: string, readings: AirReadings) =>
    send<Added>(airReadings(yardId, hiveId), JSON.stringify(readings)),
  setAirBatchRemoved: (batchId: string, removed: boolean) =>
    put<BatchRemoved>(`/api/air-readings/${encodeURIComponent(batchId)}`, { removed }),
  book: (yardId: string, hiveId: string) =>
    ask<readonly Entry[]>(`/api/yards/${encodeURIComponent(yardId)}/hives/${encodeURIComponent(hiveId)}/book`),
  openEntries: (yardId: string, today: string) => ask<OpenBook>(`${bookOf(yardId)}/open?today=${today}`),
  yardBook: (yardId: string, from: string, to: string, sorts: readonly EntrySort[]) =>
    ask<readonly Entry[]>(`${bookOf(yardId)}?from=${from}&to=${to}&sorts=${sorts.join(',')}`),
  addEntries: (yardId: string, entries: readonly Entry[]) =>
    send<BookKept>(bookOf(yardId), JSON.stringify({ entries })),
  addSensor: (sensor: NewSensor) => send<AddedScale>('/api/sensors', JSON.stringify(sensor)),
  print: (sheet: PrintedSheet) => printed('sheet', sheet),
  printVisit: (sheets: TickSheets) => printed('visit', sheets),
  printCards: (cards: HiveCards) => printed('cards', cards),
  yards: () => ask<readonly StoredYard[]>('/api/yards'),
  log: (yardId: string) => ask<readonly LoggedEdit[]>(`${of(yardId)}/log`),
  past: (yardId: string, when: { readonly at: string } | { readonly revision: number }) =>
    ask<Yard>(`${of(yardId)}/past?${'at' in when ? `at=${encodeURIComponent(when.at)}` : `revision=${when.revision}`}`),
  changes: (yardId: string, hiveId: string) =>
    ask<readonly HiveChange[]>(`${of(yardId)}/changes?hive=${encodeURIComponent(hiveId)}`),
  places: (yardId: string, partId: string) =>
    ask<readonly Stay[]>(`${of(yardId)}/parts/${encodeURIComponent(partId)}/places`),
  addYard: (yard: Yard) => send<Saved>('/api/yards', JSON.stringify(yard)),
  removed: () => ask<readonly RemovedYard[]>('/api/yards/removed'),
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
