import { index, integer, primaryKey, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import type { Played } from '#wire/keepers'
import { ofYard } from './yard-table'

/** Whoever may sign in. */
export const keepers = sqliteTable('keepers', {
  id: text().primaryKey(),
  name: text().notNull(),
  /** The name as it is compared: no two are alike but for capitals and accents. */
  nameKey: text().notNull().unique(),
  passHash: text().notNull(),
  madeAt: text().notNull(),
})

/** A device on which a keeper is signed in; known by the hash of what its cookie holds. */
export const keeperSessions = sqliteTable(
  'keeper_sessions',
  {
    idHash: text().primaryKey(),
    keeperId: text()
      .notNull()
      .references(() => keepers.id),
    /** The name of this server under which it was begun. */
    host: text().notNull(),
    madeAt: text().notNull(),
    endsAt: text().notNull(),
    endedAt: text(),
  },
  (table) => [index('keeper_sessions_by_keeper').on(table.keeperId)],
)

/** The part that a keeper plays in a yard. */
export const yardKeepers = sqliteTable(
  'yard_keepers',
  {
    yardId: ofYard(),
    keeperId: text()
      .notNull()
      .references(() => keepers.id),
    part: text().$type<Played>().notNull(),
    since: text().notNull(),
  },
  (table) => [primaryKey({ columns: [table.yardId, table.keeperId] })],
)

/** Invitations to yards: known by the hash of their token, used once, ended after a day. */
export const invitations = sqliteTable('invitations', {
  tokenHash: text().primaryKey(),
  yardId: ofYard(),
  /** Further yards that it is for. */
  alsoIn: text({ mode: 'json' }).$type<readonly string[]>(),
  part: text().$type<Played>().notNull(),
  madeBy: text().notNull(),
  endsAt: text().notNull(),
  usedBy: text(),
})

/** A key of a device that signs a keeper in, in the place of the passphrase. */
export const passkeys = sqliteTable(
  'passkeys',
  {
    id: text().primaryKey(),
    keeperId: text()
      .notNull()
      .references(() => keepers.id),
    /** The public half of it, base64url. */
    publicKey: text().notNull(),
    counter: integer().notNull(),
    transports: text({ mode: 'json' }).$type<readonly string[]>().notNull(),
    /** The name of this server that it is for. */
    host: text().notNull(),
    madeAt: text().notNull(),
    device: text().notNull(),
  },
  (table) => [index('passkeys_by_keeper').on(table.keeperId)],
)

/** What a device is to sign with its key, once and soon; known by its hash. */
export const passkeyChallenges = sqliteTable('passkey_challenges', {
  idHash: text().primaryKey(),
  /** Who is signed in as a key is made; empty where somebody signs in with one. */
  keeperId: text().notNull(),
  endsAt: text().notNull(),
})

/** Tries to sign in, counted for all servers of the database. */
export const signInTries = sqliteTable('sign_in_tries', {
  key: text().primaryKey(),
  count: integer().notNull(),
  endsAt: text().notNull(),
})
