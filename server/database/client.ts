import { existsSync, mkdirSync } from 'node:fs'
import { dirname, resolve } from 'node:path'
import { createClient, type Client } from '@libsql/client'
import { drizzle, type LibSQLDatabase } from 'drizzle-orm/libsql'
import { migrate } from 'drizzle-orm/libsql/migrator'
import { readMigrationFiles } from 'drizzle-orm/migrator'
import * as schema from './schema'

export type Database = LibSQLDatabase<typeof schema>

export interface OpenDatabase {
  readonly client: Client
  readonly database: Database
}

/** What every connection to a file is set to; the tests read them back from the live one. */
export const PRAGMAS = { journal_mode: 'wal', synchronous: 2, foreign_keys: 1, busy_timeout: 5000 } as const

const migrationsFolder = () => process.env.DUVET_MIGRATIONS ?? resolve('server/database/migrations')

/**
 * Opens the database at a libSQL address, brings it up to date and leaves a dated copy of a file that needed it.
 * One connection only: its settings then hold for everything that is done.
 */
export async function openDatabase(url: string, today: string, authToken = process.env.DUVET_DATABASE_TOKEN): Promise<OpenDatabase> {
  const path = url.startsWith('file:') ? url.slice('file:'.length) : undefined
  if (path) mkdirSync(dirname(resolve(path)), { recursive: true })
  const wasThere = path !== undefined && existsSync(path)
  const client = createClient({ url, concurrency: 1, ...(authToken ? { authToken } : {}) })
  if (path) for (const [name, value] of Object.entries(PRAGMAS)) await client.execute(`PRAGMA ${name} = ${value}`)
  const database = drizzle(client, { schema, casing: 'snake_case' })
  if (wasThere && (await pendingMigrations(client)) > 0) await backUp(client, path, today)
  await migrate(database, { migrationsFolder: migrationsFolder() })
  if (path) await client.execute('PRAGMA foreign_keys = 1')
  return { client, database }
}

async function pendingMigrations(client: Client): Promise<number> {
  const known = readMigrationFiles({ migrationsFolder: migrationsFolder() }).length
  const table = await client.execute(`SELECT name FROM sqlite_master WHERE name = '__drizzle_migrations'`)
  if (table.rows.length === 0) return known
  const done = await client.execute('SELECT count(*) AS n FROM __drizzle_migrations')
  return known - Number(done.rows[0]?.n ?? 0)
}

/** A copy of the whole file beside it, named by the day; a second one on the same day gets a number. */
async function backUp(client: Client, path: string, today: string): Promise<void> {
  let target = `${path}.before-${today}`
  for (let n = 2; existsSync(target); n++) target = `${path}.before-${today}-${n}`
  await client.execute({ sql: 'VACUUM INTO ?', args: [resolve(target)] })
}
