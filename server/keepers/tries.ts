import { lt, sql } from 'drizzle-orm'
import { signInTries } from '../database/schema'
import type { Writer } from '../database/yards'
import { keyOf } from './accounts'

/** What is tried, and from where; each is counted where it is said. */
export interface Tried {
  readonly name?: string
  readonly address?: string
}

/** Tries in a quarter of an hour: of one name, of one address, of one name from one address. */
const MOST = { name: 40, address: 60, both: 8 } as const
const SPAN_MS = 900_000

/**
 * Counts a try to sign in by the name as it is compared, for every server of the database in one statement each; the
 * minutes to wait where there were too many, whether or not there is such a name. 0 where it may be tried.
 */
export async function minutesToWait(tx: Writer, { name: typed, address }: Tried, now: string): Promise<number> {
  const name = typed === undefined ? undefined : keyOf(typed)
  const nowMs = Date.parse(now)
  await tx.delete(signInTries).where(lt(signInTries.endsAt, now))
  const keys: (readonly [string, number])[] = []
  if (name !== undefined) keys.push([`name ${name}`, MOST.name])
  if (address !== undefined) keys.push([`address ${address}`, MOST.address])
  if (name !== undefined && address !== undefined) keys.push([`both ${address} ${name}`, MOST.both])
  let waitMs = 0
  for (const [key, most] of keys) {
    const [row] = await tx
      .insert(signInTries)
      .values({ key, count: 1, endsAt: new Date(nowMs + SPAN_MS).toISOString() })
      .onConflictDoUpdate({ target: signInTries.key, set: { count: sql`${signInTries.count} + 1` } })
      .returning({ count: signInTries.count, endsAt: signInTries.endsAt })
    if (row && row.count > most) waitMs = Math.max(waitMs, Date.parse(row.endsAt) - nowMs)
  }
  return Math.ceil(waitMs / 60_000)
}

/** Forgets the tries of who is in now. */
export async function forgetTries(tx: Writer, typed: string, address: string): Promise<void> {
  const name = keyOf(typed)
  await tx.delete(signInTries).where(sql`${signInTries.key} in (${`name ${name}`}, ${`both ${address} ${name}`})`)
}
