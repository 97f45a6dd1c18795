import { sql } from 'drizzle-orm'
import { daysLater, FOOD_SORTS, foodEntries, groupedBy, type Entry, type FoodBook } from '#core/book'
import { standingParts, type Yard } from '#core/yard'
import { yearOf } from '#core/year'
import type { FoodBooks } from '#wire/answers'
import { AHEAD_DAYS } from './book'
import type { Database } from './client'
import { boxesChanged } from './history'
import { bookEntries } from './schema'
import { lastWeighed } from '../readings/look-up'
import { keepYard, readYardKept } from './yards'

/** What was written longer ago is of no use any more: `foodOf` lets go of it sooner in season. */
const FOOD_BOOK_DAYS = 400

/** What the food of the hives of these yards is known from; yards of which nothing is written are left out. */
export async function foodBooks(
  database: Database,
  today: string,
  isWanted: (yardId: string) => boolean,
): Promise<FoodBooks> {
  const written = await writtenOf(database, today)
  const weighed = new Map(
    [...groupedBy(await lastWeighed(database), ({ yardId }) => yardId)].map(([yardId, own]) => [
      yardId,
      new Map(own.map(({ hiveId, at, kg }) => [hiveId, { at, kg }])),
    ]),
  )
  const found: Record<string, FoodBook> = {}
  for (const yardId of new Set([...written.keys(), ...weighed.keys()]))
    if (isWanted(yardId)) {
      const book = await foodBook(database, yardId, today, written.get(yardId) ?? [], weighed.get(yardId) ?? new Map())
      if (book) found[yardId] = book
    }
  return found
}

/** The last weighing of a hive, its time in UTC. */
interface Last {
  readonly at: string
  readonly kg: number
}

async function foodBook(
  database: Database,
  yardId: string,
  today: string,
  written: readonly Entry[],
  weighed: ReadonlyMap<string, Last>,
): Promise<FoodBook | undefined> {
  const stored = await readYardKept(database, database, yardId)
  if (!stored) return undefined
  keepYard(database, stored)
  const changed = await changedSince(
    database,
    stored.yard,
    new Map([...weighed].map(([hiveId, { at }]) => [hiveId, at])),
  )
  const last = Object.fromEntries(
    stored.yard.hives.flatMap((hive) => {
      const one = weighed.get(hive.id)
      return one && !changed.has(hive.id) ? [[hive.id, { ...one, parts: standingParts(hive) }]] : []
    }),
  )
  const { lookSeasonDays } = yearOf(stored.yard).figures
  return { entries: foodEntries(written, last, today, lookSeasonDays), weighed: last }
}

/** What was found of a yard as it is: every page asks for it when it opens, and the log is long. */
const known = new WeakMap<Yard, { readonly of: string; readonly changed: ReadonlyMap<string, string> }>()

async function changedSince(
  database: Database,
  yard: Yard,
  since: ReadonlyMap<string, string>,
): Promise<ReadonlyMap<string, string>> {
  const of = JSON.stringify([...since])
  const before = known.get(yard)
  if (before?.of === of) return before.changed
  const changed = await boxesChanged(database, yard, since)
  known.set(yard, { of, changed })
  return changed
}

async function writtenOf(database: Database, today: string): Promise<Map<string, Entry[]>> {
  const rows = await database.all<{ yard_id: string; entry: string }>(sql`
    select b.yard_id, b.entry from ${bookEntries} as b join yards as y on y.id = b.yard_id and y.removed_at is null
    where b.is_current and b.sort in (select value from json_each(${JSON.stringify(FOOD_SORTS)}))
      and b.at >= ${daysLater(today, -FOOD_BOOK_DAYS)} and b.at < ${daysLater(today, AHEAD_DAYS + 1)}
    order by b.at, b.sequence`)
  const byYard = groupedBy(rows, ({ yard_id }) => yard_id)
  return new Map([...byYard].map(([yardId, own]) => [yardId, own.map(({ entry }): Entry => JSON.parse(entry))]))
}
