import { there } from '#core/units'
import { and, eq, isNull, ne, sql } from 'drizzle-orm'
import type { Played, YardKeeper } from '#wire/keepers'
import { keepers, keeperSessions, settings, yardKeepers, yards } from '../database/schema'
import type { Writer } from '../database/yards'
import { hashToken, newToken } from './hash'

/** Who is signed in, and the part played in each yard. */
export interface Keeper {
  readonly id: string
  readonly name: string
  readonly sessionHash: string
  readonly plays: Readonly<Record<string, Played>>
}

const SESSION_DAYS = 60
const DAY_MS = 86_400_000
const later = (now: string, days: number) => new Date(Date.parse(now) + days * DAY_MS).toISOString()

/** A name as it is compared: no two are alike but for capitals, accents and spaces. */
export const keyOf = (name: string) =>
  name.normalize('NFKD').replace(/\p{M}/gu, '').trim().replace(/\s+/g, ' ').toLowerCase()

export async function hasKeepers(database: Writer): Promise<boolean> {
  return (await database.select({ id: keepers.id }).from(keepers).limit(1)).length > 0
}

export async function keeperByName(database: Writer, name: string) {
  const [found] = await database
    .select()
    .from(keepers)
    .where(eq(keepers.nameKey, keyOf(name)))
  return found
}

/** Makes a keeper; undefined where one of that name is here. */
export async function addKeeper(
  tx: Writer,
  { id, name, passHash, now }: { id: string; name: string; passHash: string; now: string },
): Promise<string | undefined> {
  if (await keeperByName(tx, name)) return undefined
  await tx.insert(keepers).values({ id, name: name.trim(), nameKey: keyOf(name), passHash, madeAt: now })
  return id
}

/** The first keeper owns every yard that is here. */
export async function ownAll(tx: Writer, keeperId: string, now: string): Promise<void> {
  await tx.run(sql`insert into ${yardKeepers} (yard_id, keeper_id, part, since)
    select id, ${keeperId}, 'owner', ${now} from ${yards}`)
}

/** Begins a session under a name of this server; what its cookie holds. */
export async function beginSession(tx: Writer, keeperId: string, host: string, now: string): Promise<string> {
  const token = newToken()
  await tx.insert(keeperSessions).values({
    idHash: hashToken(token),
    keeperId,
    host,
    madeAt: now,
    endsAt: later(now, SESSION_DAYS),
  })
  return token
}

/** Who is signed in with what a cookie holds; undefined where it has ended, or is of another host. */
export async function keeperOfToken(
  database: Writer,
  token: string,
  host: string,
  now: string,
): Promise<Keeper | undefined> {
  const sessionHash = hashToken(token)
  const rows = await database
    .select({ id: keepers.id, name: keepers.name, yardId: yardKeepers.yardId, part: yardKeepers.part })
    .from(keeperSessions)
    .innerJoin(keepers, eq(keepers.id, keeperSessions.keeperId))
    .leftJoin(yardKeepers, eq(yardKeepers.keeperId, keepers.id))
    .where(
      and(
        eq(keeperSessions.idHash, sessionHash),
        eq(keeperSessions.host, host),
        isNull(keeperSessions.endedAt),
        sql`${keeperSessions.endsAt} > ${now}`,
      ),
    )
  const [first] = rows
  if (!first) return undefined
  const plays = rows.flatMap(({ yardId, part }) => (yardId && part ? [[yardId, part] as const] : []))
  return { id: first.id, name: first.name, sessionHash, plays: Object.fromEntries(plays) }
}

export async function endSession(tx: Writer, sessionHash: string, now: string): Promise<void> {
  await tx.update(keeperSessions).set({ endedAt: now }).where(eq(keeperSessions.idHash, sessionHash))
}

/** Ends the sessions of a keeper, but for one that goes on. */
export async function endSessionsOf(tx: Writer, keeperId: string, now: string, but = ''): Promise<void> {
  await tx
    .update(keeperSessions)
    .set({ endedAt: now })
    .where(and(eq(keeperSessions.keeperId, keeperId), isNull(keeperSessions.endedAt), ne(keeperSessions.idHash, but)))
}

export async function setPassphrase(tx: Writer, keeperId: string, passHash: string): Promise<void> {
  await tx.update(keepers).set({ passHash }).where(eq(keepers.id, keeperId))
}

/** Sets the part that a keeper plays in a yard. */
export async function setPart(tx: Writer, yardId: string, keeperId: string, part: Played, now: string): Promise<void> {
  await tx
    .insert(yardKeepers)
    .values({ yardId, keeperId, part, since: now })
    .onConflictDoUpdate({ target: [yardKeepers.yardId, yardKeepers.keeperId], set: { part } })
}

export async function takeFromYard(tx: Writer, yardId: string, keeperId: string): Promise<void> {
  await tx.delete(yardKeepers).where(and(eq(yardKeepers.yardId, yardId), eq(yardKeepers.keeperId, keeperId)))
}

/** The keepers of a yard, by name. */
export function keepersOf(database: Writer, yardId: string): Promise<YardKeeper[]> {
  return database
    .select({ id: keepers.id, name: keepers.name, part: yardKeepers.part, since: yardKeepers.since })
    .from(yardKeepers)
    .innerJoin(keepers, eq(keepers.id, yardKeepers.keeperId))
    .where(eq(yardKeepers.yardId, yardId))
    .orderBy(keepers.nameKey)
}

const SECRET = 'session-secret'

/** What cookies are sealed with: made once, the same for every server of the database. */
export async function sessionSecret(tx: Writer): Promise<string> {
  await tx.insert(settings).values({ name: SECRET, value: newToken() }).onConflictDoNothing()
  const [row] = await tx.select({ value: settings.value }).from(settings).where(eq(settings.name, SECRET))
  return there(row).value
}
