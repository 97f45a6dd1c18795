import { and, eq, isNull } from 'drizzle-orm'
import type { HiveOfYard } from '#core/yard'
import type { Database } from './client'
import { sensors } from './schema'
import type { Writer } from './yards'

export type Sensor = typeof sensors.$inferSelect

/** A new sensor for a hive. */
export async function addSensor(
  database: Writer,
  sensor: Pick<Sensor, 'id' | 'yardId' | 'hiveId' | 'place' | 'name' | 'keyHex'>,
): Promise<void> {
  await database.insert(sensors).values(sensor)
}

export async function findSensor(database: Writer, id: string): Promise<Sensor | undefined> {
  const [sensor] = await database
    .select()
    .from(sensors)
    .where(and(eq(sensors.id, id), isNull(sensors.retiredAt)))
  return sensor
}

/** The sensors of a hive, without their keys. */
export async function sensorsOf(database: Database, { yardId, hiveId }: HiveOfYard): Promise<Omit<Sensor, 'keyHex'>[]> {
  const found = await database
    .select()
    .from(sensors)
    .where(and(eq(sensors.yardId, yardId), eq(sensors.hiveId, hiveId), isNull(sensors.retiredAt)))
  return found.map(({ keyHex: _key, ...rest }) => rest)
}

/** Notes what a sensor has sent last. */
export async function noteSensor(
  database: Writer,
  id: string,
  lastSequence: number,
  batteryPercent: number | null,
  seenAt: string,
): Promise<void> {
  await database.update(sensors).set({ lastSequence, batteryPercent, seenAt }).where(eq(sensors.id, id))
}
