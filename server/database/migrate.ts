import { there } from '#core/units'
import type { Client, InStatement } from '@libsql/client'
import { readMigrationFiles } from 'drizzle-orm/migrator'
import { resolve } from 'node:path'
import { DatabaseFault, faultKind, faultSentence, type Fault } from './faults'

const migrationsFolder = () => process.env.DUVET_MIGRATIONS ?? resolve('server/database/migrations')
/** Another server that migrates is waited for so long. */
const OTHERS_MS = 60_000
const AGAIN_MS = 200

/** The table in which the migrations that are done are listed; its shape is the one of drizzle-orm. */
const DONE = '__drizzle_migrations'
const MAKE_DONE = `CREATE TABLE IF NOT EXISTS ${DONE} (id SERIAL PRIMARY KEY, hash text NOT NULL, created_at numeric)`

type Migration = ReturnType<typeof readMigrationFiles>[number]

/**
 * Brings a database up to date. Where several servers open it at once, one of them migrates and the others wait: each
 * migration stands in one transaction with a look at how many were done before it.
 * @param before called once before the first change, where something is to be kept of what was there
 * @throws DatabaseFault where another program, or a newer Duvet, has written it
 */
export async function bringUpToDate(
  client: Client,
  path: string | undefined,
  before: () => Promise<void>,
): Promise<void> {
  const all = readMigrationFiles({ migrationsFolder: migrationsFolder() })
  let isKept = false
  for (const until = Date.now() + OTHERS_MS; ;) {
    const done = await doneMigrations(client, path, all)
    if (done.length === all.length) return
    if (!isKept) await before()
    isKept = true
    try {
      await client.migrate(statementsFor(all, done.length))
    } catch (error) {
      const others = (await doneMigrations(client, path, all)).length > done.length
      if ((!others && faultKind(error) !== 'locked') || Date.now() > until) throw error
      await new Promise((again) => setTimeout(again, AGAIN_MS))
    }
  }
}

/**
 * Looks whether a database is one of ours, before anything of it is changed.
 * @throws DatabaseFault where another program, or a newer Duvet, has written it
 */
export async function mustBeOurs(client: Client, path: string | undefined): Promise<void> {
  await doneMigrations(client, path, readMigrationFiles({ migrationsFolder: migrationsFolder() }))
}

function statementsFor(all: readonly Migration[], done: number): InStatement[] {
  return [
    MAKE_DONE,
    // Takes the lock of a writer before anything is read.
    `DELETE FROM ${DONE} WHERE 0`,
    { sql: `SELECT CASE WHEN (SELECT count(*) FROM ${DONE}) <> ? THEN json('others were here') END`, args: [done] },
    ...all
      .slice(done)
      .flatMap(({ sql, hash, folderMillis }): InStatement[] => [
        ...sql,
        { sql: `INSERT INTO ${DONE} (hash, created_at) VALUES (?, ?)`, args: [hash, folderMillis] },
      ]),
  ]
}

/** Migrations that are done; refuses what another program, or a newer Duvet, has written. */
async function doneMigrations(client: Client, path: string | undefined, all: readonly Migration[]): Promise<number[]> {
  const tables = (
    await client.execute(`SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'`)
  ).rows.map((row) => String(row.name))
  if (!tables.includes(DONE)) {
    if (tables.length > 0) throw fault('foreign', path)
    return []
  }
  const known = all.map(({ folderMillis }) => folderMillis)
  const done = (await client.execute(`SELECT created_at AS at FROM ${DONE}`)).rows.map((row) => Number(row.at))
  if (done.length > 0 && (!tables.includes('yards') || !done.includes(known[0]!))) throw fault('foreign', path)
  if (done.some((at) => at > there(known.at(-1)))) throw fault('newer', path)
  return done
}

function fault(kind: Fault, path: string | undefined): DatabaseFault {
  return new DatabaseFault(kind, faultSentence(kind, path))
}
