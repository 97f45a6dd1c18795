import { and, asc, desc, eq, isNotNull, isNull } from 'drizzle-orm'
import type { Attachment, Hive, Part, Placement, Yard } from '#core/hive'
import type { Database } from './client'
import { attachments, hives, parts, placements, yards } from './schema'

export interface StoredYard {
  readonly yard: Yard
  readonly revision: number
}

/** The database itself, or a transaction on it. */
export type Writer = Pick<Database, 'select' | 'insert' | 'update' | 'delete' | 'run'>

/** Every yard with its revision, in the keeper's order. */
export async function readYards(database: Writer): Promise<StoredYard[]> {
  const rows = await database.select().from(yards).where(isNull(yards.removedAt)).orderBy(asc(yards.position))
  const all: StoredYard[] = []
  for (const row of rows) all.push(await assembleYard(database, row))
  return all
}

/** Names of all yards that are here. */
export async function yardNames(database: Writer): Promise<string[]> {
  return (await database.select({ name: yards.name }).from(yards).where(isNull(yards.removedAt))).map(({ name }) => name)
}

/** One yard, or undefined; one that was removed is not there. */
export async function readYard(database: Writer, yardId: string): Promise<StoredYard | undefined> {
  const row = await yardRow(database, yardId)
  return row && assembleYard(database, row)
}

async function yardRow(database: Writer, yardId: string) {
  const [row] = await database.select().from(yards).where(and(eq(yards.id, yardId), isNull(yards.removedAt)))
  return row
}

const MOST_KEPT = 8
const kept = new WeakMap<Database, Map<string, StoredYard>>()

/** The same, out of memory where it was read or written here at this revision before: a write need not read it all again. */
export async function readYardKept(database: Database, reader: Writer, yardId: string): Promise<StoredYard | undefined> {
  const row = await yardRow(reader, yardId)
  if (!row) return undefined
  const known = kept.get(database)?.get(yardId)
  return known?.revision === row.revision ? known : assembleYard(reader, row)
}

/** Keeps a yard in memory as it is at a revision that is saved. */
export function keepYard(database: Database, stored: StoredYard): void {
  const all = kept.get(database) ?? new Map<string, StoredYard>()
  kept.set(database, all)
  all.delete(stored.yard.id)
  all.set(stored.yard.id, stored)
  for (const yardId of [...all.keys()].slice(0, Math.max(0, all.size - MOST_KEPT))) all.delete(yardId)
}

/** Takes a yard away, or brings it back with null; false when there is none. */
export async function setRemoved(database: Writer, yardId: string, removedAt: string | null): Promise<boolean> {
  const done = await database.update(yards).set({ removedAt }).where(eq(yards.id, yardId)).returning({ id: yards.id })
  return done.length > 0
}

/** Yards that were taken away and can be brought back. */
export function readRemoved(database: Writer): Promise<{ id: string; name: string; removedAt: string | null }[]> {
  return database.select({ id: yards.id, name: yards.name, removedAt: yards.removedAt }).from(yards).where(isNotNull(yards.removedAt)).orderBy(asc(yards.position))
}

async function assembleYard(database: Writer, row: typeof yards.$inferSelect): Promise<StoredYard> {
  const hiveRows = await database.select().from(hives).where(eq(hives.yardId, row.id)).orderBy(asc(hives.orderKey))
  const partRows = await database.select().from(parts).where(eq(parts.yardId, row.id)).orderBy(asc(parts.orderKey))
  const placementRows = await database.select().from(placements).where(eq(placements.yardId, row.id)).orderBy(asc(placements.position))
  const attachmentRows = await database.select().from(attachments).where(eq(attachments.yardId, row.id)).orderBy(asc(attachments.position))
  const placed = groupBy(placementRows, ({ hiveId }) => hiveId)
  const attached = groupBy(attachmentRows, ({ hiveId }) => hiveId)
  return {
    revision: row.revision,
    yard: {
      id: row.id, name: row.name, note: row.note, band: row.band, prolific: row.prolific, overrides: row.overrides, patterns: row.patterns, hanging: row.hanging,
      hives: hiveRows.map(({ id, name, stage, note, accepted, season, visit }): Hive => ({
        id, name, stage, note,
        stack: (placed.get(id) ?? []).map(placementOf),
        attachments: (attached.get(id) ?? []).map(({ partId, place, edge }): Attachment => ({ partId, place, ...(edge ? { edge } : {}) })),
        accepted, ...(season ? { season } : {}), ...(visit ? { visit } : {}),
      })),
      parts: partRows.map(partOf), ...(row.season ? { season: row.season } : {}),
    },
  }
}

function groupBy<T>(list: readonly T[], keyOf: (item: T) => string): Map<string, T[]> {
  const groups = new Map<string, T[]>()
  for (const item of list) {
    const group = groups.get(keyOf(item))
    if (group) group.push(item)
    else groups.set(keyOf(item), [item])
  }
  return groups
}

function placementOf(row: typeof placements.$inferSelect): Placement {
  const placement: Placement = { partId: row.partId, turnedOver: row.turnedOver, yawDeg: row.yawDeg, offsetMm: { x: row.offsetXMm, y: row.offsetYMm } }
  return { ...placement, ...(row.role ? { role: row.role } : {}), ...(row.offBy ? { offBy: row.offBy } : {}) }
}

function partOf({ id, patternId, name, measured, contents, hasHeld, hole, readings, condition, spacing, lacks }: typeof parts.$inferSelect): Part {
  return { id, patternId, ...(name === null ? {} : { name }), ...(measured ? { measured } : {}), contents, ...(spacing ? { spacing } : {}), hasHeld, ...(readings ? { readings } : {}), ...(condition ? { condition } : {}), ...(hole ? { hole } : {}), ...(lacks ? { lacks } : {}) }
}

/** The place behind the last yard. */
export async function nextPosition(database: Writer): Promise<number> {
  const [last] = await database.select({ position: yards.position }).from(yards).orderBy(desc(yards.position)).limit(1)
  return (last?.position ?? -1) + 1
}

/** Whether there is such a yard, one that was taken away counted. */
export async function yardExists(database: Writer, yardId: string): Promise<boolean> {
  return (await database.select({ id: yards.id }).from(yards).where(eq(yards.id, yardId))).length > 0
}

/** Whether a yard has such a hive. */
export async function hiveExists(database: Writer, yardId: string, hiveId: string): Promise<boolean> {
  return (await database.select({ id: hives.id }).from(hives).where(and(eq(hives.yardId, yardId), eq(hives.id, hiveId)))).length > 0
}
