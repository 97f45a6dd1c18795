import pLimit from 'p-limit'
import {
  addressOf,
  closeDatabase,
  connectAnew,
  inTransaction,
  openDatabase,
  type Database,
  type OpenDatabase,
} from '../database/client'
import { DatabaseFault, asFault, fileOf } from '../database/faults'
import { patiently } from '../database/patience'
import { Turns } from '../database/turns'
import { yardLease } from '../database/yard-lease'
import type { Writer } from '../database/yards'
import { refusal } from './answers'

/** How long a lock is waited for. */
const LOCKED_MS = 5000

let opening: Promise<OpenDatabase> | undefined
const databaseUrl = () => process.env.DUVET_DATABASE ?? 'file:data/duvet.db'
export const databaseAddress = () => addressOf(databaseUrl())
/** A file has one connection, so one piece of work at a time; a server takes several side by side. */
const AT_ONCE = 8
export const isOnFile = () => fileOf(databaseUrl()) !== undefined
const queue = pLimit(isOnFile() ? 1 : AT_ONCE)

/** The database of this server, opened once. */
export function openOnce(): Promise<OpenDatabase> {
  opening ??= openDatabase(databaseAddress(), new Date().toISOString().slice(0, 10))
  return opening
}

let turns: Promise<Turns> | undefined

/** Who writes to which yard, one after the other; several servers on one database agree about it there. */
export function turnsOnce(): Promise<Turns> {
  turns ??= isOnFile()
    ? Promise.resolve(new Turns())
    : openOnce().then(
        ({ client }) => new Turns(yardLease(client)),
        () => {
          turns = undefined
          return new Turns()
        },
      )
  return turns
}

/** Ends the work on it, once what is under way is done. */
export async function closeOnce(): Promise<void> {
  const opened = await opening?.catch(() => undefined)
  opening = undefined
  turns = undefined
  if (opened) await queue(() => closeDatabase(opened, databaseAddress()))
}

/**
 * Runs work on the database, as much at once as it takes. Work that meets a lock is begun again, and lets others by
 * meanwhile: who reads does not wait for the lock.
 */
export async function withDatabase<T>(work: (database: Database) => Promise<T>): Promise<T> {
  try {
    const opened = await openOnce()
    const anew = () => queue(() => connectAnew(opened, databaseAddress())).catch(() => {})
    return await patiently(() => queue(() => work(opened.database)), LOCKED_MS, anew)
  } catch (error) {
    throw answered(error)
  }
}

/** The same where several statements stand or fall together. */
export function inOneTransaction<T>(work: (tx: Writer) => Promise<T>): Promise<T> {
  return withDatabase((database) => inTransaction(database, work))
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
