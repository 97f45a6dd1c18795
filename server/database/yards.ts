import { and, asc, desc, eq, isNotNull, isNull, sql } from 'drizzle-orm'
import type { Yard } from '#core/yard'
import type { StoredYard } from '#wire/answers'
import type { Database, Writer } from './client'
import { hives, yards } from './schema'
import { yardText, yardTexts, type YardText } from './yard-text'

export type { Writer } from './client'

function stored({ revision, text }: YardText): StoredYard {
  const yard: Yard = JSON.parse(text)
  return { revision, yard }
}

/** Every yard with its revision, in the keeper's order. */
export async function readYards(database: Writer): Promise<StoredYard[]> {
  return (await yardTexts(database)).map(stored)
}

/** Names of all yards that are here. */
export async function yardNames(database: Writer): Promise<string[]> {
  return (await database.select({ name: yards.name }).from(yards).where(isNull(yards.removedAt))).map(
    ({ name }) => name,
  )
}

/** One yard, or undefined; one that was removed is not there. */
export async function readYard(database: Writer, yardId: string): Promise<StoredYard | undefined> {
  const found = await yardText(database, yardId)
  return found && stored(found)
}

const MOST_KEPT = 8
const kept = new WeakMap<Database, Map<string, StoredYard>>()
/** Changes when a copy is put in the place of what was there: revisions begin anew then. */
const epochs = new WeakMap<Database, string | null>()

/**
 * The same, out of memory where it was read or written here at this revision before: a write need not read it all
 * again.
 */
export async function readYardKept(
  database: Database,
  reader: Writer,
  yardId: string,
): Promise<StoredYard | undefined> {
  const [row] = await reader
    .select({ revision: yards.revision, epoch: sql<string | null>`(select value from settings where name = 'epoch')` })
    .from(yards)
    .where(and(eq(yards.id, yardId), isNull(yards.removedAt)))
  if (!row) return undefined
  if (epochs.get(database) !== row.epoch) kept.delete(database)
  epochs.set(database, row.epoch)
  const known = kept.get(database)?.get(yardId)
  return known?.revision === row.revision ? known : readYard(reader, yardId)
}

/** Keeps a yard in memory as it is at a revision that is saved. */
export function keepYard(database: Database, stored: StoredYard): void {
  const all = kept.get(database) ?? new Map<string, StoredYard>()
  kept.set(database, all)
  all.delete(stored.yard.id)
  all.set(stored.yard.id, stored)
  for (const yardId of [...all.keys()].slice(0, Math.max(0, all.size - MOST_KEPT))) all.delete(yardId)
}

/** Takes a yard away, or brings it back with null; false when there is none. */
export async function setRemoved(database: Writer, yardId: string, removedAt: string | null): Promise<boolean> {
  const done = await database.update(yards).set({ removedAt }).where(eq(yards.id, yardId)).returning({ id: yards.id })
  return done.length > 0
}

/** Yards that were taken away and can be brought back. */
export function readRemoved(database: Writer): Promise<{ id: string; name: string; removedAt: string | null }[]> {
  return database
    .select({ id: yards.id, name: yards.name, removedAt: yards.removedAt })
    .from(yards)
    .where(isNotNull(yards.removedAt))
    .orderBy(asc(yards.position))
}

/** The place behind the last yard. */
export async function nextPosition(database: Writer): Promise<number> {
  const [last] = await database.select({ position: yards.position }).from(yards).orderBy(desc(yards.position)).limit(1)
  return (last?.position ?? -1) + 1
}

/** Whether there is such a yard, one that was taken away counted. */
export async function yardExists(database: Writer, yardId: string): Promise<boolean> {
  return (await database.select({ id: yards.id }).from(yards).where(eq(yards.id, yardId))).length > 0
}

/** Whether a yard has such a hive. */
export async function hiveExists(database: Writer, yardId: string, hiveId: string): Promise<boolean> {
  return (
    (
      await database
        .select({ id: hives.id })
        .from(hives)
        .where(and(eq(hives.yardId, yardId), eq(hives.id, hiveId)))
    ).length > 0
  )
}
