import { openDatabase, type Database, type OpenDatabase } from '../database/client'
import { DatabaseFault, asFault, faultKind, fileOf } from '../database/faults'
import { refusal } from './answers'

/** How long a lock of another program, or of a file being brought in, is waited for. */
const LOCKED_MS = 5000
const AGAIN_MS = 60

let opening: Promise<OpenDatabase> | undefined
let last: Promise<unknown> = Promise.resolve()

export const databaseUrl = () => process.env.DUVET_DATABASE ?? 'file:data/duvet.db'

/** The database of this server, opened once. */
export function openOnce(): Promise<OpenDatabase> {
  opening ??= openDatabase(databaseUrl(), new Date().toISOString().slice(0, 10))
  return opening
}

/** Runs work on the database, one piece after the other: there is one connection. Work that meets a lock is begun again. */
export function withDatabase<T>(work: (database: Database) => Promise<T>): Promise<T> {
  const run = last.then(async () => patiently(work, (await openOnce()).database)).catch((error: unknown) => { throw answered(error) })
  last = run.catch(() => undefined)
  return run
}

async function patiently<T>(work: (database: Database) => Promise<T>, database: Database): Promise<T> {
  for (const until = performance.now() + LOCKED_MS; ;) {
    try {
      return await work(database)
    } catch (error) {
      if (faultKind(error) !== 'locked' || performance.now() > until) throw error
      await new Promise((resolve) => setTimeout(resolve, AGAIN_MS))
    }
  }
}

/** A fault of the database as an answer that names it. */
export function answered(error: unknown): unknown {
  const fault = asFault(error, fileOf(databaseUrl()))
  if (!(fault instanceof DatabaseFault)) return error
  console.error(fault.sentence)
  return refusal(fault.fault === 'full' ? 507 : 503, { field: 'database', sentence: fault.sentence }, { fault: fault.fault })
}
