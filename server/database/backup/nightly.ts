import { readdirSync, rmSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { connectAgain, type Address } from '../client'
import { fileOf } from '../faults'
import { backUpTo, type Counted } from './files'
import { identityOf, shortIdentity } from './identity'

/** Copies that are kept, the newest of them. */
const KEPT = 14

/** Where copies stand: beside a file, or in `data` for a server, unless it is said otherwise; null where none is made. */
export function backupFolder(address: Address): string | null {
  const said = process.env.DUVET_BACKUPS
  if (said === 'off') return null
  const file = fileOf(address.url)
  return said ?? join(file ? dirname(file) : 'data', 'backups')
}

/** How many nightly copies are kept. */
export function mostKept(): number {
  const said = Number(process.env.DUVET_BACKUPS_KEPT)
  return Number.isInteger(said) && said > 0 ? said : KEPT
}

/** Copies of one database among those of others: each carries the identity of its own. */
const nameOf = (identity: string, day: string) => `nightly-${shortIdentity(identity)}-${day}.db`
const isOf = (identity: string, name: string) =>
  name.startsWith(`nightly-${shortIdentity(identity)}-`) && /-\d{4}-\d\d-\d\d\.db$/.test(name)

/**
 * Makes the copy of a day where there is none yet of this database, and lets the oldest of its own go; what is in it, or
 * null where it is there. Several databases may keep theirs in one folder.
 */
export async function nightly(address: Address, folder: string, day: string, kept: number): Promise<Counted | null> {
  const { client } = await connectAgain(address)
  const identity = (await identityOf(client).finally(() => client.close())) ?? 'unknown'
  const name = nameOf(identity, day)
  const there = () => {
    try {
      return readdirSync(folder).filter((one) => isOf(identity, one))
    } catch {
      return []
    }
  }
  if (there().includes(name)) return null
  const counted = await backUpTo(address, join(folder, name))
  for (const old of there().sort().slice(0, -kept)) rmSync(join(folder, old), { force: true })
  return counted
}
