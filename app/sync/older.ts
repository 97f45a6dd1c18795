import type { Entry } from '#core/book'
import { fieldOf } from '#core/units'
import { browserStorage } from '~/composables/kept'
import type { Waiting } from './waiting'

const PREFIX = 'duvet.waiting.'
const BOOK = 'duvet.book.waiting'

/** What tabs of an older Duvet left in this browser, once; undefined where there is nothing. */
export function readOlder(): Promise<readonly Waiting[]> | undefined {
  const storage = browserStorage()
  const keys = storage.keys().filter((key) => key.startsWith(PREFIX))
  return keys.length > 0 ? read(keys) : undefined
}

/** The reading of it is fetched only where there is something. */
async function read(keys: readonly string[]): Promise<readonly Waiting[]> {
  const storage = browserStorage()
  const [{ readLeftBehind }, { useAside }] = await Promise.all([import('./read-left-behind'), import('~/stores/aside')])
  const { waiting, unreadable } = readLeftBehind(keys.map((key) => storage.getItem(key) ?? ''))
  for (const { text, why } of unreadable) useAside().add({ yardId: null, yardName: '', why, entries: [], text })
  return waiting
}

/** Entries of the book that an older Duvet left in this browser. */
export function readOlderEntries(): readonly { readonly yardId: string; readonly entries: readonly Entry[] }[] {
  const text = browserStorage().getItem(BOOK)
  if (!text) return []
  try {
    const found: unknown = JSON.parse(text)
    return Array.isArray(found) ? found.filter((one) => Array.isArray(fieldOf(one, 'entries'))) : []
  } catch {
    return []
  }
}

/** Forgets it, once it is kept elsewhere. */
export function forgetOlder(): void {
  const storage = browserStorage()
  for (const key of storage.keys()) if (key.startsWith(PREFIX) || key === BOOK) storage.removeItem(key)
}
