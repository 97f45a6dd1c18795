import { and, desc, eq, inArray, isNull, sql } from 'drizzle-orm'
import type { HiveOfYard } from '#core/yard'
import { thinned } from '#core/loads'
import type { Added, ListedWeighIn, WeighInSeries } from '#wire/answers'
import type { WeighIn } from '#wire/weigh-in-schema'
import type { Database } from './client'
import { weighIns } from './schema'
import type { Writer } from './yards'

/** When, by the minute, UTC. */
export const minuteOf = (at: string) => `${new Date(at).toISOString().slice(0, 16)}:00.000Z`

/**
 * Keeps readings of a hive; one that is there already for its minute and source is counted, not kept twice. One that
 * was taken away may come again.
 */
export async function addWeighIns(
  database: Writer,
  { yardId, hiveId }: HiveOfYard,
  source: string,
  readings: readonly WeighIn[],
  batchId: string,
  makeId: () => string,
): Promise<Added> {
  const byMinute = new Map(readings.map((reading) => [minuteOf(reading.at), reading]))
  const rows = [...byMinute].map(([at, { kg, method, leftKg, rightKg }]) => [
    makeId(),
    at,
    kg,
    method,
    leftKg ?? null,
    rightKg ?? null,
  ])
  // One statement for all rows: a year of quarter hours is kept in a second instead of in ten.
  await database.run(sql`
    insert into ${weighIns} (id, yard_id, hive_id, at, kg, method, left_kg, right_kg, source, batch_id)
    select value ->> 0, ${yardId}, ${hiveId}, value ->> 1, value ->> 2, value ->> 3, value ->> 4, value ->> 5,
      ${source}, ${batchId}
    from json_each(${JSON.stringify(rows)}) where true on conflict do nothing`)
  // Of a batch that is sent again, its answer lost, as many are told as the first time.
  const added = await database.$count(
    weighIns,
    and(eq(weighIns.batchId, batchId), eq(weighIns.yardId, yardId), eq(weighIns.hiveId, hiveId)),
  )
  return { batchId, added, repeated: readings.length - added }
}

/** The readings of a hive, oldest first, thinned to at most so many. */
export async function weighInSeries(
  database: Database,
  { yardId, hiveId }: HiveOfYard,
  most: number,
): Promise<WeighInSeries> {
  const answer = await database.get<{ all: string }>(
    sql`select json_group_array(json_array(at, kg, source)) as "all" from (
      select at, kg, source from ${weighIns}
      where yard_id = ${yardId} and hive_id = ${hiveId} and removed_at is null order by at)`,
  )
  const all: readonly [string, number, string][] = JSON.parse(answer.all)
  const rows = all.map(([at, kg, source]) => ({
    at,
    kg,
    source,
    x: Date.parse(at),
    y: kg,
  }))
  const points = thinned(rows, most)
  return {
    count: rows.length,
    thinnedBy: points.length < rows.length ? 'largest triangle three buckets' : null,
    points: points.map(({ at, kg, source }) => ({ at, kg, source })),
  }
}

/** The newest readings of a hive with their batches, newest first. */
export function latestWeighIns(
  database: Database,
  { yardId, hiveId }: HiveOfYard,
  most: number,
): Promise<ListedWeighIn[]> {
  return database
    .select()
    .from(weighIns)
    .where(and(eq(weighIns.yardId, yardId), eq(weighIns.hiveId, hiveId), isNull(weighIns.removedAt)))
    .orderBy(desc(weighIns.at))
    .limit(most)
}

/** The last weighing of each hive that has one, found by its hive: a scale of years has many. */
export function lastWeighIns(
  database: Database,
): Promise<{ readonly yardId: string; readonly hiveId: string; readonly at: string; readonly kg: number }[]> {
  return database.all(sql`
    select h.yard_id as "yardId", h.id as "hiveId", w.at, w.kg from hives as h join weigh_ins as w on w.id = (
      select id from weigh_ins where yard_id = h.yard_id and hive_id = h.id and removed_at is null
      order by at desc limit 1)`)
}

/** Takes a batch of these yards away, or brings it back; how many readings it has. One that was kept anew meanwhile stays as it is. */
export async function setBatchRemoved(
  database: Writer,
  yardIds: readonly string[],
  batchId: string,
  removedAt: string | null,
): Promise<number> {
  const own = and(eq(weighIns.batchId, batchId), inArray(weighIns.yardId, [...yardIds]))
  const readings = await database.$count(weighIns, own)
  if (removedAt) await database.update(weighIns).set({ removedAt }).where(own)
  else await database.run(sql`update or ignore ${weighIns} set removed_at = null where ${own}`)
  return readings
}
