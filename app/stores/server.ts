import type { HiveChange, LogEntry, Stay, Yard } from '#core/hive'
import type { Sheet } from '#core/wording'
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

async function ask<T>(path: string, init: RequestInit = {}): Promise<Answer<T>> {
  let response: Response
  try {
    response = await fetch(path, { ...init, signal: AbortSignal.timeout(20_000) })
  } catch {
    return { ok: false, status: 0, problem: SILENT, body: {} }
  }
  const body = await response.json().catch(() => ({})) as Record<string, unknown>
  if (response.ok) return { ok: true, value: body as T }
  const problem = { field: String(body.field ?? 'request'), sentence: String(body.sentence ?? SILENT.sentence) }
  return { ok: false, status: response.status, problem, body }
}

function send<T>(path: string, body: string, headers: Record<string, string> = {}): Promise<Answer<T>> {
  return ask<T>(path, { method: 'POST', body, headers: { 'content-type': 'application/json', ...headers } })
}

/** A sheet as PDF, or the sentence that says why there is none. */
async function printed(what: 'sheet' | 'visit' | 'cards', sheet: Sheet | TickSheets | HiveCards): Promise<{ readonly ok: true; readonly pdf: Blob } | { readonly ok: false; readonly sentence: string }> {
  try {
    const response = await fetch(`/api/print/${what}`, { method: 'POST', body: JSON.stringify(sheet), headers: { 'content-type': 'application/json' }, signal: AbortSignal.timeout(30_000) })
    if (response.ok) return { ok: true, pdf: await response.blob() }
    const body = await response.json().catch(() => ({})) as { sentence?: string }
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
  readonly series: { readonly count: number; readonly thinnedBy: string | null; readonly points: readonly { readonly at: string; readonly kg: number; readonly source: string }[] }
  readonly latest: readonly { readonly id: string; readonly at: string; readonly kg: number; readonly method: string; readonly leftKg: number | null; readonly rightKg: number | null; readonly source: string; readonly batchId: string }[]
  readonly scales: readonly { readonly id: string; readonly name: string; readonly batteryPercent: number | null; readonly seenAt: string | null }[]
}

const weighIns = (hiveId: string) => `/api/hives/${encodeURIComponent(hiveId)}/weigh-ins`

export const server = {
  weighIns: (hiveId: string) => ask<HiveWeighIns>(`${weighIns(hiveId)}?points=800`),
  addWeighIns: (hiveId: string, source: 'hand' | 'csv', batchId: string, readings: readonly WeighInRow[]) => send<{ added: number; repeated: number }>(weighIns(hiveId), JSON.stringify({ source, batchId, readings })),
  setBatchRemoved: (batchId: string, removed: boolean) => ask<{ readings: number }>(`/api/weigh-ins/${encodeURIComponent(batchId)}`, { method: 'PUT', body: JSON.stringify({ removed }), headers: { 'content-type': 'application/json' } }),
  addScale: (hiveId: string, name: string) => send<{ id: string; key: string }>('/api/scales', JSON.stringify({ hiveId, name })),
  print: (sheet: Sheet) => printed('sheet', sheet),
  printVisit: (sheets: TickSheets) => printed('visit', sheets),
  printCards: (cards: HiveCards) => printed('cards', cards),
  yards: () => ask<StoredYard[]>('/api/yards'),
  log: (yardId: string) => ask<LoggedEntry[]>(`/api/yards/${encodeURIComponent(yardId)}/log`),
  past: (yardId: string, at: string) => ask<Yard>(`/api/yards/${encodeURIComponent(yardId)}/past?at=${encodeURIComponent(at)}`),
  changes: (yardId: string, hiveId: string) => ask<HiveChange[]>(`/api/yards/${encodeURIComponent(yardId)}/changes?hive=${encodeURIComponent(hiveId)}`),
  places: (partId: string) => ask<Stay[]>(`/api/parts/${encodeURIComponent(partId)}/places`),
  addYard: (yard: Yard) => send<{ revision: number }>('/api/yards', JSON.stringify(yard)),
  removed: () => ask<{ id: string; name: string }[]>('/api/yards/removed'),
  setRemoved: (yardId: string, removed: boolean) => ask<{ removed: boolean }>(`/api/yards/${encodeURIComponent(yardId)}/removed`, { method: 'PUT', body: JSON.stringify({ removed }), headers: { 'content-type': 'application/json' } }),
  commit: (yardId: string, submission: Submission) => send<{ revision: number }>(`/api/yards/${encodeURIComponent(yardId)}/edits`, JSON.stringify(submission)),
  importPlan: (text: string, device: string) => send<{ imported: { yardId: string; yardName: string; how: 'new' | 'beside' | 'into'; hives: number }[] }>('/api/plans/import', text, { 'x-device': encodeURIComponent(device) }),
}
