import { and, desc, eq, gte, inArray, isNull, lte, sql } from 'drizzle-orm'
import type { HiveOfYard } from '#core/yard'
import { thinned } from '#core/loads'
import { SENSOR_PLACES, type AirReading, type SensorPlace } from '#core/heat'
import type { Added, AirSeries, OutsideNow } from '#wire/answers'
import type { Database } from './client'
import { airReadings } from './schema'
import { minuteOf } from './weigh-ins'
import type { Writer } from './yards'

/**
 * Keeps readings of the air of a hive at one place; one that is there already for its minute and source is counted, not
 * kept twice. One that was taken away may come again.
 */
export async function addAirReadings(
  database: Writer,
  { yardId, hiveId }: HiveOfYard,
  place: SensorPlace,
  source: string,
  readings: readonly AirReading[],
  batchId: string,
  makeId: () => string,
): Promise<Added> {
  const byMinute = new Map(readings.map((reading) => [minuteOf(reading.at), reading]))
  const rows = [...byMinute].map(([at, { celsius, humidityPercent }]) => [makeId(), at, celsius, humidityPercent])
  await database.run(sql`
    insert into ${airReadings} (id, yard_id, hive_id, place, at, celsius, humidity_percent, source, batch_id)
    select value ->> 0, ${yardId}, ${hiveId}, ${place}, value ->> 1, value ->> 2, value ->> 3, ${source}, ${batchId}
    from json_each(${JSON.stringify(rows)}) where true on conflict do nothing`)
  // Of a batch that is sent again, its answer lost, as many are told as the first time.
  const added = await database.$count(
    airReadings,
    and(eq(airReadings.batchId, batchId), eq(airReadings.yardId, yardId), eq(airReadings.hiveId, hiveId)),
  )
  return { batchId, added, repeated: readings.length - added }
}

/** The readings of a hive place by place, oldest first, thinned to at most so many each, the newest in full. */
export async function airSeries(database: Database, hive: HiveOfYard, most: number): Promise<AirSeries[]> {
  const found: AirSeries[] = []
  for (const place of SENSOR_PLACES) {
    const answer = await database.get<{ all: string }>(
      sql`select json_group_array(json_array(at, celsius, humidity_percent, batch_id)) as "all" from (
        select at, celsius, humidity_percent, batch_id from ${airReadings}
        where yard_id = ${hive.yardId} and hive_id = ${hive.hiveId} and place = ${place} and removed_at is null
        order by at)`,
    )
    const all: readonly [string, number, number | null, string][] = JSON.parse(answer.all)
    const last = all.at(-1)
    if (!last) continue
    const rows = all.map(([at, celsius, humidityPercent]) => ({
      at,
      celsius,
      humidityPercent,
      x: Date.parse(at),
      y: celsius,
    }))
    const points = thinned(rows, most).map(({ at, celsius, humidityPercent }) => ({ at, celsius, humidityPercent }))
    const latest = { at: last[0], celsius: last[1], humidityPercent: last[2] }
    found.push({
      place,
      count: all.length,
      points,
      latest,
      batchIds: [...new Set(all.map(([, , , id]) => id))].slice(-20),
    })
  }
  return found
}

/** A reading that is older says nothing of what may be opened now, hours. */
const OUTSIDE_HOURS = 3

/** The newest reading of the air outside at any hive of a yard; undefined where none came in the last hours. */
export async function outsideNow(database: Database, yardId: string, now: Date): Promise<OutsideNow | undefined> {
  const since = new Date(now.getTime() - OUTSIDE_HOURS * 3_600_000).toISOString()
  const [row] = await database
    .select({ at: airReadings.at, celsius: airReadings.celsius, hiveId: airReadings.hiveId })
    .from(airReadings)
    .where(
      and(
        eq(airReadings.yardId, yardId),
        eq(airReadings.place, 'outside'),
        isNull(airReadings.removedAt),
        gte(airReadings.at, since),
        lte(airReadings.at, now.toISOString()),
      ),
    )
    .orderBy(desc(airReadings.at))
    .limit(1)
  return row
}

/** Takes a batch of these yards away, or brings it back; how many readings it has. One that was kept anew meanwhile stays as it is. */
export async function setAirBatchRemoved(
  database: Writer,
  yardIds: readonly string[],
  batchId: string,
  removedAt: string | null,
): Promise<number> {
  const own = and(eq(airReadings.batchId, batchId), inArray(airReadings.yardId, [...yardIds]))
  const readings = await database.$count(airReadings, own)
  if (removedAt) await database.update(airReadings).set({ removedAt }).where(own)
  else await database.run(sql`update or ignore ${airReadings} set removed_at = null where ${own}`)
  return readings
}
