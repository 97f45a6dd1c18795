import { closeSync, existsSync, fsyncSync, mkdirSync, openSync, renameSync, rmSync, statSync } from 'node:fs'
import { dirname, resolve } from 'node:path'
import { createClient, type Client } from '@libsql/client'
import { drizzle, type LibSQLDatabase } from 'drizzle-orm/libsql'
import { migrate } from 'drizzle-orm/libsql/migrator'
import { readMigrationFiles } from 'drizzle-orm/migrator'
import { DatabaseFault, asFault, faultSentence, fileOf, type Fault } from './faults'
import * as schema from './schema'

export type Database = LibSQLDatabase<typeof schema>

export interface OpenDatabase {
  readonly client: Client
  readonly database: Database
}

/**
 * What every connection to a file is set to; the tests read them back from the live one. It waits for a lock only so
 * long, since nothing else is answered meanwhile; who asked tries again for some seconds.
 */
const PRAGMAS = { journal_mode: 'wal', synchronous: 2, foreign_keys: 1, busy_timeout: 250 } as const

const migrationsFolder = () => process.env.DUVET_MIGRATIONS ?? resolve('server/database/migrations')

/**
 * Opens the database at a libSQL address, brings it up to date and leaves a dated copy of a file that needed it.
 * One connection only: its settings then hold for everything that is done.
 * @throws DatabaseFault with the sentence for the keeper, and the file left as it is
 */
export async function openDatabase(
  url: string,
  today: string,
  authToken = process.env.DUVET_DATABASE_TOKEN,
): Promise<OpenDatabase> {
  const path = fileOf(url)
  try {
    return await open(url, path, today, authToken)
  } catch (error) {
    throw asFault(error, path, true)
  }
}

async function open(
  url: string,
  path: string | undefined,
  today: string,
  authToken: string | undefined,
): Promise<OpenDatabase> {
  const wasThere = path !== undefined && existsSync(path)
  if (wasThere && statSync(path).isDirectory()) throw fault('folder', path)
  if (path) mkdirSync(dirname(path), { recursive: true })
  const client = createClient({ url, concurrency: 1, ...(authToken ? { authToken } : {}) })
  try {
    const pending = await pendingMigrations(client, path)
    if (path) {
      await mustBeSoundAndWritable(client, path)
      for (const [name, value] of Object.entries(PRAGMAS)) await client.execute(`PRAGMA ${name} = ${value}`)
    }
    const database = drizzle(client, { schema, casing: 'snake_case' })
    if (wasThere && pending > 0 && statSync(path).size > 0) await backUp(client, path, today)
    await migrate(database, { migrationsFolder: migrationsFolder() })
    if (path) await client.execute('PRAGMA foreign_keys = 1')
    return { client, database }
  } catch (error) {
    client.close()
    throw error
  }
}

/** A second connection to a database that is open and up to date already. */
export async function connectAgain(url: string): Promise<OpenDatabase> {
  const client = createClient({
    url,
    concurrency: 1,
    ...(process.env.DUVET_DATABASE_TOKEN ? { authToken: process.env.DUVET_DATABASE_TOKEN } : {}),
  })
  if (fileOf(url))
    for (const [name, value] of Object.entries(PRAGMAS)) await client.execute(`PRAGMA ${name} = ${value}`)
  return { client, database: drizzle(client, { schema, casing: 'snake_case' }) }
}

type Transaction = Parameters<Parameters<Database['transaction']>[0]>[0]

/**
 * All of it or nothing. An error of the database is told as it was: it may have ended the transaction by itself, which
 * the rollback would then complain of instead.
 */
export async function inTransaction<T>(database: Database, work: (tx: Transaction) => Promise<T>): Promise<T> {
  let cause: unknown
  try {
    return await database.transaction(async (tx) => {
      try {
        return await work(tx)
      } catch (error) {
        cause = error
        throw error
      }
    })
  } catch (error) {
    throw cause ?? error
  }
}

function fault(kind: Fault, path: string | undefined): DatabaseFault {
  return new DatabaseFault(kind, faultSentence(kind, path))
}

/** How many migrations are still to be made; refuses what another program, or a newer Duvet, has written. */
async function pendingMigrations(client: Client, path: string | undefined): Promise<number> {
  const known = readMigrationFiles({ migrationsFolder: migrationsFolder() }).map(({ folderMillis }) => folderMillis)
  const tables = (
    await client.execute(`SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'`)
  ).rows.map((row) => String(row.name))
  if (!tables.includes('__drizzle_migrations')) {
    if (tables.length > 0) throw fault('foreign', path)
    return known.length
  }
  const done = (await client.execute('SELECT created_at AS at FROM __drizzle_migrations')).rows.map((row) =>
    Number(row.at),
  )
  if (done.length > 0 && (!tables.includes('yards') || !done.includes(known[0]!))) throw fault('foreign', path)
  if (done.some((at) => at > known.at(-1)!)) throw fault('newer', path)
  return known.length - done.length
}

async function mustBeSoundAndWritable(client: Client, path: string): Promise<void> {
  const check = await client.execute('PRAGMA quick_check(1)')
  if (Object.values(check.rows[0] ?? {})[0] !== 'ok') throw fault('damaged', path)
  await client.batch(['SELECT 1'], 'write')
}

/**
 * A copy of the whole file beside it, named by the day; a second one on the same day gets a number. It gets its name
 * only when all of it is on the disk.
 */
async function backUp(client: Client, path: string, today: string): Promise<void> {
  let target = `${path}.before-${today}`
  for (let n = 2; existsSync(target); n++) target = `${path}.before-${today}-${n}`
  const part = `${target}.part`
  rmSync(part, { force: true })
  await client.execute({ sql: 'VACUUM INTO ?', args: [part] })
  flush(part)
  renameSync(part, target)
  flush(dirname(path))
}

function flush(path: string): void {
  const handle = openSync(path, 'r')
  fsyncSync(handle)
  closeSync(handle)
}
