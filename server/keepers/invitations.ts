import { and, eq, isNull, sql } from 'drizzle-orm'
import type { Invited, Played } from '#wire/keepers'
import { invitations } from '../database/schema'
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

/** Uses an invitation up; undefined where it was used, has ended, or there never was one. */
export async function useInvitation(tx: Writer, token: string, usedBy: string, now: string) {
  const [used] = await tx
    .update(invitations)
    .set({ usedBy })
    .where(
      and(eq(invitations.tokenHash, hashToken(token)), isNull(invitations.usedBy), sql`${invitations.endsAt} > ${now}`),
    )
    .returning({ yardId: invitations.yardId, part: invitations.part })
  return used
}
