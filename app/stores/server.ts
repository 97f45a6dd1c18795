import type { HiveChange, LogEntry, Stay, Yard } from '#core/hive'
import type { Sheet } from '#core/wording'
import type { Imported, ImportProgress } from '#wire/import-answer'
import type { HiveCards, TickSheets } from '#wire/visit-print-schema'
import type { Submission } from '#wire/edit-schema'
import type { Problem } from '#wire/read'

export interface StoredYard {
  readonly yard: Yard
  readonly revision: number
}

export interface LoggedEntry extends LogEntry {
  readonly device: string
  readonly madeAt: string
  readonly revision: number
}

/** What the server made of a request: its answer, its refusal, or silence. */
export type Answer<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly status: number; readonly problem: Problem; readonly body: Record<string, unknown> }
  | { readonly ok: false; readonly status: 0; readonly problem: Problem; readonly body: Record<string, never> }

const SILENT = { field: 'server', sentence: 'The server cannot be reached.' }
const USUAL_MS = 20_000
const IMPORT_MS = 900_000

async function ask<T>(path: string, init: RequestInit = {}, mostMs = USUAL_MS): Promise<Answer<T>> {
  let response: Response
  try {
    response = await fetch(path, { ...init, signal: AbortSignal.timeout(mostMs) })
  } catch {
    return { ok: false, status: 0, problem: SILENT, body: {} }
  }
  const body = (await response.json().catch(() => ({}))) as Record<string, unknown>
  if (response.ok) return { ok: true, value: body as T }
  const problem = {
    field: String(body.field ?? 'request'),
    sentence: String(body.sentence ?? `The server answers with an error (${response.status}).`),
  }
  return { ok: false, status: response.status, problem, body }
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
  sheet: Sheet | TickSheets | HiveCards,
): Promise<{ readonly ok: true; readonly pdf: Blob } | { readonly ok: false; readonly sentence: string }> {
  try {
    const response = await fetch(`/api/print/${what}`, {
      method: 'POST',
      body: JSON.stringify(sheet),
      headers: JSON_TYPE,
      signal: AbortSignal.timeout(90_000),
    })
    if (response.ok) return { ok: true, pdf: await response.blob() }
    const body = (await response.json().catch(() => ({}))) as { sentence?: string }
    return { ok: false, sentence: body.sentence ?? SILENT.sentence }
  } catch {
    return { ok: false, sentence: SILENT.sentence }
  }
}

export interface WeighInRow {
  readonly at: string
  readonly kg: number
  readonly method: 'scale' | 'heft'
  readonly leftKg?: number
  readonly rightKg?: number
}

export interface HiveWeighIns {
  readonly series: {
    readonly count: number
    readonly thinnedBy: string | null
    readonly points: readonly { readonly at: string; readonly kg: number; readonly source: string }[]
  }
  readonly latest: readonly {
    readonly id: string
    readonly at: string
    readonly kg: number
    readonly method: string
    readonly leftKg: number | null
    readonly rightKg: number | null
    readonly source: string
    readonly batchId: string
  }[]
  readonly scales: readonly {
    readonly id: string
    readonly name: string
    readonly batteryPercent: number | null
    readonly seenAt: string | null
  }[]
}

const of = (yardId: string) => `/api/yards/${encodeURIComponent(yardId)}`
const weighIns = (yardId: string, hiveId: string) => `${of(yardId)}/hives/${encodeURIComponent(hiveId)}/weigh-ins`
const importOf = (importId: string) => `/api/plans/imports/${encodeURIComponent(importId)}`

export const server = {
  weighIns: (yardId: string, hiveId: string) => ask<HiveWeighIns>(`${weighIns(yardId, hiveId)}?points=800`),
  addWeighIns: (
    yardId: string,
    hiveId: string,
    source: 'hand' | 'csv',
    batchId: string,
    readings: readonly WeighInRow[],
  ) =>
    send<{ added: number; repeated: number }>(weighIns(yardId, hiveId), JSON.stringify({ source, batchId, readings })),
  setBatchRemoved: (batchId: string, removed: boolean) =>
    put<{ readings: number }>(`/api/weigh-ins/${encodeURIComponent(batchId)}`, { removed }),
  addScale: (yardId: string, hiveId: string, name: string) =>
    send<{ id: string; key: string }>('/api/scales', JSON.stringify({ yardId, hiveId, name })),
  print: (sheet: Sheet) => printed('sheet', sheet),
  printVisit: (sheets: TickSheets) => printed('visit', sheets),
  printCards: (cards: HiveCards) => printed('cards', cards),
  yards: () => ask<StoredYard[]>('/api/yards'),
  log: (yardId: string) => ask<LoggedEntry[]>(`${of(yardId)}/log`),
  past: (yardId: string, when: { readonly at: string } | { readonly revision: number }) =>
    ask<Yard>(`${of(yardId)}/past?${'at' in when ? `at=${encodeURIComponent(when.at)}` : `revision=${when.revision}`}`),
  changes: (yardId: string, hiveId: string) =>
    ask<HiveChange[]>(`${of(yardId)}/changes?hive=${encodeURIComponent(hiveId)}`),
  places: (yardId: string, partId: string) => ask<Stay[]>(`${of(yardId)}/parts/${encodeURIComponent(partId)}/places`),
  addYard: (yard: Yard) => send<{ revision: number }>('/api/yards', JSON.stringify(yard)),
  removed: () => ask<{ id: string; name: string }[]>('/api/yards/removed'),
  setRemoved: (yardId: string, removed: boolean) => put<{ removed: boolean }>(`${of(yardId)}/removed`, { removed }),
  commit: (yardId: string, submission: Submission) =>
    send<{ revision: number }>(`${of(yardId)}/edits`, JSON.stringify(submission)),
  importPlan: (text: string, device: string, importId: string) =>
    send<{ imported: readonly Imported[] }>(
      '/api/plans/import',
      text,
      { 'x-device': encodeURIComponent(device), 'x-import': importId },
      IMPORT_MS,
    ),
  importProgress: (importId: string) => ask<ImportProgress & { imported?: readonly Imported[] }>(importOf(importId)),
  stopImport: (importId: string) => ask<{ stopping: boolean }>(importOf(importId), { method: 'DELETE' }),
}
