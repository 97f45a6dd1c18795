import { and, desc, eq, getTableColumns, inArray, sql, type SQL } from 'drizzle-orm'
import type { Hive, Yard } from '#core/yard'
import type { Part } from '#core/parts'
import { keysOf } from '#core/units'
import { toSnakeCase } from 'drizzle-orm/casing'
import { generateNKeysBetween } from 'fractional-indexing'
import { inChunks } from './chunks'
import { newOrderKeys } from './order-keys'
import { attachments, hives, parts, placements, yards } from './schema'
import { nextPosition, type Writer } from './yards'

/** Adds a yard with everything in it. */
export async function insertYard(database: Writer, yard: Yard): Promise<void> {
  await database
    .insert(yards)
    .values({ id: yard.id, position: await nextPosition(database), revision: 0, ...settingsOf(yard) })
  await writeChanges(database, { ...yard, hives: [], parts: [] }, yard)
}

/** Writes what differs between two versions of a yard; what did not change is the same object in both. */
export async function writeChanges(database: Writer, before: Yard, after: Yard): Promise<void> {
  const yardId = after.id
  const oldHives = new Map(before.hives.map((hive) => [hive.id, hive]))
  const oldParts = new Map(before.parts.map((part) => [part.id, part]))
  const changedHives = after.hives.filter((hive) => oldHives.get(hive.id) !== hive)
  const changedParts = after.parts.filter((part) => oldParts.get(part.id) !== part)
  const goneHives = idsMissing(before.hives, after.hives)
  const goneParts = idsMissing(before.parts, after.parts)
  const moved = changedHives.filter(
    (hive) => oldHives.get(hive.id)?.stack !== hive.stack || oldHives.get(hive.id)?.attachments !== hive.attachments,
  )
  await inChunks([...moved.map(({ id }) => id), ...goneHives], async (ids) => {
    await database.delete(placements).where(and(eq(placements.yardId, yardId), inArray(placements.hiveId, ids)))
    await database.delete(attachments).where(and(eq(attachments.yardId, yardId), inArray(attachments.hiveId, ids)))
  })
  await inChunks(goneHives, (ids) =>
    database.delete(hives).where(and(eq(hives.yardId, yardId), inArray(hives.id, ids))),
  )
  await inChunks(goneParts, (ids) =>
    database.delete(parts).where(and(eq(parts.yardId, yardId), inArray(parts.id, ids))),
  )
  await writeRows(database, parts, yardId, before.parts, after.parts, changedParts, partRow, (rows) =>
    database
      .insert(parts)
      .values(rows)
      .onConflictDoUpdate({ target: [parts.yardId, parts.id], set: replaced(parts) }),
  )
  await writeRows(database, hives, yardId, before.hives, after.hives, changedHives, hiveRow, (rows) =>
    database
      .insert(hives)
      .values(rows)
      .onConflictDoUpdate({ target: [hives.yardId, hives.id], set: replaced(hives) }),
  )
  await inChunks(
    moved.flatMap((hive) => placementRows(yardId, hive)),
    (rows) => database.insert(placements).values(rows),
  )
  await inChunks(
    moved.flatMap((hive) => attachmentRows(yardId, hive)),
    (rows) => database.insert(attachments).values(rows),
  )
  const [was, is] = [settingsOf(before), settingsOf(after)]
  if (keysOf(is).some((name) => was[name] !== is[name]))
    await database.update(yards).set(is).where(eq(yards.id, yardId))
}

function settingsOf({ id: _id, hives: _hives, parts: _parts, ...settings }: Yard) {
  return { ...settings, season: settings.season ?? null }
}

interface Named {
  readonly id: string
}

function idsMissing(before: readonly Named[], after: readonly Named[]): string[] {
  const left = new Set(after.map(({ id }) => id))
  return before.map(({ id }) => id).filter((id) => !left.has(id))
}

/** Writes changed rows, and the order of those that have to move; a key left empty stays as it is. */
async function writeRows<T extends Named, R>(
  database: Writer,
  table: typeof parts | typeof hives,
  yardId: string,
  before: readonly T[],
  after: readonly T[],
  changed: readonly T[],
  rowOf: (yardId: string, item: T, orderKey: string) => R,
  write: (chunk: R[]) => Promise<unknown>,
): Promise<void> {
  const keys = await keysFor(database, table, yardId, before, after)
  const touched = new Set(changed)
  const rows = [...changed, ...after.filter((item) => keys.has(item.id) && !touched.has(item))].map((item) =>
    rowOf(yardId, item, keys.get(item.id) ?? ''),
  )
  await inChunks(rows, write)
}

/** Keys for what has to move: none where things only went away, behind the last where they only came at the end. */
async function keysFor(
  database: Writer,
  table: typeof parts | typeof hives,
  yardId: string,
  before: readonly Named[],
  after: readonly Named[],
): Promise<Map<string, string>> {
  if (before === after) return new Map()
  const were = new Set(before.map(({ id }) => id))
  const left = new Set(after.map(({ id }) => id))
  const stayed = before.filter(({ id }) => left.has(id))
  const inOrder = stayed.every(({ id }, i) => after[i]?.id === id)
  if (!inOrder) {
    const rows = await database
      .select({ id: table.id, orderKey: table.orderKey })
      .from(table)
      .where(eq(table.yardId, yardId))
    return newOrderKeys(
      after.map(({ id }) => id),
      new Map(rows.map(({ id, orderKey }) => [id, orderKey])),
    )
  }
  const added = after.slice(stayed.length).map(({ id }) => id)
  if (added.length === 0 || added.some((id) => were.has(id))) return new Map()
  const [last] = await database
    .select({ orderKey: table.orderKey })
    .from(table)
    .where(eq(table.yardId, yardId))
    .orderBy(desc(table.orderKey))
    .limit(1)
  const keys = generateNKeysBetween(last?.orderKey ?? null, null, added.length)
  return new Map(added.map((id, i) => [id, keys[i]!]))
}

/** Every column as the row that was to go in has it. */
function replaced(table: typeof parts | typeof hives): Record<string, SQL> {
  const { yardId: _yardId, id: _id, ...columns } = getTableColumns(table)
  return Object.fromEntries(
    Object.keys(columns).map((name) => {
      const column = sql.identifier(toSnakeCase(name))
      return [
        name,
        name === 'orderKey'
          ? sql`CASE WHEN excluded.${column} = '' THEN ${table.orderKey} ELSE excluded.${column} END`
          : sql`excluded.${column}`,
      ]
    }),
  )
}

function partRow(yardId: string, part: Part, orderKey: string) {
  return { ...part, yardId, orderKey }
}

function hiveRow(yardId: string, { stack: _stack, attachments: _attachments, ...hive }: Hive, orderKey: string) {
  return { ...hive, yardId, orderKey }
}

function placementRows(yardId: string, hive: Hive) {
  return hive.stack.map(({ offsetMm, ...placement }, position) => ({
    ...placement,
    offsetXMm: offsetMm.x,
    offsetYMm: offsetMm.y,
    yardId,
    hiveId: hive.id,
    position,
  }))
}

function attachmentRows(yardId: string, hive: Hive) {
  return hive.attachments.map((attachment, position) => ({ ...attachment, yardId, hiveId: hive.id, position }))
}
