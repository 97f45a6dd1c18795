import { sql } from 'drizzle-orm'
import { foreignKey, index, integer, primaryKey, real, sqliteTable, text, uniqueIndex } from 'drizzle-orm/sqlite-core'
import type {
  AbsorberFeature,
  AttachmentPlace,
  Condition,
  Content,
  OpeningEdge,
  Part,
  Reading,
  Role,
  Loan,
  Spacing,
} from '#core/parts'
import type { Entry, EntrySort } from '#core/book'
import type { Acceptance, Attachment, Edit, Hive, Placement, HiveSeason, Stage, Visit, YawDeg } from '#core/yard'
import type { Imported } from '#wire/import-answer'
import type { ReadingPlace, StoredReading } from '#wire/readings/kind'
import type { ReadingKind } from '#wire/readings/kinds'
import { type ColumnsOf, ofYard } from './yard-table'
export * from './keeper-tables'
export { yards } from './yard-table'

export const hives = sqliteTable(
  'hives',
  {
    ...({
      id: text().notNull(),
      name: text().notNull(),
      stage: text().$type<Stage>().notNull(),
      note: text().notNull(),
      accepted: text({ mode: 'json' }).$type<readonly Acceptance[]>().notNull(),
      season: text({ mode: 'json' }).$type<HiveSeason>(),
      visit: text({ mode: 'json' }).$type<Visit>(),
    } satisfies ColumnsOf<Exclude<keyof Hive, 'stack' | 'attachments'>>),
    yardId: ofYard(),
    /** Sorts hives as text; between two there is always room for another, so that none is written anew. */
    orderKey: text().notNull(),
  },
  (table) => [primaryKey({ columns: [table.yardId, table.id] })],
)

export const parts = sqliteTable(
  'parts',
  {
    ...({
      id: text().notNull(),
      patternId: text().notNull(),
      name: text(),
      measured: text({ mode: 'json' }).$type<Part['measured']>(),
      contents: text({ mode: 'json' }).$type<readonly Content[]>().notNull(),
      spacing: text({ mode: 'json' }).$type<Spacing>(),
      hasHeld: text({ mode: 'json' }).$type<Part['hasHeld']>().notNull(),
      readings: text({ mode: 'json' }).$type<readonly Reading[]>(),
      condition: text().$type<Condition>(),
      hole: text().$type<'open' | 'closed'>(),
      lacks: text({ mode: 'json' }).$type<readonly AbsorberFeature[]>(),
      lent: text({ mode: 'json' }).$type<Loan>(),
      borrowed: text({ mode: 'json' }).$type<Loan>(),
    } satisfies ColumnsOf<keyof Part>),
    yardId: ofYard(),
    orderKey: text().notNull(),
  },
  (table) => [primaryKey({ columns: [table.yardId, table.id] })],
)

/** A part stands in one place only: its identity is the key. */
export const placements = sqliteTable(
  'placements',
  {
    ...({
      partId: text().notNull(),
      turnedOver: integer({ mode: 'boolean' }).notNull(),
      yawDeg: integer().$type<YawDeg>().notNull(),
      role: text().$type<Role>(),
      offBy: text(),
    } satisfies ColumnsOf<Exclude<keyof Placement, 'offsetMm'>>),
    offsetXMm: real().notNull(),
    offsetYMm: real().notNull(),
    yardId: text().notNull(),
    hiveId: text().notNull(),
    position: integer().notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.yardId, table.partId] }),
    index('placements_by_hive').on(table.yardId, table.hiveId),
    foreignKey({ columns: [table.yardId, table.partId], foreignColumns: [parts.yardId, parts.id] }),
    foreignKey({ columns: [table.yardId, table.hiveId], foreignColumns: [hives.yardId, hives.id] }),
  ],
)

export const attachments = sqliteTable(
  'attachments',
  {
    ...({
      partId: text().notNull(),
      place: text().$type<AttachmentPlace>().notNull(),
      edge: text().$type<OpeningEdge>(),
      round: text({ mode: 'json' }).$type<readonly string[]>(),
    } satisfies ColumnsOf<keyof Attachment>),
    yardId: text().notNull(),
    hiveId: text().notNull(),
    position: integer().notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.yardId, table.partId] }),
    index('attachments_by_hive').on(table.yardId, table.hiveId),
    foreignKey({ columns: [table.yardId, table.partId], foreignColumns: [parts.yardId, parts.id] }),
    foreignKey({ columns: [table.yardId, table.hiveId], foreignColumns: [hives.yardId, hives.id] }),
  ],
)

