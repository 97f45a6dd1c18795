import { and, asc, desc, eq, gt, inArray, isNotNull, isNull } from 'drizzle-orm'
import type { Attachment, Hive, Part, Placement, Yard } from '#core/hive'
import type { Database } from './client'
import { attachments, edits, hives, parts, placements, yards } from './schema'

export interface StoredYard {
  readonly yard: Yard
  readonly revision: number
}

type Writer = Pick<Database, 'select' | 'insert' | 'update' | 'delete'>

/** Every yard with its revision, in the keeper's order. */
export async function readYards(database: Writer): Promise<StoredYard[]> {
  const rows = await database.select().from(yards).where(isNull(yards.removedAt)).orderBy(asc(yards.position))
  const all: StoredYard[] = []
  for (const row of rows) all.push(await assembleYard(database, row))
  return all
}

/** One yard, or undefined; one that was removed is not there. */
export async function readYard(database: Writer, yardId: string): Promise<StoredYard | undefined> {
  const [row] = await database.select().from(yards).where(and(eq(yards.id, yardId), isNull(yards.removedAt)))
  return row && assembleYard(database, row)
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
  const hiveRows = await database.select().from(hives).where(eq(hives.yardId, row.id)).orderBy(asc(hives.position))
  const partRows = await database.select().from(parts).where(eq(parts.yardId, row.id)).orderBy(asc(parts.position))
  const ofYard = (table: typeof placements | typeof attachments) => inArray(table.hiveId, database.select({ id: hives.id }).from(hives).where(eq(hives.yardId, row.id)))
  const placementRows = await database.select().from(placements).where(ofYard(placements)).orderBy(asc(placements.position))
  const attachmentRows = await database.select().from(attachments).where(ofYard(attachments)).orderBy(asc(attachments.position))
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
  for (const item of list) groups.set(keyOf(item), [...(groups.get(keyOf(item)) ?? []), item])
  return groups
}

function placementOf(row: typeof placements.$inferSelect): Placement {
  const placement: Placement = { partId: row.partId, turnedOver: row.turnedOver, yawDeg: row.yawDeg, offsetMm: { x: row.offsetXMm, y: row.offsetYMm } }
  return { ...placement, ...(row.role ? { role: row.role } : {}), ...(row.offBy ? { offBy: row.offBy } : {}) }
}

function partOf({ id, patternId, name, measured, contents, hasHeld, hole, readings, condition, spacing, lacks }: typeof parts.$inferSelect): Part {
  return { id, patternId, ...(name === null ? {} : { name }), ...(measured ? { measured } : {}), contents, ...(spacing ? { spacing } : {}), hasHeld, ...(readings ? { readings } : {}), ...(condition ? { condition } : {}), ...(hole ? { hole } : {}), ...(lacks ? { lacks } : {}) }
}

/** Adds a yard with everything in it. */
export async function insertYard(database: Writer, yard: Yard): Promise<void> {
  const [last] = await database.select({ position: yards.position }).from(yards).orderBy(desc(yards.position)).limit(1)
  await database.insert(yards).values({ id: yard.id, position: (last?.position ?? -1) + 1, revision: 0, ...settingsOf(yard) })
  await writeChanges(database, { ...yard, hives: [], parts: [] }, yard)
}

/** Writes what differs between two versions of a yard; what did not change is the same object in both. */
export async function writeChanges(database: Writer, before: Yard, after: Yard): Promise<void> {
  const oldHives = new Map(before.hives.map((hive, position) => [hive.id, { hive, position }]))
  const oldParts = new Map(before.parts.map((part, position) => [part.id, { part, position }]))
  const changedHives = after.hives.filter((hive) => oldHives.get(hive.id)?.hive !== hive)
  const goneHives = idsMissing(before.hives, after.hives)
  const goneParts = idsMissing(before.parts, after.parts)
  await clearPlaces(database, [...changedHives.map(({ id }) => id), ...goneHives])
  await inChunks(goneHives, (ids) => database.delete(hives).where(inArray(hives.id, ids)))
  await inChunks(goneParts, (ids) => database.delete(parts).where(inArray(parts.id, ids)))
  for (const [position, part] of after.parts.entries()) {
    const old = oldParts.get(part.id)
    if (old?.part !== part || old.position !== position) await upsertPart(database, after.id, part, position)
  }
  for (const [position, hive] of after.hives.entries()) {
    const old = oldHives.get(hive.id)
    if (old?.hive !== hive || old.position !== position) await upsertHive(database, after.id, hive, position)
  }
  for (const hive of changedHives) await insertPlaces(database, hive)
  const [was, is] = [settingsOf(before), settingsOf(after)]
  if (SETTINGS.some((name) => was[name] !== is[name])) await database.update(yards).set(is).where(eq(yards.id, after.id))
}

