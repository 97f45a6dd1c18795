import { and, desc, eq } from 'drizzle-orm'
import type { HiveOfYard } from '#core/yard'
import { hiveMoves } from './schema'
import { hiveExists, type Writer } from './yards'

/** Notes that a hive went to another yard. */
export async function noteMove(tx: Writer, from: HiveOfYard, to: HiveOfYard, movedAt: string): Promise<void> {
  await tx.insert(hiveMoves).values({ ...from, toYardId: to.yardId, toHiveId: to.hiveId, movedAt })
}

/** Moves that are gone through at most. */
const MOST_MOVES = 20

/** Where a hive stands now that may have moved; undefined where it is nowhere. */
export async function standsNow(tx: Writer, hive: HiveOfYard): Promise<HiveOfYard | undefined> {
  let now = hive
  for (let move = 0; move < MOST_MOVES; move++) {
    if (await hiveExists(tx, now.yardId, now.hiveId)) return now
    const [next] = await tx
      .select({ yardId: hiveMoves.toYardId, hiveId: hiveMoves.toHiveId })
      .from(hiveMoves)
      .where(and(eq(hiveMoves.yardId, now.yardId), eq(hiveMoves.hiveId, now.hiveId)))
      .orderBy(desc(hiveMoves.sequence))
      .limit(1)
    if (!next) return undefined
    now = next
  }
  return undefined
}
