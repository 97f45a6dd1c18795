import { there } from '#core/units'
import { randomUUID } from 'node:crypto'
import type { Client, InStatement, InValue, ResultSet } from '@libsql/client'
import { overALine } from '../client'
import { DatabaseFault, faultSentence } from '../faults'
import { markOf } from '../one-batch'

/** Rows that are asked for at a time. */
const PAGE = 2000
/** Tables that say what the database is, not what is in it. */
const OWN = new Set(['__drizzle_migrations'])

/** The tables of a database that hold what the keeper has. */
export async function tablesOf(client: Client): Promise<string[]> {
  const { rows } = await client.execute(
    `SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' ORDER BY name`,
  )
  return rows.map((row) => String(row.name)).filter((name) => !OWN.has(name))
}

/** A copy over a line is begun again so often where somebody writes meanwhile. */
const TRIES = 10

/**
 * Puts all that is in one database in the place of what is in another of the same version, in one transaction: who
 * reads meanwhile sees the one or the other.
 */
export async function copyInto(from: Client, to: Client): Promise<void> {
  const statements: InStatement[] = (await tablesOf(to)).map((table) => `DELETE FROM "${table}"`)
  statements.push(...(await rowsOf(from)))
  // Whoever was signed in, or invited, when the copy was made signs in anew.
  statements.push('DELETE FROM keeper_sessions', 'DELETE FROM invitations', 'DELETE FROM passkey_challenges')
  // Whoever holds yards in memory by their revision reads them anew.
  statements.push({
    sql: `INSERT INTO settings (name, value) VALUES ('epoch', ?) ON CONFLICT (name) DO UPDATE SET value = excluded.value`,
    args: [randomUUID()],
  })
  await to.migrate(statements)
}

/** Every row of one moment, as statements that put it in. */
async function rowsOf(from: Client): Promise<InStatement[]> {
  const tables = await tablesOf(from)
  if (!overALine(from)) {
    const reading = await from.transaction('read')
    try {
      return await pagesOf(tables, reading)
    } finally {
      reading.close()
    }
  }
  // A server ends a transaction that stays open for seconds: the mark tells whether all pages are of one moment.
  for (let tries = 0; tries < TRIES; tries++) {
    const before = await markOf(from)
    const statements = await pagesOf(tables, from)
    if ((await markOf(from)) === before) return statements
  }
  throw new DatabaseFault('locked', faultSentence('locked', undefined))
}

async function pagesOf(tables: readonly string[], reading: Pick<Client, 'execute'>): Promise<InStatement[]> {
  const statements: InStatement[] = []
  for (const table of tables)
    for (let after: InValue = -1; ;) {
      const { columns, rows }: ResultSet = await reading.execute({
        sql: `SELECT rowid AS "copied row", * FROM "${table}" WHERE rowid > ? ORDER BY rowid LIMIT ${PAGE}`,
        args: [after],
      })
      const names = columns.slice(1)
      const into = names.map((name) => `"${name}"`).join(', ')
      const sql = `INSERT INTO "${table}" (${into}) VALUES (${names.map(() => '?').join(', ')})`
      for (const row of rows) statements.push({ sql, args: names.map((name) => row[name] ?? null) })
      if (rows.length < PAGE) break
      after = there(rows.at(-1))['copied row'] ?? null
    }
  return statements
}
