import { fieldOf } from '#core/units'
import { readdirSync } from 'node:fs'
import { basename, dirname, resolve } from 'node:path'

/** What a database would not do, as its routes answer it. */
export type Fault =
  | 'full'
  | 'locked'
  | 'damaged'
  | 'read-only'
  | 'foreign'
  | 'newer'
  | 'folder'
  | 'no-place'
  | 'address'
  | 'disk'
  | 'away'
  | 'token'
  | 'empty'
  | 'another'

/** The database cannot do what is asked of it, with what a person can do about it. */
export class DatabaseFault extends Error {
  constructor(
    readonly fault: Fault,
    readonly sentence: string,
  ) {
    super(sentence)
  }
}

/** The file behind a libSQL address, or undefined for a server. */
export function fileOf(url: string): string | undefined {
  return url.startsWith('file:')
    ? resolve(
        url
          .slice('file:'.length)
          .replace(/^\/\/\//, '/')
          .replace(/\?.*$/, ''),
      )
    : undefined
}

/** Errors of files and folders that keep a database from being opened. */
const OPENING: Readonly<Record<string, Fault>> = {
  EROFS: 'read-only',
  EACCES: 'no-place',
  EPERM: 'no-place',
  ENOTDIR: 'no-place',
  EEXIST: 'no-place',
  ENOENT: 'no-place',
  ENOSPC: 'full',
}

/** What kind of fault an error of the database is; undefined where it is none. */
export function faultKind(error: unknown): Fault | undefined {
  for (let one = error, n = 0; one && n < 5; one = fieldOf(one, 'cause'), n++) {
    const code = String(fieldOf(one, 'code') ?? '')
    if (code.startsWith('SQLITE_FULL')) return 'full'
    if (code.startsWith('SQLITE_BUSY') || code.startsWith('SQLITE_LOCKED')) return 'locked'
    if (code.startsWith('SQLITE_CORRUPT') || code.startsWith('SQLITE_NOTADB')) return 'damaged'
    if (code.startsWith('SQLITE_READONLY')) return 'read-only'
    if (code.startsWith('SQLITE_CANTOPEN')) return 'no-place'
    if (code.startsWith('SQLITE_IOERR')) return 'disk'
    if (code.startsWith('URL_')) return 'address'
    const found = serverFault(code, one)
    if (found) return found
  }
  return undefined
}

/** Whether a database server is away, or does not know who asks. */
function serverFault(code: string, error: unknown): Fault | undefined {
  const message = String(fieldOf(error, 'message') ?? '')
  if (code === 'SERVER_ERROR') return /\b40[13]\b/.test(message) ? 'token' : 'away'
  const isAway =
    AWAY.has(code) ||
    code.startsWith('HRANA_') ||
    code.startsWith('UND_ERR') ||
    code === 'TRANSACTION_CLOSED' ||
    message === 'fetch failed'
  return isAway ? 'away' : undefined
}
const AWAY = new Set(['ECONNREFUSED', 'ECONNRESET', 'ENOTFOUND', 'ETIMEDOUT', 'EAI_AGAIN', 'EPIPE', 'STREAM_EXPIRED'])

/** The newest of the dated copies beside a file: by its name only. */
function lastGoodCopy(path: string | undefined): string | undefined {
  if (!path) return undefined
  try {
    return readdirSync(dirname(path))
      .filter((name) => name.startsWith(`${basename(path)}.before-`) && !name.endsWith('.part'))
      .sort()
      .at(-1)
  } catch {
    return undefined
  }
}

/** The sentence for a fault: what is wrong, that nothing was changed, and what to do. */
export function faultSentence(fault: Fault, path: string | undefined): string {
  const name = path ? basename(path) : 'the database'
  const theFile = path ? `The file ${name}` : 'The database'
  const copy = lastGoodCopy(path)
  switch (fault) {
    case 'full':
      return 'The disk is full: this was not saved. Make room on it; what waits is kept and sent again.'
    case 'locked':
      return (
        `Another program keeps ${name} locked: this was not saved yet. Close it; what waits is ` +
        'kept and sent again.'
      )
    case 'damaged':
      return (
        `${theFile} is damaged. ` +
        (copy
          ? `The last good copy is ${copy}, beside it: put it in its place.`
          : 'No copy stands beside it: start with another file and bring in a saved plan file.')
      )
    case 'read-only':
      return (
        `${theFile} can only be read: allow writing to it and to its folder, or name ` + 'another with DUVET_DATABASE.'
      )
    case 'foreign':
      return `${theFile} belongs to another program. It was left as it is: name another one with DUVET_DATABASE.`
    case 'newer':
      return (
        `${theFile} was written by a newer Duvet. It was left as it is: start that newer ` +
        `one${copy ? `, or use the copy ${copy}` : ''}.`
      )
    case 'folder':
      return `${name} is a folder: name a file in it, such as DUVET_DATABASE=file:${name}/duvet.db.`
    case 'no-place':
      return `${theFile} cannot be opened or made: look whether its folder is there and may be written to.`
    case 'address':
      return 'DUVET_DATABASE is no address of a database: write a file as file:data/duvet.db, a server as libsql://its.name.'
    case 'away':
      return (
        'The server of the database does not answer as it should: this was not saved yet. What waits is kept and ' +
        'sent again.'
      )
    case 'token':
      return (
        'The server of the database does not know this token, or it has ended: this was not saved. Set ' +
        'DUVET_DATABASE_TOKEN to a new one and start Duvet again; what waits is kept and sent again.'
      )
    case 'empty':
    case 'another':
      return copySentence(fault, theFile, name)
    case 'disk':
      return (
        `The disk does not read or write ${name} as it should: this was not saved. Look at the ` +
        'disk before going on.'
      )
  }
}

/** Why a copy is not put back. */
function copySentence(fault: 'empty' | 'another', theFile: string, name: string): string {
  switch (fault) {
    case 'empty':
      return (
        `${theFile} holds nothing: it may have been copied without the file ${name}-wal that stood beside it. Copy both, ` +
        'or make a copy with npm run backup. To begin anew with it, delete it first.'
      )
    case 'another':
      return (
        `${theFile} is a copy of another database, or was made before copies knew whose they are: nothing was put back. ` +
        'Where it is the right one all the same: npm run restore -- FILE --another.'
      )
  }
}

/** An error of the database as a fault with its sentence; any other error as it is. */
export function asFault(error: unknown, path: string | undefined, opening = false): unknown {
  if (error instanceof DatabaseFault) return error
  const fault = faultKind(error) ?? (opening ? OPENING[String(fieldOf(error, 'code'))] : undefined)
  return fault ? new DatabaseFault(fault, faultSentence(fault, path)) : error
}
