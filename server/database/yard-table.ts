import type { ColumnBuilderBase } from 'drizzle-orm'
import { integer, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import type { HangingPattern, Pattern, Override } from '#core/parts'
import type { OwnFigure } from '#core/figures'
import type { BandPreset, YardAsKept, YardSeason } from '#core/yard'

/** A column for each field of the model, in the model's order: a field without one does not compile. */
export type ColumnsOf<Field extends PropertyKey> = Readonly<Record<Field, ColumnBuilderBase>>

/** Identities are a yard's own: everything below a yard is found by the yard and its identity. */
export const yards = sqliteTable('yards', {
  ...({
    id: text().primaryKey(),
    name: text().notNull(),
    note: text().notNull(),
    band: text().$type<BandPreset>().notNull(),
    prolific: integer({ mode: 'boolean' }).notNull().default(false),
    season: text({ mode: 'json' }).$type<YardSeason>(),
    overrides: text({ mode: 'json' }).$type<readonly Override[]>().notNull().default([]),
    figures: text({ mode: 'json' }).$type<readonly OwnFigure[]>().notNull().default([]),
    patterns: text({ mode: 'json' }).$type<readonly Pattern[]>().notNull().default([]),
    hanging: text({ mode: 'json' }).$type<readonly HangingPattern[]>().notNull().default([]),
  } satisfies ColumnsOf<Exclude<keyof YardAsKept, 'hives' | 'parts'>>),
  position: integer().notNull(),
  revision: integer().notNull(),
  /** When the yard was taken away; it stays, and can be brought back. */
  removedAt: text(),
})

export const ofYard = () =>
  text()
    .notNull()
    .references(() => yards.id)
