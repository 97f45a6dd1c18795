import { and, asc, desc, eq, inArray, isNull } from 'drizzle-orm'
import { thinned } from '#core/weight'
import type { Database } from './client'
import { weighIns } from './schema'

/** A reading as it is kept. */
export interface KeptWeighIn {
  readonly at: string
  readonly kg: number
  readonly method: 'scale' | 'heft'
  readonly leftKg?: number | undefined
  readonly rightKg?: number | undefined
}

export interface Added {
  readonly batchId: string
  readonly added: number
  /** Readings of a minute that this source has already given. */
  readonly repeated: number
}

const CHUNK = 400
const minuteOf = (at: string) => `${new Date(at).toISOString().slice(0, 16)}:00.000Z`

/** Keeps readings of a hive; one that is there already for its minute and source is counted, not kept twice. */
export async function addWeighIns(database: Database, hiveId: string, source: string, readings: readonly KeptWeighIn[], batchId: string, makeId: () => string): Promise<Added> {
  const byMinute = new Map(readings.map((reading) => [minuteOf(reading.at), reading]))
  const rows = [...byMinute].map(([at, { kg, method, leftKg, rightKg }]) => ({ id: makeId(), hiveId, at, kg, method, leftKg: leftKg ?? null, rightKg: rightKg ?? null, source, batchId, removedAt: null }))
  let added = 0
  await database.transaction(async (transaction) => {
    for (let start = 0; start < rows.length; start += CHUNK) {
      const done = await transaction.insert(weighIns).values(rows.slice(start, start + CHUNK)).onConflictDoNothing().returning({ id: weighIns.id })
      added += done.length
    }
  })
  return { batchId, added, repeated: readings.length - added }
}

export interface Series {
  readonly count: number
  readonly thinnedBy: 'largest triangle three buckets' | null
  readonly points: readonly { readonly at: string; readonly kg: number; readonly source: string }[]
}

/** The readings of a hive, oldest first, thinned to at most so many. */
export async function weighInSeries(database: Database, hiveId: string, most: number): Promise<Series> {
  const rows = await database.select({ at: weighIns.at, kg: weighIns.kg, source: weighIns.source }).from(weighIns).where(and(eq(weighIns.hiveId, hiveId), isNull(weighIns.removedAt))).orderBy(asc(weighIns.at))
  const points = thinned(rows.map((row) => ({ ...row, x: Date.parse(row.at), y: row.kg })), most)
  return { count: rows.length, thinnedBy: points.length < rows.length ? 'largest triangle three buckets' : null, points: points.map(({ at, kg, source }) => ({ at, kg, source })) }
}

/** The newest readings of a hive with their batches, newest first. */
export function latestWeighIns(database: Database, hiveId: string, most: number) {
  return database.select().from(weighIns).where(and(eq(weighIns.hiveId, hiveId), isNull(weighIns.removedAt))).orderBy(desc(weighIns.at)).limit(most)
}

/** Takes a batch away, or brings it back; how many readings it has. */
export async function setBatchRemoved(database: Database, batchId: string, removedAt: string | null): Promise<number> {
  const done = await database.update(weighIns).set({ removedAt }).where(inArray(weighIns.batchId, [batchId])).returning({ id: weighIns.id })
  return done.length
}
