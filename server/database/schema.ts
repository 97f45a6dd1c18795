import { index, integer, real, sqliteTable, text, uniqueIndex } from 'drizzle-orm/sqlite-core'
import type { HangingPattern, Pattern } from '#core/catalogue'
import type { Acceptance, AbsorberFeature, AttachmentPlace, BandPreset, Condition, Content, Edit, OpeningEdge, Override, Part, Reading, Role, HiveSeason, Spacing, Stage, Visit, YardSeason, YawDeg } from '#core/hive'

export const yards = sqliteTable('yards', {
  id: text().primaryKey(),
  position: integer().notNull(),
  name: text().notNull(),
  note: text().notNull(),
  band: text().$type<BandPreset>().notNull(),
  revision: integer().notNull(),
  prolific: integer({ mode: 'boolean' }).notNull().default(false),
  overrides: text({ mode: 'json' }).$type<readonly Override[]>().notNull().default([]),
  patterns: text({ mode: 'json' }).$type<readonly Pattern[]>().notNull().default([]),
  hanging: text({ mode: 'json' }).$type<readonly HangingPattern[]>().notNull().default([]),
  season: text({ mode: 'json' }).$type<YardSeason>(),
  /** When the yard was taken away; it stays, and can be brought back. */
  removedAt: text(),
})

export const hives = sqliteTable('hives', {
  id: text().primaryKey(),
  yardId: text().notNull().references(() => yards.id),
  position: integer().notNull(),
  name: text().notNull(),
  stage: text().$type<Stage>().notNull(),
  note: text().notNull(),
  accepted: text({ mode: 'json' }).$type<readonly Acceptance[]>().notNull(),
  season: text({ mode: 'json' }).$type<HiveSeason>(),
  visit: text({ mode: 'json' }).$type<Visit>(),
}, (table) => [index('hives_by_yard').on(table.yardId)])

export const parts = sqliteTable('parts', {
  id: text().primaryKey(),
  yardId: text().notNull().references(() => yards.id),
  position: integer().notNull(),
  patternId: text().notNull(),
  name: text(),
  measured: text({ mode: 'json' }).$type<Part['measured']>(),
  contents: text({ mode: 'json' }).$type<readonly Content[]>().notNull(),
  hasHeld: text({ mode: 'json' }).$type<Part['hasHeld']>().notNull(),
  hole: text().$type<'open' | 'closed'>(),
  readings: text({ mode: 'json' }).$type<readonly Reading[]>(),
  condition: text().$type<Condition>(),
  spacing: text({ mode: 'json' }).$type<Spacing>(),
  lacks: text({ mode: 'json' }).$type<readonly AbsorberFeature[]>(),
}, (table) => [index('parts_by_yard').on(table.yardId)])

/** A part stands in one place only: its identity is the key. */
export const placements = sqliteTable('placements', {
  partId: text().primaryKey().references(() => parts.id),
  hiveId: text().notNull().references(() => hives.id),
  position: integer().notNull(),
  turnedOver: integer({ mode: 'boolean' }).notNull(),
  yawDeg: integer().$type<YawDeg>().notNull(),
  offsetXMm: real().notNull(),
  offsetYMm: real().notNull(),
  role: text().$type<Role>(),
  offBy: text(),
}, (table) => [index('placements_by_hive').on(table.hiveId)])

export const attachments = sqliteTable('attachments', {
  partId: text().primaryKey().references(() => parts.id),
  hiveId: text().notNull().references(() => hives.id),
  position: integer().notNull(),
  place: text().$type<AttachmentPlace>().notNull(),
  edge: text().$type<OpeningEdge>(),
}, (table) => [index('attachments_by_hive').on(table.hiveId)])

/** The log: appended to, never changed. Undo and redo are entries of their own. */
export const edits = sqliteTable('edits', {
  sequence: integer().primaryKey({ autoIncrement: true }),
  id: text().notNull().unique(),
  yardId: text().notNull(),
  baseRevision: integer().notNull(),
  revision: integer().notNull(),
  madeAt: text().notNull(),
  receivedAt: text().notNull(),
  device: text().notNull(),
  kind: text().$type<'do' | 'undo' | 'redo'>().notNull(),
  targetId: text(),
  edit: text({ mode: 'json' }).$type<Edit>().notNull(),
  inverse: text({ mode: 'json' }).$type<Edit>().notNull(),
}, (table) => [index('edits_by_yard').on(table.yardId, table.revision)])

/** Every weighing of a hive; taken away with its batch, never lost. */
export const weighIns = sqliteTable('weigh_ins', {
  id: text().primaryKey(),
  hiveId: text().notNull(),
  /** When, by the minute, UTC: two of one minute and source are one. */
  at: text().notNull(),
  kg: real().notNull(),
  method: text().$type<'scale' | 'heft'>().notNull(),
  leftKg: real(),
  rightKg: real(),
  source: text().notNull(),
  batchId: text().notNull(),
  removedAt: text(),
}, (table) => [index('weigh_ins_by_hive').on(table.hiveId, table.at), uniqueIndex('weigh_ins_once').on(table.hiveId, table.at, table.source)])

/** A scale under a hive, with the key that it signs with. */
export const scales = sqliteTable('scales', {
  id: text().primaryKey(),
  hiveId: text().notNull(),
  name: text().notNull(),
  keyHex: text().notNull(),
  lastSequence: integer().notNull().default(-1),
  batteryPercent: real(),
  seenAt: text(),
  retiredAt: text(),
})
