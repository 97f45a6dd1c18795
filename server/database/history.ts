import { and, desc, eq, lt } from 'drizzle-orm'
import { asItStood, changesOf, staysOf, type HiveChange, type PastEntry, type PastMoment, type Stay, type Yard } from '#core/hive'
import type { Database } from './client'
import { edits } from './schema'
import { readYard } from './yards'

/** Entries that are gone through at most, newest first. */
const MOST_ENTRIES = 20_000
const CHUNK = 500

async function newestFirst(database: Database, yardId: string): Promise<PastEntry[]> {
  const all: PastEntry[] = []
  for (let before = Number.MAX_SAFE_INTEGER; all.length < MOST_ENTRIES;) {
    const rows = await database.select().from(edits).where(and(eq(edits.yardId, yardId), lt(edits.sequence, before))).orderBy(desc(edits.sequence)).limit(CHUNK)
    all.push(...rows)
    if (rows.length < CHUNK) break
    before = rows.at(-1)!.sequence
  }
  return all
}

/** A yard as it stood at a moment or after a revision, out of the log; undefined where there is no such yard. */
export async function yardAt(database: Database, yardId: string, when: PastMoment): Promise<Yard | undefined> {
  const stored = await readYard(database, yardId)
  return stored && asItStood(stored.yard, await newestFirst(database, yardId), when)
}

/** What was changed about a hive, newest first. */
export async function hiveChanges(database: Database, yardId: string, hiveId: string, most: number): Promise<HiveChange[] | undefined> {
  const stored = await readYard(database, yardId)
  return stored && changesOf(stored.yard, hiveId, await newestFirst(database, yardId), most)
}

/** Where a part of a yard has been and what it had held, newest first; undefined where there is no such part. */
export async function partStays(database: Database, yardId: string, partId: string): Promise<Stay[] | undefined> {
  const stored = await readYard(database, yardId)
  return stored?.yard.parts.some(({ id }) => id === partId) ? staysOf(stored.yard, partId, await newestFirst(database, yardId)) : undefined
}
