import { and, eq, inArray, sql } from 'drizzle-orm'
import type { HiveOfYard } from '#core/yard'
import type { Added } from '#wire/answers'
import type { ReadingPlace } from '#wire/readings/kind'
import { readingKind, type AnyReading, type ReadingKind } from '#wire/readings/kinds'
import { readings } from '../database/schema'
import type { Writer } from '../database/yards'

/** When, by the minute, UTC. */
const minuteOf = (at: string) => `${new Date(at).toISOString().slice(0, 16)}:00.000Z`

/** Where readings come from, and the batch that takes them back. */
interface From {
  readonly kind: ReadingKind
  readonly place: ReadingPlace
  readonly source: string
  readonly batchId: string
}

/**
 * Keeps readings of a hive; one that is there already for its minute, place and source is counted, not kept twice. One
 * that was taken away may come again.
 */
export async function addReadings(
  database: Writer,
  { yardId, hiveId }: HiveOfYard,
  { kind, place, source, batchId }: From,
  read: readonly AnyReading[],
  makeId: () => string,
): Promise<Added> {
  const { stored } = readingKind(kind)
  const byMinute = new Map(read.map((reading) => [minuteOf(reading.at), stored(reading)]))
  const rows = [...byMinute].map(([at, { value, more }]) => [makeId(), at, value, more && JSON.stringify(more)])
  // One statement for all rows: a year of quarter hours is kept in a second instead of in ten.
  await database.run(sql`
    insert into ${readings} (id, yard_id, hive_id, kind, place, at, value, more, source, batch_id)
    select value ->> 0, ${yardId}, ${hiveId}, ${kind}, ${place}, value ->> 1, value ->> 2, value ->> 3,
      ${source}, ${batchId}
    from json_each(${JSON.stringify(rows)}) where true on conflict do nothing`)
  // Of a batch that is sent again, its answer lost, as many are told as the first time.
  const added = await database.$count(
    readings,
    and(eq(readings.batchId, batchId), eq(readings.yardId, yardId), eq(readings.hiveId, hiveId)),
  )
  return { batchId, added, repeated: read.length - added }
}

/** The yards of which a batch has readings: one, but for those whose hive went along to another. */
export async function yardsOfBatch(database: Writer, batchId: string): Promise<string[]> {
  const rows = await database
    .selectDistinct({ yardId: readings.yardId })
    .from(readings)
    .where(eq(readings.batchId, batchId))
  return rows.map(({ yardId }) => yardId)
}

/**
 * Takes a batch of these yards away, or brings it back; how many readings it has. One that was kept anew meanwhile stays
 * as it is.
 */
export async function setBatchRemoved(
  database: Writer,
  yardIds: readonly string[],
  batchId: string,
  removedAt: string | null,
): Promise<number> {
  const own = and(eq(readings.batchId, batchId), inArray(readings.yardId, [...yardIds]))
  const count = await database.$count(readings, own)
  if (removedAt) await database.update(readings).set({ removedAt }).where(own)
  else await database.run(sql`update or ignore ${readings} set removed_at = null where ${own}`)
  return count
}

/** Gives a hive what was read of another; what it has already is not doubled. */
export async function copyReadings(tx: Writer, from: HiveOfYard, to: HiveOfYard): Promise<void> {
  await tx.run(sql`
    insert or ignore into ${readings} (id, yard_id, hive_id, kind, place, at, value, more, source, batch_id)
    select lower(hex(randomblob(16))), ${to.yardId}, ${to.hiveId}, kind, place, at, value, more, source, batch_id
    from ${readings} where yard_id = ${from.yardId} and hive_id = ${from.hiveId} and removed_at is null`)
}
