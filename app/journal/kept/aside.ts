import { browserStorage } from '~/composables/kept'
import { isSetAside, type Making, type SetAside } from '../machine'

const PREFIX = 'duvet.aside.'

/** What this browser keeps of what was set aside, the oldest first. */
export function keptAside(): SetAside[] {
  const storage = browserStorage()
  return storage
    .keys()
    .filter((key) => key.startsWith(PREFIX))
    .map((key) => readOne(key.slice(PREFIX.length), storage.getItem(key) ?? ''))
    .sort((a, b) => (a.at < b.at ? -1 : 1))
}

function readOne(id: string, text: string): SetAside {
  try {
    const value: unknown = JSON.parse(text)
    if (isSetAside(value)) return value
  } catch {
    // Told below, as it was found.
  }
  return { id, at: '', yardId: null, yardName: '', why: 'It cannot be read any more.', entries: [], text }
}

/** Whether this browser keeps it: where its storage is full, it is in this page only. */
export function keepAside(one: SetAside): boolean {
  try {
    browserStorage().setItem(PREFIX + one.id, JSON.stringify(one))
    return true
  } catch {
    return false
  }
}

export const forgetAside = (asideId: string): void => browserStorage().removeItem(PREFIX + asideId)

/** Whether a key of this browser's storage is of something set aside. */
export const isOfAside = (key: string | null): boolean => key === null || key.startsWith(PREFIX)

/** Where an older Duvet kept what it had set aside of books; it is read by a part that is fetched only then. */
const OF_BOOKS = 'duvet.book.set-aside'

/** What an older Duvet had set aside of books: it stays with it until all of it is kept here. */
export async function takeOverOlder({ now }: Making): Promise<SetAside[]> {
  const text = browserStorage().getItem(OF_BOOKS)
  if (!text) return []
  const { readOlderAside } = await import('./older-aside')
  // Named by their places: what is taken over a second time is what was kept the first.
  const all = readOlderAside(text, now).map((one, i) => ({ ...one, id: `older-${i}`, at: now }))
  if (all.map(keepAside).every(Boolean)) browserStorage().removeItem(OF_BOOKS)
  return all
}
