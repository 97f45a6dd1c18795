import { there } from '#core/units'
import { and, desc, eq, lt } from 'drizzle-orm'
import {
  asItStood,
  changeOf,
  goBack,
  standingParts,
  staysOf,
  type Before,
  type Hive,
  type HiveChange,
  type LoggedEdit,
  type PastMoment,
  type Stay,
  type Yard,
} from '#core/yard'
import type { Database } from './client'
import { edits } from './schema'
import { readYard } from './yards'

/** Entries that are gone through at most, newest first. */
const MOST_ENTRIES = 20_000
const CHUNK = 200

/** The log of a yard in handfuls, newest first; whoever has found what is looked for asks for no more. */
async function* newestFirst(database: Database, yardId: string): AsyncGenerator<LoggedEdit[]> {
  let before = Number.MAX_SAFE_INTEGER
  for (let read = 0; read < MOST_ENTRIES;) {
    const rows = await database
      .select()
      .from(edits)
      .where(and(eq(edits.yardId, yardId), lt(edits.sequence, before)))
      .orderBy(desc(edits.sequence))
      .limit(CHUNK)
    yield rows
    if (rows.length < CHUNK) return
    read += rows.length
    before = there(rows.at(-1)).sequence
  }
}

/** Back through the log, step by step. */
async function* stepsBack(database: Database, now: Yard): AsyncGenerator<Before> {
  let yard = now
  for await (const rows of newestFirst(database, now.id)) {
    for (const step of goBack(yard, rows)) {
      yield step
      yard = step.before
    }
  }
}

/** A yard as it stood at a moment or after a revision, out of the log; undefined where there is no such yard. */
export async function yardAt(database: Database, yardId: string, when: PastMoment): Promise<Yard | undefined> {
  const stored = await readYard(database, yardId)
  return stored && asItStood(stored.yard, stepsBack(database, stored.yard), when)
}

/** What was changed about a hive, newest first. */
export async function hiveChanges(
  database: Database,
  yardId: string,
  hiveId: string,
  most: number,
): Promise<HiveChange[] | undefined> {
  const stored = await readYard(database, yardId)
  if (!stored) return undefined
  const found: HiveChange[] = []
  for await (const step of stepsBack(database, stored.yard)) {
    const change = changeOf(step, hiveId)
    if (change) found.push(change)
    if (found.length >= most) break
  }
  return found
}

/**
 * When the boxes of a hive last became others, after a moment; undefined where they are the same since. What was weighed
 * before says little of what stands there now.
 */
export async function boxesChangedAfter(
  database: Database,
  yardId: string,
  hiveId: string,
  since: string,
): Promise<string | undefined> {
  const stored = await readYard(database, yardId)
  if (!stored) return undefined
  return (await boxesChanged(database, stored.yard, new Map([[hiveId, since]]))).get(hiveId)
}

/** A hive as it is looked for in the log: its parts now, and its stack as it was when it was last looked at. */
interface Sought {
  readonly at: string
  readonly now: string
  stack: Hive['stack']
}

/** The same for several hives in one walk through the log: those whose boxes are others since, and when they became so. */
export async function boxesChanged(
  database: Database,
  yard: Yard,
  since: ReadonlyMap<string, string>,
): Promise<ReadonlyMap<string, string>> {
  const asked = new Map<string, Sought>(
    yard.hives.flatMap((hive): [string, Sought][] => {
      const at = since.get(hive.id)
      return at ? [[hive.id, { at, now: standingParts(hive), stack: hive.stack }]] : []
    }),
  )
  const changed = new Map<string, string>()
  if (asked.size === 0) return changed
  for await (const { entry, before } of stepsBack(database, yard)) {
    const there = new Map(before.hives.map((hive) => [hive.id, hive]))
    for (const [hiveId, one] of asked) {
      const hive = there.get(hiveId)
      if (entry.happenedAt <= one.at) asked.delete(hiveId)
      // A stack that is the same object was not touched by this step.
      else if (hive?.stack === one.stack) continue
      else if (hive && standingParts(hive) === one.now) one.stack = hive.stack
      else {
        changed.set(hiveId, entry.happenedAt)
        asked.delete(hiveId)
      }
    }
    if (asked.size === 0) return changed
  }
  return changed
}

/** Where a part of a yard has been and what it had held, newest first; undefined where there is no such part. */
export async function partStays(database: Database, yardId: string, partId: string): Promise<Stay[] | undefined> {
  const stored = await readYard(database, yardId)
  if (!stored?.yard.parts.some(({ id }) => id === partId)) return undefined
  const all: LoggedEdit[] = []
  for await (const rows of newestFirst(database, yardId)) all.push(...rows)
  return staysOf(stored.yard, partId, all)
}
