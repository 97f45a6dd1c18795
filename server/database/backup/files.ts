import { copyFileSync, existsSync, mkdirSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs'
import { dirname, join } from 'node:path'
import type { Client } from '@libsql/client'
import { connectAgain, openDatabase, type Address } from '../client'
import { asFault, DatabaseFault, faultSentence, fileOf } from '../faults'
import { copyInto, tablesOf } from './copy'
import { identityOf } from './identity'

/** What a copy holds, as it was counted when it was opened again. */
export interface Counted {
  readonly yards: number
  readonly hives: number
  readonly entries: number
}

const YEAR_0 = '0000-00-00'

async function count(client: Client): Promise<Counted> {
  const number = async (table: string) =>
    Number((await client.execute(`SELECT count(*) AS n FROM ${table}`)).rows[0]?.n ?? 0)
  return { yards: await number('yards'), hives: await number('hives'), entries: await number('book_entries') }
}

/**
 * Writes a consistent copy of a database into a file while it is in use, and opens it to see that it is whole. The file
 * gets its name only then.
 * @throws DatabaseFault, and there is no such file
 */
export async function backUpTo(address: Address, file: string): Promise<Counted> {
  const source = fileOf(address.url)
  if (source && !existsSync(source))
    throw new DatabaseFault('no-place', `There is no database ${source}: name yours with DUVET_DATABASE.`)
  const part = `${file}.part`
  mkdirSync(dirname(file), { recursive: true })
  rmSync(part, { force: true })
  const { client } = await connectAgain(address)
  try {
    if (fileOf(address.url)) await client.execute({ sql: 'VACUUM INTO ?', args: [part] })
    else {
      const made = await openDatabase({ url: `file:${part}` }, YEAR_0)
      await copyInto(client, made.client)
      await made.client.execute('PRAGMA wal_checkpoint(TRUNCATE)')
      await made.client.execute('PRAGMA journal_mode = delete')
      made.client.close()
    }
    const counted = await looked(part)
    renameSync(part, file)
    // A copy by hand of the file alone is whole then too: nothing is left in what stands beside it.
    if (source) await client.execute('PRAGMA wal_checkpoint(TRUNCATE)').catch(() => {})
    return counted
  } finally {
    client.close()
    for (const end of ['', '-wal', '-shm']) rmSync(`${part}${end}`, { force: true })
  }
}

/** Opens a copy as Duvet would, without changing it; what is in it. */
async function looked(file: string): Promise<Counted> {
  return withCopy(file, ({ client }) => count(client))
}

/** Works on a copy of a file, with what is written beside it and not in it yet, so that the file stays as it is. */
async function withCopy<T>(
  file: string,
  work: (opened: { client: Client; identity?: string }) => Promise<T>,
): Promise<T> {
  const copy = `${file}.look`
  copyFileSync(file, copy)
  if (existsSync(`${file}-wal`)) copyFileSync(`${file}-wal`, `${copy}-wal`)
  try {
    // Asked before it is brought up to date: an older copy does not know whose it is.
    const identity = await identityIn(copy)
    const opened = await openDatabase({ url: `file:${copy}` }, YEAR_0)
    try {
      return await work({ client: opened.client, ...(identity ? { identity } : {}) })
    } finally {
      opened.client.close()
    }
  } finally {
    for (const name of readdirSync(dirname(copy)))
      if (join(dirname(copy), name).startsWith(copy)) rmSync(join(dirname(copy), name), { force: true })
  }
}

/** Whose a copy is, as it stands. @throws DatabaseFault where there is nothing in it */
async function identityIn(copy: string): Promise<string | undefined> {
  const { client } = await connectAgain({ url: `file:${copy}` }).catch((error: unknown) => {
    throw asFault(error, copy.replace(/\.look$/, ''), true)
  })
  try {
    const tables = await tablesOf(client).catch((error: unknown) => {
      throw asFault(error, copy, true)
    })
    if (!tables.includes('yards')) {
      const fault = tables.length > 0 ? 'foreign' : 'empty'
      throw new DatabaseFault(fault, faultSentence(fault, copy.replace(/\.look$/, '')))
    }
    return await identityOf(client)
  } finally {
    client.close()
  }
}

/** What is asked of putting a copy back. */
export interface Restoring {
  /** Put in the place of another database than the one that it is a copy of. */
  readonly evenAnother?: boolean
}

/**
 * Puts a copy in the place of what is in a database, which may be in use; what was there is kept in `before` first.
 * @throws DatabaseFault where the copy is empty, or is of another database and that was not said, and the database is as
 * it was
 */
export async function restoreFrom(
  file: string,
  address: Address,
  before: string,
  { evenAnother = false }: Restoring = {},
): Promise<Counted> {
  if (!existsSync(file))
    throw new DatabaseFault('no-place', `There is no file ${file}: name one that a backup has made.`)
  if (statSync(file).size === 0) throw new DatabaseFault('empty', faultSentence('empty', file))
  return withCopy(file, async (copy) => {
    if ((await count(copy.client)).yards === 0) throw new DatabaseFault('empty', faultSentence('empty', file))
    const target = await openDatabase(address, YEAR_0)
    try {
      const isInUse = (await count(target.client)).yards > 0
      if (isInUse && !evenAnother && copy.identity !== (await identityOf(target.client)))
        throw new DatabaseFault('another', faultSentence('another', file))
      if (isInUse) await backUpTo(address, before)
      await copyInto(copy.client, target.client)
      return await count(target.client)
    } finally {
      target.client.close()
    }
  })
}
