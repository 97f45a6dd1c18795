import { there } from '#core/units'
import { createHash } from 'node:crypto'
import { and, eq } from 'drizzle-orm'
import { entriesNamed, namesBetween, type Entry } from '#core/book'
import { isEdit, leavesOf, planOfHive, type Edit, type HiveOfYard, type Yard } from '#core/yard'
import { moveDevices } from '../readings/devices'
import { copyReadings } from '../readings/keep'
import { insertEntries, knownOf } from './book'
import { noteMove } from './hive-moves'
import { bookEntries } from './schema'
import { hiveExists, readYard, type Writer } from './yards'

/**
 * A hive that came from another one, or went back there, has the book of that one: what was found and done, and
 * what was read of it. They stay where they were, too: nothing in a book is taken away.
 */
export async function bringBooks(
  tx: Writer,
  before: Yard,
  after: Yard,
  edits: readonly Edit[],
  now: string,
): Promise<void> {
  for (const leaf of edits.flatMap(leavesOf)) {
    if (isEdit(leaf, 'add-hive') && leaf.book) {
      const to = { yardId: after.id, hiveId: leaf.hive.id }
      await follow(tx, leaf.book, to, before, after, now)
      if (leaf.book.yardId !== to.yardId) {
        await noteMove(tx, leaf.book, to, now)
        await moveDevices(tx, leaf.book, to)
      }
    }
    if (isEdit(leaf, 'remove-hive') && leaf.book && (await hiveExists(tx, leaf.book.yardId, leaf.book.hiveId))) {
      const from = { yardId: before.id, hiveId: leaf.hiveId }
      if (leaf.book.yardId !== from.yardId) {
        await follow(tx, from, leaf.book, after, before, now)
        await noteMove(tx, from, leaf.book, now)
        await moveDevices(tx, from, leaf.book)
      }
    }
  }
}

async function follow(tx: Writer, from: HiveOfYard, to: HiveOfYard, left: Yard, came: Yard, now: string) {
  const entries = await entriesOfHive(tx, from)
  const names = await namesOnTheWay(tx, from, to, left, came)
  const renamed = entriesNamed(entries, new Map([...names, [from.hiveId, to.hiveId]]))
  await insertEntries(tx, to.yardId, await withFreeIds(tx, to, renamed), now)
  await copyReadings(tx, from, to)
}

/** Everything that was ever written of a hive, as it came in. */
async function entriesOfHive(tx: Writer, { yardId, hiveId }: HiveOfYard): Promise<Entry[]> {
  const rows = await tx
    .select({ entry: bookEntries.entry })
    .from(bookEntries)
    .where(and(eq(bookEntries.yardId, yardId), eq(bookEntries.hiveId, hiveId)))
    .orderBy(bookEntries.sequence)
  return rows.map(({ entry }) => entry)
}

/** What its parts are called there, where the hive still stands where it came from. */
async function namesOnTheWay(tx: Writer, from: HiveOfYard, to: HiveOfYard, left: Yard, came: Yard) {
  const yards = new Map([left, came].map((yard) => [yard.id, yard]))
  const alone = async ({ yardId, hiveId }: HiveOfYard) => {
    const yard = yards.get(yardId) ?? (await readYard(tx, yardId))?.yard
    const hive = yard?.hives.find(({ id }) => id === hiveId)
    return yard && hive ? planOfHive(yard, hive).yards[0] : undefined
  }
  const [was, is] = [await alone(from), await alone(to)]
  const alike =
    was?.parts.length === is?.parts.length &&
    was?.parts.every(({ contents }, i) => contents.length === is?.parts[i]?.contents.length)
  return was && is && alike ? namesBetween(was, is) : new Map<string, string>()
}

/**
 * Entries that a yard does not have of this hive yet. One whose identity another hive of the yard has (a copy beside
 * its first) gets one that is always the same for this hive, so that bringing it twice brings it once.
 */
async function withFreeIds(tx: Writer, to: HiveOfYard, entries: readonly Entry[]): Promise<readonly Entry[]> {
  const known = await knownOf(tx, to.yardId, entries)
  const taken = entries.filter(({ id }) => known.has(id) && there(known.get(id)).hiveId !== to.hiveId)
  const fresh = entries.filter(({ id }) => !known.has(id))
  const own = (id: string) => createHash('sha256').update(`${to.hiveId} ${id}`).digest('hex').slice(0, 32)
  const names = new Map(taken.map(({ id }) => [id, own(id)]))
  const renamed = entriesNamed([...fresh, ...taken], names)
  const already = await knownOf(tx, to.yardId, renamed)
  return renamed.filter(({ id }) => !already.has(id))
}
