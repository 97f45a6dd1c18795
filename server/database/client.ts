import { closeSync, existsSync, fsyncSync, mkdirSync, openSync, renameSync, rmSync, statSync } from 'node:fs'
import { dirname } from 'node:path'
import { createClient, type Client } from '@libsql/client'
import { drizzle, type LibSQLDatabase } from 'drizzle-orm/libsql'
import { DatabaseFault, asFault, faultSentence, fileOf } from './faults'
import { askingAgain } from './patience'
import { bringUpToDate, mustBeOurs } from './migrate'
import { inOneBatch } from './one-batch'
import * as schema from './schema'

/** The database as queries use it. */
export type Database = LibSQLDatabase<typeof schema> & { readonly $client: Client }
/** What reads and writes a database: itself, or a piece of work that stands or falls together. */
export type Writer = Pick<Database, 'select' | 'selectDistinct' | 'insert' | 'update' | 'delete' | 'run' | '$count'>

/** A database that is open, and how it is closed. */
export interface OpenDatabase {
  readonly client: Client
  readonly database: Database
}

/** Where a database is: a file, a libSQL server, or a file here that is kept as a replica of such a server. */
export interface Address {
  readonly url: string
  readonly token?: string | undefined
  /** A file of this machine that is read instead of the server; what is written goes to the server. */
  readonly replica?: string | undefined
}

/**
 * What every connection to a file is set to; the tests read them back from the live one. It waits for a lock only so
 * long, since nothing else is answered meanwhile; who asked tries again for some seconds.
 */
const PRAGMAS = { journal_mode: 'wal', synchronous: 2, foreign_keys: 1, busy_timeout: 250 } as const
/** A replica asks the server for what is new so often, s; what is written here is read here at once. */
const REPLICA_S = 20

/** The address as the environment names it. */
export function addressOf(url: string): Address {
  return { url, token: process.env.DUVET_DATABASE_TOKEN, replica: process.env.DUVET_DATABASE_REPLICA }
}

/**
 * Opens the database at a libSQL address, brings it up to date and leaves a dated copy of a file that needed it.
 * One connection to a file only: its settings then hold for everything that is done.
 * @throws DatabaseFault with the sentence for the keeper, and the file left as it is
 */
export async function openDatabase(address: string | Address, today: string): Promise<OpenDatabase> {
  const at = typeof address === 'string' ? addressOf(address) : address
  const path = fileOf(at.url)
  try {
    return await open(at, path, today)
  } catch (error) {
    throw asFault(error, path, true)
  }
}

async function open(address: Address, path: string | undefined, today: string): Promise<OpenDatabase> {
  const wasThere = path !== undefined && existsSync(path)
  if (wasThere && statSync(path).isDirectory()) throw new DatabaseFault('folder', faultSentence('folder', path))
  if (path) mkdirSync(dirname(path), { recursive: true })
  const isWhole = path !== undefined && wasThere && statSync(path).size > 0 && !existsSync(`${path}-wal`)
  const client = connect(address)
  try {
    await mustBeOurs(client, path)
    // A file that was written and has nothing in it was copied without what stood beside it.
    if (isWhole && !(await hasTables(client))) throw new DatabaseFault('empty', faultSentence('empty', path))
    if (path) await setUp(client, path)
    await bringUpToDate(client, path, async () => {
      if (wasThere && statSync(path).size > 0) await backUp(client, path, today)
    })
    if (path) await client.execute('PRAGMA foreign_keys = 1')
    return { client, database: drizzle(client, { schema, casing: 'snake_case' }) }
  } catch (error) {
    client.close()
    throw error
  }
}

async function hasTables(client: Client): Promise<boolean> {
  const { rows } = await client.execute(`SELECT 1 FROM sqlite_master WHERE type = 'table' LIMIT 1`)
  return rows.length > 0
}

/** Ends the work on a database: what stands beside its file goes into it, so that a copy of the file alone is whole. */
export async function closeDatabase({ client }: OpenDatabase, { url }: Pick<Address, 'url'>): Promise<void> {
  if (fileOf(url)) await client.execute('PRAGMA wal_checkpoint(TRUNCATE)').catch(() => {})
  client.close()
}

/** Clients whose every statement is a round trip to a server. */
const lines = new WeakSet<Client>()

export const overALine = (client: Client): boolean => lines.has(client)

function connect({ url, token, replica }: Address): Client {
  const config = { ...(token ? { authToken: token } : {}) }
  if (fileOf(url)) return createClient({ ...config, url, concurrency: 1 })
  const client = askingAgain(
    replica
      ? createClient({ ...config, url: replica, syncUrl: url, syncInterval: REPLICA_S, readYourWrites: true })
      : createClient({ ...config, url }),
  )
  lines.add(client)
  return client
}

async function setUp(client: Client, path: string): Promise<void> {
  const check = await client.execute('PRAGMA quick_check(1)')
  if (Object.values(check.rows[0] ?? {})[0] !== 'ok') throw new DatabaseFault('damaged', faultSentence('damaged', path))
  await client.batch(['SELECT 1'], 'write')
  await configure(client)
}

async function configure(client: Client): Promise<void> {
  for (const [name, value] of Object.entries(PRAGMAS)) await client.execute(`PRAGMA ${name} = ${value}`)
}

/**
 * Another connection to a file whose lock was met: what was refused stays under way on the one before until it is
 * cleared away, and nothing written on it could be committed. A line to a server needs none.
 */
export async function connectAnew({ client }: OpenDatabase, { url }: Pick<Address, 'url'>): Promise<void> {
  if (!fileOf(url)) return
  client.reconnect()
  await configure(client)
}

/** A second connection to a database that is open and up to date already. */
export async function connectAgain(address: Address): Promise<OpenDatabase> {
  const client = connect(address)
  if (fileOf(address.url)) await configure(client)
  return { client, database: drizzle(client, { schema, casing: 'snake_case' }) }
}

/**
 * All of it or nothing. An error of the database is told as it was: it may have ended the transaction by itself, which
 * the rollback would then complain of instead. Over a line everything that is written goes in one round trip.
 */
export async function inTransaction<T>(database: Database, work: (tx: Writer) => Promise<T>): Promise<T> {
  if (overALine(database.$client))
    return inOneBatch(database.$client, (held) => work(drizzle(held, { schema, casing: 'snake_case' })))
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
