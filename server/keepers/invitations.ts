import { and, eq, inArray, isNull, sql } from 'drizzle-orm'
import type { Invitation, Invited, Played } from '#wire/keepers'
import { invitations, keepers, yardKeepers, yards } from '../database/schema'
import type { Writer } from '../database/yards'
import { hashToken, newToken } from './hash'

const DAY_MS = 86_400_000

/** What somebody is invited to: the yards, and the part in all of them. */
interface InvitedTo {
  readonly yardIds: readonly [string, ...string[]]
  readonly part: Played
}

/** Invites somebody to yards: for a day, and for one. */
export async function invite(tx: Writer, to: InvitedTo, madeBy: string, now: string): Promise<Invited> {
  const token = newToken()
  const endsAt = new Date(Date.parse(now) + DAY_MS).toISOString()
  const [yardId, ...alsoIn] = to.yardIds
  await tx.insert(invitations).values({ tokenHash: hashToken(token), yardId, alsoIn, part: to.part, madeBy, endsAt })
  return { token, endsAt }
}

/** An invitation that is still good, with the yards that whoever made it still owns. */
async function openOf(database: Writer, token: string, now: string) {
  const [found] = await database
    .select({ row: invitations, inviter: keepers.name })
    .from(invitations)
    .innerJoin(keepers, eq(keepers.id, invitations.madeBy))
    .where(
      and(eq(invitations.tokenHash, hashToken(token)), isNull(invitations.usedBy), sql`${invitations.endsAt} > ${now}`),
    )
  if (!found) return undefined
  const { row, inviter } = found
  const owned = await database
    .select({ id: yards.id, name: yards.name })
    .from(yards)
    .innerJoin(yardKeepers, eq(yardKeepers.yardId, yards.id))
    .where(
      and(
        inArray(yards.id, [row.yardId, ...(row.alsoIn ?? [])]),
        isNull(yards.removedAt),
        eq(yardKeepers.keeperId, row.madeBy),
        eq(yardKeepers.part, 'owner'),
      ),
    )
    .orderBy(yards.position)
  const [first, ...more] = owned
  return first && { ...row, inviter, yards: [first, ...more] as const }
}

/** Whether there is such an invitation that nobody has used and whose day is not over. */
export async function isOpenInvitation(database: Writer, token: string, now: string): Promise<boolean> {
  return (await openOf(database, token, now)) !== undefined
}

/** What an invitation that is still good says of itself; undefined where there is none. */
export async function openInvitation(database: Writer, token: string, now: string): Promise<Invitation | undefined> {
  const found = await openOf(database, token, now)
  if (!found) return undefined
  const { inviter, part, endsAt } = found
  return { yards: found.yards.map(({ name }) => name), inviter, part, endsAt }
}

/** Uses an invitation up; undefined where it was used, has ended, or there never was one. */
export async function useInvitation(
  tx: Writer,
  token: string,
  usedBy: string,
  now: string,
): Promise<InvitedTo | undefined> {
  const found = await openOf(tx, token, now)
  if (!found) return undefined
  const [used] = await tx
    .update(invitations)
    .set({ usedBy })
    .where(and(eq(invitations.tokenHash, found.tokenHash), isNull(invitations.usedBy)))
    .returning({ part: invitations.part })
  const [first, ...more] = found.yards
  return used && { yardIds: [first.id, ...more.map(({ id }) => id)], part: used.part }
}