/** The log: appended to, never changed. Undo and redo are entries of their own. */
export const edits = sqliteTable(
  'edits',
  {
    sequence: integer().primaryKey({ autoIncrement: true }),
    id: text().notNull(),
    yardId: text().notNull(),
    baseRevision: integer().notNull(),
    revision: integer().notNull(),
    /**
     * By the clock of the device, by that of the server, and when it must have been: never before the entry above it.
     */
    madeAt: text().notNull(),
    receivedAt: text().notNull(),
    happenedAt: text().notNull(),
    device: text().notNull(),
    /** The keeper who was signed in, by name; null where nobody has to. */
    by: text(),
    kind: text().$type<'do' | 'undo' | 'redo'>().notNull(),
    targetId: text(),
    edit: text({ mode: 'json' }).$type<Edit>().notNull(),
    inverse: text({ mode: 'json' }).$type<Edit>().notNull(),
  },
  (table) => [
    uniqueIndex('edits_once').on(table.yardId, table.id),
    index('edits_by_yard').on(table.yardId, table.revision),
  ],
)

/** Files that were brought in, so that one sent twice is brought in once. */
export const imports = sqliteTable('imports', {
  id: text().primaryKey(),
  receivedAt: text().notNull(),
  /** SHA-256 of the text, so that another file under the same identity is noticed. */
  contentHash: text().notNull(),
  result: text({ mode: 'json' }).$type<readonly Imported[]>().notNull(),
})

/** Everything that was read of a hive, of whatever kind; taken away with its batch, never lost. */
export const readings = sqliteTable(
  'readings',
  {
    ...({
      /** When, by the minute, UTC: two of one minute, place and source are one. */
      at: text().notNull(),
      value: real().notNull(),
      more: text({ mode: 'json' }).$type<StoredReading['more']>(),
    } satisfies ColumnsOf<keyof StoredReading>),
    id: text().primaryKey(),
    yardId: text().notNull(),
    hiveId: text().notNull(),
    kind: text().$type<ReadingKind>().notNull(),
    place: text().$type<ReadingPlace>().notNull(),
    source: text().notNull(),
    batchId: text().notNull(),
    removedAt: text(),
  },
  (table) => [
    index('readings_by_hive').on(table.yardId, table.hiveId, table.kind, table.at),
    index('readings_by_batch').on(table.batchId),
    uniqueIndex('readings_once')
      .on(table.yardId, table.hiveId, table.kind, table.place, table.at, table.source)
      .where(sql`removed_at IS NULL`),
  ],
)

/** A device that reads a hive, with the key that it signs with. */
export const devices = sqliteTable('devices', {
  id: text().primaryKey(),
  yardId: text().notNull(),
  hiveId: text().notNull(),
  kind: text().$type<ReadingKind>().notNull(),
  place: text().$type<ReadingPlace>().notNull(),
  name: text().notNull(),
  keyHex: text().notNull(),
  lastSequence: integer().notNull().default(-1),
  batteryPercent: real(),
  seenAt: text(),
  retiredAt: text(),
})

/** The book: appended to, never changed but for what is current, which follows from the rows of a chain. */
export const bookEntries = sqliteTable(
  'book_entries',
  {
    sequence: integer().primaryKey({ autoIncrement: true }),
    id: text().notNull(),
    yardId: text().notNull(),
    hiveId: text().notNull(),
    sort: text().$type<EntrySort>().notNull(),
    /** By the clock where the hive stands. */
    at: text().notNull(),
    madeAt: text().notNull(),
    receivedAt: text().notNull(),
    /** The first entry of its chain. */
    chain: text().notNull(),
    /** What an answer is to. */
    about: text(),
    /** The last of its chain, and it withdraws nothing. */
    isCurrent: integer({ mode: 'boolean' }).notNull(),
    entry: text({ mode: 'json' }).$type<Entry>().notNull(),
  },
  (table) => [
    uniqueIndex('book_entries_once').on(table.yardId, table.id),
    index('book_entries_by_chain').on(table.yardId, table.chain),
    index('book_entries_by_hive').on(table.yardId, table.hiveId, table.at),
    index('book_entries_current')
      .on(table.yardId, table.sort, table.hiveId, table.at)
      .where(sql`is_current`),
    index('book_entries_about')
      .on(table.yardId, table.about)
      .where(sql`about IS NOT NULL AND is_current`),
  ],
)

/** Hives that went from one yard to another: what is written of them later still finds them. */
export const hiveMoves = sqliteTable(
  'hive_moves',
  {
    sequence: integer().primaryKey({ autoIncrement: true }),
    yardId: text().notNull(),
    hiveId: text().notNull(),
    toYardId: text().notNull(),
    toHiveId: text().notNull(),
    movedAt: text().notNull(),
  },
  (table) => [index('hive_moves_from').on(table.yardId, table.hiveId)],
)

/** What holds for the whole database, by its name. */
export const settings = sqliteTable('settings', {
  name: text().primaryKey(),
  value: text().notNull(),
})
