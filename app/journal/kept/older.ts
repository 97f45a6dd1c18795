import type { Entry } from '#core/book'
import { fieldOf } from '#core/units'
import { browserStorage } from '~/composables/kept'
import type { LeftBehind } from './waiting'

const PREFIX = 'duvet.waiting.'
const BOOK = 'duvet.book.waiting'

/** What tabs of an older Duvet left in this browser, once; undefined where there is nothing. */
export function readOlder(): Promise<LeftBehind> | undefined {
  const storage = browserStorage()
  const keys = storage.keys().filter((key) => key.startsWith(PREFIX))
  // The reading of it is fetched only where there is something.
  return keys.length === 0
    ? undefined
    : import('./read-left-behind').then(({ readLeftBehind }) =>
        readLeftBehind(keys.map((key) => storage.getItem(key) ?? '')),
      )
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
