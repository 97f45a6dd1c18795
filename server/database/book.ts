import { and, eq, inArray } from 'drizzle-orm'
import { chainOf, currentOf, daysLater, sortOf, isEntry, type Entry } from '#core/book'
import { PLAN_LIMITS, type HiveOfYard } from '#core/yard'
import { canonical } from '#core/units'
import type { BookKept } from '#wire/answers'
import { inChunks } from './chunks'
import type { Database } from './client'
import { inTransaction } from './client'
import { standsNow } from './hive-moves'
import { bookEntries } from './schema'
import type { Writer } from './yards'

/** Entries that cannot be kept, with the reason; nothing of what was sent was kept. */
export class EntriesRefused extends Error {
  constructor(
    readonly status: 404 | 409 | 422,
    readonly field: string,
    readonly sentence: string,
  ) {
    super(sentence)
  }
}

/** Devices in zones ahead of the server's write a day that it has not begun. */
export const AHEAD_DAYS = 1

/**
 * Adds entries to the book of a yard, all of them or none. One that is there already is counted, not kept twice; of
 * every chain it is worked out anew which entry is current.
 */
export async function appendEntries(
  database: Database,
  yardId: string,
  entries: readonly Entry[],
  now: string,
  writer: BookWriter = ANYBODY,
): Promise<BookKept> {
  return inTransaction(database, async (tx) => {
    let added = 0
    const signed = entries.map((entry) => signedBy(entry, writer))
    for (const [here, sent] of await byPlace(tx, yardId, signed, (id) => writer.plays(id, 'helper'))) {
      if (!writer.plays(here, 'keeper')) await mustBeHelpers(tx, here, sent, writer)
      const fresh = await freshOf(tx, here, sent, now)
      await insertEntries(tx, here, fresh, now)
      added += fresh.length
    }
    return { added, repeated: entries.length - added }
  })
}

/** Who writes into books: the parts that are played, and by whom; nobody has to sign in where `keeper` is null. */
export interface BookWriter {
  readonly keeper: { readonly id: string; readonly name: string } | null
  readonly plays: (yardId: string, part: 'helper' | 'keeper') => boolean
}

const ANYBODY: BookWriter = { keeper: null, plays: () => true }

/** Who wrote an entry is the word of the server. */
function signedBy({ by: _said, byId: _saidId, ...entry }: Entry, { keeper }: BookWriter): Entry {
  return keeper ? { ...entry, by: keeper.name, byId: keeper.id } : entry
}

/** A helper writes what was seen, counted and ticked, and corrects what is the helper's own. */
async function mustBeHelpers(tx: Writer, yardId: string, sent: readonly Sent[], { keeper }: BookWriter): Promise<void> {
  for (const { entry, i } of sent) {
    if (sortOf(entry.sort).writtenBy === 'keeper')
      throw new EntriesRefused(
        422,
        `entries[${i}].sort`,
        'In this yard you help: looks, counts and what is ticked go in, this is for its keeper.',
      )
    if (entry.corrects === undefined) continue
    const [first] = await tx
      .select({ entry: bookEntries.entry })
      .from(bookEntries)
      .where(and(eq(bookEntries.yardId, yardId), eq(bookEntries.id, entry.corrects)))
    if (first && first.entry.byId !== keeper?.id)
      throw new EntriesRefused(
        422,
        `entries[${i}].corrects`,
        'In this yard you help: what somebody else has written is corrected or taken away by its keeper.',
      )
  }
}

/** An entry as it came, with its place among those that were sent. */
interface Sent {
  readonly entry: Entry
  readonly i: number
}

/** What was sent by the yard in which its hive stands now: one that moved since has what is written of it there. */
async function byPlace(
  tx: Writer,
  yardId: string,
  entries: readonly Entry[],
  mayWrite: (yardId: string) => boolean,
): Promise<ReadonlyMap<string, Sent[]>> {
  const places = new Map<string, HiveOfYard | undefined>()
  const sent = new Map<string, Sent[]>()
  for (const [i, entry] of entries.entries()) {
    const { hiveId } = entry
    if (!places.has(hiveId)) places.set(hiveId, await standsNow(tx, { yardId, hiveId }))
    const place = places.get(hiveId)
    if (!place || !mayWrite(place.yardId))
      throw new EntriesRefused(404, `entries[${i}].hiveId`, 'There is no such hive in this yard.')
    const named = place.hiveId === hiveId ? entry : { ...entry, hiveId: place.hiveId }
    const list = sent.get(place.yardId)
    if (list) list.push({ entry: named, i })
    else sent.set(place.yardId, [{ entry: named, i }])
  }
  return sent
}

