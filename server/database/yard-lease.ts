import { randomUUID } from 'node:crypto'
import { setTimeout as wait } from 'node:timers/promises'
import type { Client } from '@libsql/client'
import type { YardLease } from './turns'

/** A server that is gone holds a yard for so long. */
const HELD_S = 1.5
/** A turn begun later than this before the end of it takes it anew. */
const RENEWED_MS = 700
/** It is waited for so long; then a turn is taken without it, as if there were none. */
const MOST_WAIT_MS = 5000
const AGAIN_MS = 6
const LONGEST_AGAIN_MS = 24
/** Who gave it away comes again only once all others have asked. */
const LET_OTHERS_MS = 50

/** The clock of the database, s since 1970: servers need not agree about the time. */
const NOW_S = `((julianday('now') - 2440587.5) * 86400.0)`
const NAME = `'turn/' || ?`
/** Who holds it stands before the slash, until when after it. */
const TAKE = `INSERT INTO settings (name, value) VALUES (${NAME}, ? || '/' || (${NOW_S} + ${HELD_S}))
  ON CONFLICT (name) DO UPDATE SET value = excluded.value
  WHERE substr(value, 1, instr(value, '/') - 1) = substr(excluded.value, 1, instr(excluded.value, '/') - 1)
    OR CAST(substr(value, instr(value, '/') + 1) AS REAL) < ${NOW_S}`
const GIVE = `DELETE FROM settings WHERE name = ${NAME} AND value LIKE ? || '/%'`

/** One row of the database for each yard that is written to: the server that wrote it has the yard for a moment. */
export function yardLease(client: Client): YardLease {
  const own = randomUUID()
  const heldUntilMs = new Map<string, number>()
  const givenAtMs = new Map<string, number>()
  const takes = async (yardId: string): Promise<boolean> => {
    const since = performance.now()
    const { rowsAffected } = await client.execute({ sql: TAKE, args: [yardId, own] })
    if (rowsAffected > 0) heldUntilMs.set(yardId, since + HELD_S * 1000)
    return rowsAffected > 0
  }
  return {
    async hold(yardId) {
      if ((heldUntilMs.get(yardId) ?? 0) - performance.now() > RENEWED_MS) return
      const until = performance.now() + MOST_WAIT_MS
      await wait(Math.max(0, (givenAtMs.get(yardId) ?? 0) + LET_OTHERS_MS - performance.now()))
      for (let tries = 1; performance.now() < until; tries++) {
        // Without it the work says itself what is wrong with the database.
        if (await takes(yardId).catch(() => true)) return
        await wait(Math.min(AGAIN_MS * tries, LONGEST_AGAIN_MS) * (0.5 + Math.random()))
      }
    },
    async release(yardId) {
      if (!heldUntilMs.delete(yardId)) return
      givenAtMs.set(yardId, performance.now())
      await client.execute({ sql: GIVE, args: [yardId, own] }).catch(() => {})
    },
  }
}
