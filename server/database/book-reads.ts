import { and, eq, sql } from 'drizzle-orm'
import { currentOf, daysLater, dueOf, looksAskedFor, type Entry, type EntrySort } from '#core/book'
import type { Yard } from '#core/yard'
import type { OpenBook } from '#wire/answers'
import type { Database } from './client'
import { bookEntries } from './schema'
import { lastWeighed } from '../readings/look-up'
import { AHEAD_DAYS } from './book'

/** Everything that was ever written of a hive, corrections and what they correct, oldest first. */
export async function bookOfHive(database: Database, yardId: string, hiveId: string): Promise<Entry[]> {
  const rows = await database
    .select({ entry: bookEntries.entry })
    .from(bookEntries)
    .where(and(eq(bookEntries.yardId, yardId), eq(bookEntries.hiveId, hiveId)))
    .orderBy(bookEntries.at, bookEntries.sequence)
  return rows.map(({ entry }) => entry)
}

/** What is looked for in the book of a yard. */
interface BookSought {
  readonly from: string
  readonly to: string
  readonly sorts: readonly EntrySort[]
}

/** What is current in the book of a yard between two days, of these sorts, oldest first, as JSON. */
export async function bookOfYard(database: Database, yardId: string, sought: BookSought): Promise<string> {
  const { from, to, sorts } = sought
  const [row] = await database.all<{ entries: string }>(sql`
    select '[' || coalesce(group_concat(entry, ','), '') || ']' as entries from (
      select entry from ${bookEntries} as b where b.yard_id = ${yardId} and b.is_current
        and b.sort in (select value from json_each(${JSON.stringify(sorts)}))
        and b.at >= ${from} and b.at < ${daysLater(to, 1)} order by b.at, b.sequence)`)
  return row?.entries ?? '[]'
}

/** The books of all yards that are here, as JSON for a plan file. */
export async function bookTexts(database: Database): Promise<{ readonly yardId: string; readonly book: string }[]> {
  return database.all<{ yardId: string; book: string }>(sql`
    select y.id as "yardId", '{"yardId":' || json_quote(y.id) || ',"entries":' || (select json_group_array(json(entry)) from
      (select entry from ${bookEntries} as b where b.yard_id = y.id order by b.sequence)) || '}' as book
    from yards as y where y.removed_at is null
      and exists (select 1 from ${bookEntries} as b where b.yard_id = y.id) order by y.position`)
}

/** Looks of a hive that what is due is worked out from: who knows of a clipped queen may not say so every time. */
const LOOKS = 6

/** Treatments that something may still be due of, days back. */
const TREATMENT_DAYS = 400

/** What is current of a yard and may still ask for something: with `dueOf`, all that is due in it. */
export async function openBook(database: Database, yard: Yard, today: string): Promise<OpenBook> {
  const newest = (sort: string, most: number) =>
    sql`(select json_group_array(json(entry)) from (select entry from ${bookEntries} as b where b.yard_id = ${yard.id}
      and b.sort = ${sort} and b.hive_id = h.value and b.is_current and b.at < ${daysLater(today, 1)}
      order by b.at desc limit ${most}))`
  const told = (await colonyEntries(database, today))[yard.id] ?? []
  const hives = await database.all<{ looks: string; counts: string; fates: string; feeds: string }>(sql`
    select ${newest('look', LOOKS)} as looks, ${newest('mites', 1)} as counts, ${newest('fate', 1)} as fates,
      ${newest('feed', 1)} as feeds
    from json_each(${JSON.stringify(yard.hives.map(({ id }) => id))}) as h`)
  const others = await database.all<{ entry: string }>(sql`
    select entry from ${bookEntries} as b where b.yard_id = ${yard.id} and b.is_current and b.sort = 'treatment'
      and b.at >= ${daysLater(today, -TREATMENT_DAYS)}
    union all
    select entry from ${bookEntries} as b where b.yard_id = ${yard.id} and b.is_current and b.sort = 'task'
      and not exists (select 1 from ${bookEntries} as a where a.yard_id = b.yard_id and a.about = 'task:' || b.chain
        and a.is_current and a.entry ->> '$.body.answer' <> 'put-off')`)
  const listed = (json: string): Entry[] => JSON.parse(json)
  const found = [
    ...hives.flatMap(({ looks }) => looksAskedFor(listed(looks))),
    ...hives.flatMap(({ counts, fates, feeds }) => [counts, fates, feeds].flatMap(listed)),
    ...others.flatMap(({ entry }) => listed(`[${entry}]`)),
    ...told,
  ]
  const weighed = (await lastWeighed(database)).filter(({ yardId }) => yardId === yard.id)
  const weighedOn = Object.fromEntries(weighed.map(({ hiveId, at }) => [hiveId, at.slice(0, 10)]))
  const lines = dueOf(yard, currentOf(found), today, weighedOn).map(({ id }) => id)
  const answers = await database.all<{ entry: string }>(sql`
    select a.entry from json_each(${JSON.stringify(lines)}) as l
      join ${bookEntries} as a on a.yard_id = ${yard.id} and a.about = l.value and a.is_current`)
  return { entries: currentOf([...found, ...answers.flatMap(({ entry }) => listed(`[${entry}]`))]), weighedOn }
}

/** Days back in which a sign still counts. */
const SIGN_DAYS = 365

/** What every book says of its colonies: the newest of each sort that tells of it, and signs of the last year. */
export async function colonyEntries(database: Database, today: string): Promise<Readonly<Record<string, Entry[]>>> {
  const rows = await database.all<{ yard_id: string; entry: string }>(sql`
    select b.yard_id, b.entry from ${bookEntries} as b join yards as y on y.id = b.yard_id and y.removed_at is null
    where b.is_current and b.at < ${daysLater(today, AHEAD_DAYS + 1)} and (b.sort in ('fate', 'cleared')
      or (b.sort = 'look' and b.at >= ${daysLater(today, -SIGN_DAYS)}
        and json_array_length(coalesce(b.entry ->> '$.body.signs', '[]')) > 0))
    order by b.at, b.sequence`)
  const found: Record<string, Entry[]> = {}
  for (const { yard_id, entry } of rows) (found[yard_id] ??= []).push(JSON.parse(entry))
  return found
}
