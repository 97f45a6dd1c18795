import { randomUUID } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { eq } from 'drizzle-orm'
import type { LoggedEdit } from '#core/yard'
import { readPlan } from '#wire/read'
import type { Database } from './client'
import { inTransaction } from './client'
import { importInto } from './import'
import { edits, yards } from './schema'
import { readYards } from './yards'

/** What was done before, beside a plan: the log of each of its yards, newest first. */
type SeedLog = readonly { readonly yardId: string; readonly entries: readonly LoggedEdit[] }[]

/**
 * Brings a plan file into a database that has no yard yet, with the log of what led there. Where two servers begin at
 * once, one of them finds it done.
 */
export async function seedFrom(database: Database, path: string, logPath?: string): Promise<void> {
  const plan = readPlan(readFileSync(path, 'utf8'))
  if (!plan.ok) throw new Error(plan.problem.sentence)
  const log: SeedLog = logPath ? JSON.parse(readFileSync(logPath, 'utf8')) : []
  await inTransaction(database, async (tx) => {
    if ((await readYards(tx)).length > 0) return
    await importInto(tx, plan.value, {
      importId: `seed-${randomUUID()}`,
      contentHash: '',
      device: 'demo',
      now: new Date().toISOString(),
    })
    for (const { yardId, entries } of log) {
      const oldestFirst = entries.toReversed()
      await tx
        .insert(edits)
        .values(oldestFirst.map((entry) => ({ ...entry, yardId, baseRevision: entry.revision - 1 })))
      await tx.update(yards).set({ revision: oldestFirst.length }).where(eq(yards.id, yardId))
    }
  })
}