const SETTINGS = ['name', 'note', 'band', 'prolific', 'season', 'overrides', 'patterns', 'hanging'] as const

function settingsOf({ name, note, band, prolific, season, overrides, patterns, hanging }: Yard) {
  return { name, note, band, prolific, season: season ?? null, overrides, patterns, hanging }
}

function idsMissing(before: readonly { readonly id: string }[], after: readonly { readonly id: string }[]): string[] {
  const left = new Set(after.map(({ id }) => id))
  return before.map(({ id }) => id).filter((id) => !left.has(id))
}

async function clearPlaces(database: Writer, hiveIds: readonly string[]): Promise<void> {
  await inChunks(hiveIds, (ids) => database.delete(placements).where(inArray(placements.hiveId, ids)))
  await inChunks(hiveIds, (ids) => database.delete(attachments).where(inArray(attachments.hiveId, ids)))
}

async function insertPlaces(database: Writer, hive: Hive): Promise<void> {
  const placed = hive.stack.map(({ partId, turnedOver, yawDeg, offsetMm, role, offBy }, position) => (
    { partId, hiveId: hive.id, position, turnedOver, yawDeg, offsetXMm: offsetMm.x, offsetYMm: offsetMm.y, role: role ?? null, offBy: offBy ?? null }))
  const attached = hive.attachments.map(({ partId, place, edge }, position) => ({ partId, hiveId: hive.id, position, place, edge: edge ?? null }))
  if (placed.length > 0) await database.insert(placements).values(placed)
  if (attached.length > 0) await database.insert(attachments).values(attached)
}

async function upsertPart(database: Writer, yardId: string, part: Part, position: number): Promise<void> {
  const row = { yardId, position, patternId: part.patternId, name: part.name ?? null, measured: part.measured ?? null, contents: part.contents, hasHeld: part.hasHeld, hole: part.hole ?? null, readings: part.readings ?? null, condition: part.condition ?? null, spacing: part.spacing ?? null, lacks: part.lacks ?? null }
  await database.insert(parts).values({ id: part.id, ...row }).onConflictDoUpdate({ target: parts.id, set: row })
}

async function upsertHive(database: Writer, yardId: string, { id, name, stage, note, accepted, season, visit }: Hive, position: number): Promise<void> {
  const row = { yardId, position, name, stage, note, accepted, season: season ?? null, visit: visit ?? null }
  await database.insert(hives).values({ id, ...row }).onConflictDoUpdate({ target: hives.id, set: row })
}

/** SQLite takes a limited number of values in one statement. */
async function inChunks<T>(list: readonly T[], run: (chunk: T[]) => Promise<unknown>): Promise<void> {
  for (let at = 0; at < list.length; at += 500) await run(list.slice(at, at + 500))
}

/** Which of these identities of yards, hives and parts are in use. */
export async function identitiesInUse(database: Writer, yard: Yard): Promise<{ yard: boolean; inside: boolean }> {
  const here = await database.select({ id: yards.id }).from(yards).where(eq(yards.id, yard.id))
  let inside = 0
  await inChunks(yard.hives.map(({ id }) => id), async (ids) => { inside += (await database.select({ id: hives.id }).from(hives).where(inArray(hives.id, ids))).length })
  await inChunks(yard.parts.map(({ id }) => id), async (ids) => { inside += (await database.select({ id: parts.id }).from(parts).where(inArray(parts.id, ids))).length })
  return { yard: here.length > 0, inside: inside > 0 }
}

export type LoggedEdit = typeof edits.$inferSelect

/** The newest entries of a yard's log, oldest first. */
export async function readLog(database: Writer, yardId: string, limit: number): Promise<LoggedEdit[]> {
  const rows = await database.select().from(edits).where(eq(edits.yardId, yardId)).orderBy(desc(edits.sequence)).limit(limit)
  return rows.reverse()
}

/** What was logged for a yard after a revision. */
export async function readLogSince(database: Writer, yardId: string, revision: number): Promise<LoggedEdit[]> {
  return database.select().from(edits).where(and(eq(edits.yardId, yardId), gt(edits.revision, revision))).orderBy(asc(edits.sequence))
}

/** Whether there is such a hive. */
export async function hiveExists(database: Database, hiveId: string): Promise<boolean> {
  return (await database.select({ id: hives.id }).from(hives).where(eq(hives.id, hiveId))).length > 0
}
