import type { Overtaking } from '#core/yard'
import { fieldOf } from '#core/units'
import type { Problem } from '#wire/read'
import type { KeptAnswer } from '~/journal/kept/device'
import { keepAnswer, knownAnswer } from './answers'
import { fits, type AnswerOutline } from './outline'
import { OVERTAKING } from './outlines'

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

export const SILENT = { field: 'server', sentence: 'The server cannot be reached.' }
const USUAL_MS = 20_000
/** Where this device knows an earlier answer, the server is waited for so long. */
const KNOWN_MS = 4000
const JSON_TYPE = { 'content-type': 'application/json' }

/** The server, or something in its place, answers what cannot be what was asked for: like one that is in trouble. */
const ODD: ServerRefusal = {
  ok: false,
  status: 502,
  problem: {
    field: 'server',
    sentence: 'The server’s answer cannot be read: it may be of another version. Load the page again.',
  },
}

/** How much this device's clock is behind the server's, ms, as far as it tells: its answers name the second. */
export const clock = { offMs: 0 }

function noteClock(date: string | null): void {
  const there = Date.parse(date ?? '')
  if (!Number.isNaN(there)) clock.offMs = there - Date.now()
}

/** One question to the server, and what is looked at in its answer before it is believed. */
export interface Asking<T> {
  readonly path: string
  readonly outline: AnswerOutline<T>
  readonly method?: 'POST' | 'PUT' | 'DELETE'
  readonly body?: string
  readonly headers?: Readonly<Record<string, string>>
  readonly mostMs?: number
}

async function ask<T>(asking: Asking<T>): Promise<ServerAnswer<T>> {
  return (await askText<T>(asking)).answer
}

async function askText<T>({
  path,
  outline,
  method,
  body,
  headers,
  mostMs = USUAL_MS,
}: Asking<T>): Promise<{ readonly answer: ServerAnswer<T>; readonly text: string }> {
  let response: Response
  let text: string
  try {
    const sent = body === undefined ? {} : { body, headers: { ...JSON_TYPE, ...headers } }
    response = await fetch(path, { ...(method ? { method } : {}), ...sent, signal: AbortSignal.timeout(mostMs) })
    noteClock(response.headers.get('date'))
    text = await response.text()
  } catch {
    return { answer: { ok: false, status: 0, problem: SILENT }, text: '' }
  }
  const answered = readJson(text)
  if (response.ok) return { answer: fits(outline, answered) ? { ok: true, value: answered } : ODD, text }
  const problem = {
    field: String(fieldOf(answered, 'field') ?? 'request'),
    sentence: String(fieldOf(answered, 'sentence') ?? `The server answers with an error (${response.status}).`),
  }
  const refused = { ok: false, status: response.status, problem } as const
  return { answer: fits(OVERTAKING, answered) ? { ...refused, stale: answered } : refused, text }
}

function readJson(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    return undefined
  }
}

/** What the server answered to a path last, as far as this device kept it and it can be read. */
export async function lastAnswer<T>(path: string, outline: AnswerOutline<T>): Promise<KnownAnswer<T> | undefined> {
  const known = await knownAnswer(path)
  return known && readKnown(known, outline)
}

interface KnownAnswer<T> {
  readonly ok: true
  readonly value: T
  readonly keptAt: string
}

function readKnown<T>({ text, at }: KeptAnswer, outline: AnswerOutline<T>): KnownAnswer<T> | undefined {
  const value = readJson(text)
  return fits(outline, value) ? { ok: true, value, keptAt: at } : undefined
}

/** What the server answers, kept on this device; where it is silent, what it answered last. */
export async function askKept<T>(
  path: string,
  outline: AnswerOutline<T>,
  key: string = path,
): Promise<ServerAnswer<T>> {
  const known = await knownAnswer(key)
  const { answer, text } = await askText<T>({ path, outline, mostMs: known ? KNOWN_MS : USUAL_MS })
  if (answer.ok) void keepAnswer(key, text)
  const isSilent = !answer.ok && (answer.status === 0 || answer === ODD)
  return (isSilent && known && readKnown(known, outline)) || answer
}

/** Asks for what the server has now. */
export const get = <T>(path: string, outline: AnswerOutline<T>) => ask<T>({ path, outline })

/** Sends something, as it is or as JSON. */
export function send<T>(
  path: string,
  outline: AnswerOutline<T>,
  body: unknown,
  more: Pick<Asking<T>, 'headers' | 'mostMs'> = {},
): Promise<ServerAnswer<T>> {
  return ask<T>({
    path,
    outline,
    method: 'POST',
    body: typeof body === 'string' ? body : JSON.stringify(body),
    ...more,
  })
}

export function put<T>(path: string, outline: AnswerOutline<T>, body: unknown): Promise<ServerAnswer<T>> {
  return ask<T>({ path, outline, method: 'PUT', body: JSON.stringify(body) })
}

export const drop = <T>(path: string, outline: AnswerOutline<T>) => ask<T>({ path, outline, method: 'DELETE' })
