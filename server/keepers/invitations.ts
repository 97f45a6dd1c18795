import { and, eq, isNull, sql } from 'drizzle-orm'
import type { Invitation, Invited, Played } from '#wire/keepers'
import { invitations, keepers, yards } from '../database/schema'
import type { Writer } from '../database/yards'
import { hashToken, newToken } from './hash'

const DAY_MS = 86_400_000

/** Invites somebody to a yard: for a day, and for one. */
export async function invite(tx: Writer, yardId: string, part: Played, madeBy: string, now: string): Promise<Invited> {
  const token = newToken()
  const endsAt = new Date(Date.parse(now) + DAY_MS).toISOString()
  await tx.insert(invitations).values({ tokenHash: hashToken(token), yardId, part, madeBy, endsAt })
  return { token, endsAt }
}

const isOpen = (token: string, now: string) =>
  and(eq(invitations.tokenHash, hashToken(token)), isNull(invitations.usedBy), sql`${invitations.endsAt} > ${now}`)

/** Whether there is such an invitation that nobody has used and whose day is not over. */
export async function isOpenInvitation(database: Writer, token: string, now: string): Promise<boolean> {
  return (await database.$count(invitations, isOpen(token, now))) > 0
}

/** What an invitation that is still good says of itself; undefined where there is none. */
export async function openInvitation(database: Writer, token: string, now: string): Promise<Invitation | undefined> {
  const [found] = await database
    .select({ yard: yards.name, inviter: keepers.name, part: invitations.part, endsAt: invitations.endsAt })
    .from(invitations)
    .innerJoin(yards, eq(yards.id, invitations.yardId))
    .innerJoin(keepers, eq(keepers.id, invitations.madeBy))
    .where(isOpen(token, now))
  return found
}

/** Uses an invitation up; undefined where it was used, has ended, or there never was one. */
export async function useInvitation(tx: Writer, token: string, usedBy: string, now: string) {
  const [used] = await tx
    .update(invitations)
    .set({ usedBy })
    .where(isOpen(token, now))
    .returning({ yardId: invitations.yardId, part: invitations.part })
  return used
}
