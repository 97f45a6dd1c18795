import { and, eq, gt, lt } from 'drizzle-orm'
import type { KeptPasskey } from '#wire/keepers'
import { keepers, passkeyChallenges, passkeys } from '../database/schema'
import type { Writer } from '../database/yards'
import { hashToken } from './hash'

const SOON_MS = 5 * 60_000
const MOST = 20

/** Notes what a device is to sign; `keeperId` is empty where somebody signs in with it. */
export async function askFor(tx: Writer, challenge: string, keeperId: string, now: string): Promise<void> {
  await tx.delete(passkeyChallenges).where(lt(passkeyChallenges.endsAt, now))
  const endsAt = new Date(Date.parse(now) + SOON_MS).toISOString()
  await tx.insert(passkeyChallenges).values({ idHash: hashToken(challenge), keeperId, endsAt })
}

/** Whether it was asked for, of this keeper, a moment ago, and not signed yet. */
export async function wasAskedFor(tx: Writer, challenge: string, keeperId: string, now: string): Promise<boolean> {
  const taken = await tx
    .delete(passkeyChallenges)
    .where(
      and(
        eq(passkeyChallenges.idHash, hashToken(challenge)),
        eq(passkeyChallenges.keeperId, keeperId),
        gt(passkeyChallenges.endsAt, now),
      ),
    )
    .returning({ idHash: passkeyChallenges.idHash })
  return taken.length > 0
}

/** The keys of a keeper, as they are shown. */
export function passkeysOf(database: Writer, keeperId: string): Promise<KeptPasskey[]> {
  return database
    .select({ id: passkeys.id, madeAt: passkeys.madeAt, device: passkeys.device, host: passkeys.host })
    .from(passkeys)
    .where(eq(passkeys.keeperId, keeperId))
    .orderBy(passkeys.madeAt)
}

/** Keeps a key; false where it is kept already, or there are too many. */
export async function addPasskey(tx: Writer, one: typeof passkeys.$inferInsert): Promise<boolean> {
  if ((await passkeysOf(tx, one.keeperId)).length >= MOST) return false
  return (await tx.insert(passkeys).values(one).onConflictDoNothing().returning({ id: passkeys.id })).length > 0
}

/** A key with whose it is. */
export async function passkeyNamed(database: Writer, id: string) {
  const [found] = await database
    .select({ key: passkeys, name: keepers.name })
    .from(passkeys)
    .innerJoin(keepers, eq(keepers.id, passkeys.keeperId))
    .where(eq(passkeys.id, id))
  return found
}

export async function countUse(tx: Writer, id: string, counter: number): Promise<void> {
  await tx.update(passkeys).set({ counter }).where(eq(passkeys.id, id))
}

/** Forgets a key of a keeper; false where there is none. */
export async function dropPasskey(tx: Writer, keeperId: string, id: string): Promise<boolean> {
  const gone = await tx
    .delete(passkeys)
    .where(and(eq(passkeys.id, id), eq(passkeys.keeperId, keeperId)))
    .returning({ id: passkeys.id })
  return gone.length > 0
}
