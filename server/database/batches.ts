import { eq } from 'drizzle-orm'
import type { airReadings, weighIns } from './schema'
import type { Writer } from './yards'

/** The yards of which a batch has readings: one, but for those whose hive went along to another. */
export async function yardsOfBatch(
  database: Writer,
  table: typeof weighIns | typeof airReadings,
  batchId: string,
): Promise<string[]> {
  const rows = await database.selectDistinct({ yardId: table.yardId }).from(table).where(eq(table.batchId, batchId))
  return rows.map(({ yardId }) => yardId)
}