async function freshOf(tx: Writer, yardId: string, sent: readonly Sent[], now: string): Promise<Entry[]> {
  const known = await knownOf(
    tx,
    yardId,
    sent.map(({ entry }) => entry),
  )
  const fresh = new Map<string, Entry>()
  for (const { entry, i } of sent) {
    const before = known.get(entry.id) ?? fresh.get(entry.id)
    if (before && canonical(before) !== canonical(entry))
      throw new EntriesRefused(409, `entries[${i}].id`, 'Another entry has this identity: give it one of its own.')
    if (before) continue
    await mustFit(tx, yardId, entry, i, now)
    fresh.set(entry.id, entry)
  }
  const there = fresh.size === 0 ? 0 : await tx.$count(bookEntries, eq(bookEntries.yardId, yardId))
  // What could not be brought in again with a plan file is not taken in the first place.
  if (there + fresh.size > PLAN_LIMITS.entriesPerYard)
    throw new EntriesRefused(
      422,
      'entries',
      `The book of this yard is full: ${PLAN_LIMITS.entriesPerYard} entries at most. Save it as a file, and go on in a ` +
        'yard of its own.',
    )
  return [...fresh.values()]
}

/** Those of these entries that are there already, by identity. */
export async function knownOf(
  tx: Writer,
  yardId: string,
  entries: readonly Entry[],
): Promise<ReadonlyMap<string, Entry>> {
  const found = await inChunks(
    entries.map(({ id }) => id),
    (ids) =>
      tx
        .select({ id: bookEntries.id, entry: bookEntries.entry })
        .from(bookEntries)
        .where(and(eq(bookEntries.yardId, yardId), inArray(bookEntries.id, ids))),
  )
  return new Map(found.flat().map(({ id, entry }) => [id, entry]))
}

async function mustFit(tx: Writer, yardId: string, entry: Entry, i: number, now: string): Promise<void> {
  if (entry.at.slice(0, 10) > daysLater(now, AHEAD_DAYS))
    throw new EntriesRefused(
      422,
      `entries[${i}].at`,
      'The day lies ahead: what was found or done is written on its own day or later.',
    )
  if (entry.corrects === undefined) return
  const [first] = await tx
    .select({ hiveId: bookEntries.hiveId, sort: bookEntries.sort, chain: bookEntries.chain })
    .from(bookEntries)
    .where(and(eq(bookEntries.yardId, yardId), eq(bookEntries.id, entry.corrects)))
  if (first && (first.hiveId !== entry.hiveId || first.sort !== entry.sort || first.chain !== entry.corrects))
    throw new EntriesRefused(
      422,
      `entries[${i}].corrects`,
      'An entry is corrected by one of the same hive and sort that names the first of its chain.',
    )
}

/** Puts entries in that are not there yet, and works out anew what is current of their chains. */
export async function insertEntries(tx: Writer, yardId: string, fresh: readonly Entry[], now: string): Promise<void> {
  if (fresh.length === 0) return
  await inChunks(fresh, async (some) => {
    await tx.insert(bookEntries).values(
      some.map((entry) => ({
        id: entry.id,
        yardId,
        hiveId: entry.hiveId,
        sort: entry.sort,
        at: entry.at,
        madeAt: entry.madeAt,
        receivedAt: now,
        chain: chainOf(entry),
        about: isEntry(entry, 'answer') ? entry.body.to : null,
        isCurrent: entry.corrects === undefined && !entry.withdrawn,
        entry,
      })),
    )
  })
  // A first entry that comes in after what corrects it is not current either.
  const found = await inChunks([...new Set(fresh.map(chainOf))], (ids) =>
    tx
      .select({ id: bookEntries.id, chain: bookEntries.chain, entry: bookEntries.entry })
      .from(bookEntries)
      .where(and(eq(bookEntries.yardId, yardId), inArray(bookEntries.chain, ids))),
  )
  const rows = found.flat()
  const longer = new Set(rows.filter(({ id, chain }) => id !== chain).map(({ chain }) => chain))
  const inLonger = rows.filter(({ chain }) => longer.has(chain))
  const current = new Set(currentOf(inLonger.map(({ entry }) => entry)).map(({ id }) => id))
  for (const { id } of inLonger)
    await tx
      .update(bookEntries)
      .set({ isCurrent: current.has(id) })
      .where(and(eq(bookEntries.yardId, yardId), eq(bookEntries.id, id)))
}

/** Puts the book of a plan file into a yard: entries that are there already stay as they are. */
export async function bringInBook(tx: Writer, yardId: string, entries: readonly Entry[], now: string): Promise<void> {
  const known = await knownOf(tx, yardId, entries)
  await insertEntries(
    tx,
    yardId,
    entries.filter(({ id }) => !known.has(id)),
    now,
  )
}
