import { openDatabase, type Database, type OpenDatabase } from '../database/client'

let opening: Promise<OpenDatabase> | undefined
let last: Promise<unknown> = Promise.resolve()

/** The database of this server, opened once. */
export function openOnce(): Promise<OpenDatabase> {
  opening ??= openDatabase(process.env.DUVET_DATABASE ?? 'file:data/duvet.db', new Date().toISOString().slice(0, 10))
  return opening
}

/** Runs work on the database, one piece after the other: there is one connection. */
export function withDatabase<T>(work: (database: Database) => Promise<T>): Promise<T> {
  const run = last.then(async () => work((await openOnce()).database))
  last = run.catch(() => undefined)
  return run
}
