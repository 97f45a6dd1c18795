import { readdirSync, rmSync } from 'node:fs'
import { dirname, join } from 'node:path'
import type { Address } from '../client'
import { fileOf } from '../faults'
import { backUpTo, type Counted } from './files'

/** Copies that are kept, the newest of them. */
const KEPT = 14
const NAME = /^nightly-\d{4}-\d\d-\d\d\.db$/

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

/** Makes the copy of a day where there is none yet, and lets the oldest go; what is in it, or null where it is there. */
export async function nightly(address: Address, folder: string, day: string, kept: number): Promise<Counted | null> {
  const name = `nightly-${day}.db`
  const there = () => {
    try {
      return readdirSync(folder).filter((one) => NAME.test(one))
    } catch {
      return []
    }
  }
  if (there().includes(name)) return null
  const counted = await backUpTo(address, join(folder, name))
  for (const old of there().sort().slice(0, -kept)) rmSync(join(folder, old), { force: true })
  return counted
}
