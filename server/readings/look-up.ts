import { and, desc, eq, gte, isNull, lte, sql } from 'drizzle-orm'
import { thinned } from '#core/loads'
import type { HiveOfYard } from '#core/yard'
import type { ListedReading, OutsideNow, ReadingSeries } from '#wire/answers'
import { readingKind, type AnyReading, type ReadingKind } from '#wire/readings/kinds'
import type { Database } from '../database/client'
import { readings } from '../database/schema'

/** The newest batches of a series that are told. */
const MOST_BATCHES = 20

type Row = readonly [at: string, value: number, more: string | null, batchId: string]

/** The readings of a hive of one kind, place by place, oldest first, thinned to at most so many each. */
export async function readingSeries(
  database: Database,
  { yardId, hiveId }: HiveOfYard,
  name: ReadingKind,
  most: number,
): Promise<ReadingSeries<AnyReading>[]> {
  const kind = readingKind(name)
  const whole = ([at, value, more]: Row) => kind.read({ at, value, more: more === null ? null : JSON.parse(more) })
  const found: ReadingSeries<AnyReading>[] = []
  for (const place of kind.places) {
    const answer = await database.get<{ all: string }>(
      sql`select json_group_array(json_array(at, value, more, batch_id)) as "all" from (
        select at, value, more, batch_id from ${readings}
        where yard_id = ${yardId} and hive_id = ${hiveId} and kind = ${name} and place = ${place}
          and removed_at is null
        order by at)`,
    )
    const rows: readonly Row[] = JSON.parse(answer.all)
    const last = rows.at(-1)
    if (!last) continue
    const points = thinned(
      rows.map((row) => ({ x: Date.parse(row[0]), y: row[1], row })),
      most,
    )
    found.push({
      place,
      count: rows.length,
      thinnedBy: points.length < rows.length ? 'largest triangle three buckets' : null,
      points: points.map(({ row }) => whole(row)),
      latest: whole(last),
      batchIds: [...new Set(rows.map(([, , , batchId]) => batchId))].slice(-MOST_BATCHES),
    })
  }
  return found
}

/** The newest readings of a hive of one kind with their batches, newest first. */
export async function latestReadings(
  database: Database,
  { yardId, hiveId }: HiveOfYard,
  name: ReadingKind,
  most: number,
): Promise<ListedReading<AnyReading>[]> {
  const rows = await database
    .select()
    .from(readings)
    .where(
      and(
        eq(readings.yardId, yardId),
        eq(readings.hiveId, hiveId),
        eq(readings.kind, name),
        isNull(readings.removedAt),
      ),
    )
    .orderBy(desc(readings.at))
    .limit(most)
  const kind = readingKind(name)
  return rows.map(({ id, place, source, batchId, ...stored }) => ({
    ...kind.read(stored),
    id,
    place,
    source,
    batchId,
  }))
}

/** The last weighing of each hive that has one, found by its hive: a scale of years has many. */
export function lastWeighed(
  database: Database,
): Promise<{ readonly yardId: string; readonly hiveId: string; readonly at: string; readonly kg: number }[]> {
  return database.all(sql`
    select h.yard_id as "yardId", h.id as "hiveId", r.at, r.value as "kg" from hives as h join readings as r on r.id = (
      select id from readings where yard_id = h.yard_id and hive_id = h.id and kind = 'weight' and removed_at is null
      order by at desc limit 1)`)
}

/** A reading that is older says nothing of what may be opened now, hours. */
const OUTSIDE_HOURS = 3

/** The newest reading of the air outside at any hive of a yard; undefined where none came in the last hours. */
export async function outsideNow(database: Database, yardId: string, now: Date): Promise<OutsideNow | undefined> {
  const since = new Date(now.getTime() - OUTSIDE_HOURS * 3_600_000).toISOString()
  const [row] = await database
    .select({ at: readings.at, celsius: readings.value, hiveId: readings.hiveId })
    .from(readings)
    .where(
      and(
        eq(readings.yardId, yardId),
        eq(readings.kind, 'air'),
        eq(readings.place, 'outside'),
        isNull(readings.removedAt),
        gte(readings.at, since),
        lte(readings.at, now.toISOString()),
      ),
    )
    .orderBy(desc(readings.at))
    .limit(1)
  return row
}
