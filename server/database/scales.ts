import { and, eq, isNull } from 'drizzle-orm'
import type { HiveOfYard } from '#core/yard'
import type { Database } from './client'
import { scales } from './schema'
import type { Writer } from './yards'

export type Scale = typeof scales.$inferSelect

/** A new scale for a hive. */
export async function addScale(
  database: Writer,
  scale: Pick<Scale, 'id' | 'yardId' | 'hiveId' | 'name' | 'keyHex'>,
): Promise<void> {
  await database.insert(scales).values(scale)
}

export async function findScale(database: Writer, id: string): Promise<Scale | undefined> {
  const [scale] = await database
    .select()
    .from(scales)
    .where(and(eq(scales.id, id), isNull(scales.retiredAt)))
  return scale
}

/** The scales of a hive, without their keys. */
export async function scalesOf(database: Database, { yardId, hiveId }: HiveOfYard): Promise<Omit<Scale, 'keyHex'>[]> {
  const found = await database
    .select()
    .from(scales)
    .where(and(eq(scales.yardId, yardId), eq(scales.hiveId, hiveId), isNull(scales.retiredAt)))
  return found.map(({ keyHex: _key, ...rest }) => rest)
}

/** Notes what a scale has sent last. */
export async function noteSequence(
  database: Writer,
  id: string,
  lastSequence: number,
  batteryPercent: number | null,
  seenAt: string,
): Promise<void> {
  await database.update(scales).set({ lastSequence, batteryPercent, seenAt }).where(eq(scales.id, id))
}
