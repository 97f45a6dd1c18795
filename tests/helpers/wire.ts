import { readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { CATALOGUE } from '#core/parts'
import type { Entry } from '#core/book'
import { newPart, newPlacement, type Edit, type Plan, type Yard } from '#core/yard'

process.chdir(fileURLToPath(new URL('../..', import.meta.url)))

export const DEMO = 'demo/demo-plan.json'
export const demoPlan = (): Plan<Entry> => JSON.parse(readFileSync(DEMO, 'utf8')) as Plan<Entry>

let count = 0
/** An identity that no other test run gives. */
export const nextId = () => `t${process.pid}-${++count}`

export interface Said {
  readonly status: number
  readonly body: Record<string, never> & { sentence?: string; field?: string; revision?: number }
}

/** Posts JSON, or text as it is. */
export async function post(url: string, value: unknown, headers: Record<string, string> = {}): Promise<Said> {
  const response = await fetch(url, {
    method: 'POST',
    body: typeof value === 'string' ? value : JSON.stringify(value),
    headers: { 'content-type': 'application/json', ...headers },
  })
  return { status: response.status, body: (await response.json().catch(() => ({}))) as Said['body'] }
}

export async function get<T>(url: string): Promise<T> {
  return (await (await fetch(url)).json()) as T
}

export interface Stored {
  readonly yard: Yard
  readonly revision: number
}

export const storedYards = (url: string) => get<Stored[]>(`${url}/api/yards`)

/** A submission of edits, each with an identity and a time. */
export function submission(baseRevision: number, edits: readonly Edit[], ids = edits.map(nextId)) {
  return {
    baseRevision,
    device: 'test',
    edits: edits.map((edit, i) => ({ id: ids[i]!, madeAt: '2026-05-01T09:30:00.000Z', kind: 'do', edit })),
  }
}

/** An edit that adds a super to a hive. */
export function addSuper(hiveId: string, at: number): Edit {
  const pattern = CATALOGUE.patterns.get('box-national-super')!
  const part = newPart(pattern, CATALOGUE, nextId)
  return { kind: 'add-part', hiveId, at, part, placement: newPlacement(part.id, pattern) }
}
