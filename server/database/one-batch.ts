import { randomUUID } from 'node:crypto'
import { setTimeout as wait } from 'node:timers/promises'
import type { Client, InStatement } from '@libsql/client'
import { DatabaseFault, faultKind, faultSentence } from './faults'
import { HeldBack } from './held-back'

/** Others may come first for so long, ms. */
const OVERTAKEN_MS = 20_000
const AWAY_TRIES = 4
const AGAIN_MS = 60

/** What is another one after every write of any server, and after a copy was put back. */
const MARK = `(SELECT coalesce((SELECT value FROM settings WHERE name = 'epoch'), '') || '/' ||
  coalesce((SELECT value FROM settings WHERE name = 'last-write'), ''))`

/** The mark as it stands on the server. */
export async function markOf(client: Client): Promise<string> {
  const { rows } = await client.execute(`SELECT ${MARK} AS mark`)
  return String(rows[0]?.mark ?? '')
}

/**
 * All of it or nothing, over a line: what the work needs is read first, then everything that it writes goes in one
 * batch, which holds only where nobody wrote since. Where somebody did, or the line was cut, the work is done anew from
 * its start; what may have gone in before the line was cut is known by its mark.
 * @throws DatabaseFault where others come first for too long; the error of the work, or of a server that stays away
 */
export async function inOneBatch<T>(client: Client, work: (held: HeldBack) => Promise<T>): Promise<T> {
  const sent = new Map<string, { readonly value: T }>()
  let cutAt: string | undefined
  const until = performance.now() + OVERTAKEN_MS
  for (let tries = 1, cuts = 0; ; tries++) {
    try {
      const before = await markOf(client)
      const mark = before.slice(before.indexOf('/') + 1)
      // What is done may give nothing back: it stands in a box of its own.
      const known = sent.get(mark)
      if (known) return known.value
      // Somebody wrote since the line was cut: nobody knows whether this went in, so it is not done twice.
      if (cutAt !== undefined && cutAt !== before) throw new DatabaseFault('away', faultSentence('away', undefined))
      const done = await oneTry(client, work, before, sent)
      if (done) return done.value
      cutAt = undefined
    } catch (error) {
      if (error instanceof Cut) cutAt = error.before
      const cause = error instanceof Cut ? error.cause : error
      if (cause instanceof DatabaseFault || !isLine(cause) || ++cuts >= AWAY_TRIES) throw cause
    }
    if (performance.now() > until) throw new DatabaseFault('locked', faultSentence('locked', undefined))
    // Not all at the same moment again.
    await wait(AGAIN_MS * Math.min(tries, 10) * (0.5 + Math.random()))
  }
}

/** The line was cut while a batch was on its way. */
class Cut extends Error {
  constructor(
    readonly before: string,
    cause: unknown,
  ) {
    super('the line was cut', { cause })
  }
}

const isLine = (error: unknown) => ['away', 'locked'].includes(faultKind(error) ?? '')

/** Does the work once; undefined where somebody else wrote meanwhile. */
async function oneTry<T>(
  client: Client,
  work: (held: HeldBack) => Promise<T>,
  before: string,
  sent: Map<string, { readonly value: T }>,
): Promise<{ readonly value: T } | undefined> {
  const isOvertaken = async () => (await markOf(client)) !== before
  const held = new HeldBack(client)
  let value: T
  try {
    value = await work(held)
  } catch (error) {
    // What was read may be of two moments: only of one is what the work says true.
    if (isLine(error) || !(await isOvertaken())) throw error
    return undefined
  }
  if (held.writes.length === 0) return (await isOvertaken()) ? undefined : { value }
  const mark = randomUUID()
  sent.set(mark, { value })
  try {
    await client.batch([onlyWhere(before), ...held.writes, setMark(mark)], 'write')
    return { value }
  } catch (error) {
    if (isLine(error)) throw new Cut(before, error)
    sent.delete(mark)
    if (!(await isOvertaken())) throw error
    return undefined
  }
}

/** Ends the batch where the mark is another one: what is no JSON is an error. */
const onlyWhere = (before: string): InStatement => ({
  sql: `SELECT CASE WHEN ${MARK} <> ? THEN json('somebody wrote since') END`,
  args: [before],
})

const setMark = (mark: string): InStatement => ({
  sql: `INSERT INTO settings (name, value) VALUES ('last-write', ?) ON CONFLICT (name) DO UPDATE SET value = excluded.value`,
  args: [mark],
})
