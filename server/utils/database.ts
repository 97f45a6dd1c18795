import { openDatabase, type Database, type OpenDatabase } from '../database/client'
import { DatabaseFault, asFault, fileOf } from '../database/faults'
import { patiently } from '../database/patience'
import { refusal } from './answers'

/** How long a lock is waited for. */
const LOCKED_MS = 5000

let opening: Promise<OpenDatabase> | undefined
let last: Promise<unknown> = Promise.resolve()

export const databaseUrl = () => process.env.DUVET_DATABASE ?? 'file:data/duvet.db'

/** The database of this server, opened once. */
export function openOnce(): Promise<OpenDatabase> {
  opening ??= openDatabase(databaseUrl(), new Date().toISOString().slice(0, 10))
  return opening
}

/**
 * Runs work on the database, one piece after the other: there is one connection. Work that meets a lock is begun again.
 */
export function withDatabase<T>(work: (database: Database) => Promise<T>): Promise<T> {
  const run = last
    .then(async () => {
      const { database } = await openOnce()
      return patiently(() => work(database), LOCKED_MS)
    })
    .catch((error: unknown) => {
      throw answered(error)
    })
  last = run.catch(() => undefined)
  return run
}

/** A fault of the database as an answer that names it. */
export function answered(error: unknown): unknown {
  const fault = asFault(error, fileOf(databaseUrl()))
  if (!(fault instanceof DatabaseFault)) return error
  console.error(fault.sentence)
  return refusal(
    fault.fault === 'full' ? 507 : 503,
    { field: 'database', sentence: fault.sentence },
    { fault: fault.fault },
  )
}
