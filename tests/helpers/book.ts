import type { Entry, EntryBodies, EntryOf, EntrySort } from '#core/book'

let made = 0

/** An entry of a book, as short as it can be told. */
export function entry<S extends EntrySort>(
  sort: S,
  at: string,
  body: EntryBodies[S],
  more: Partial<Pick<Entry, 'id' | 'hiveId' | 'corrects' | 'withdrawn' | 'madeAt'>> = {},
): EntryOf<S> {
  const n = ++made
  return {
    id: `e${n}`,
    hiveId: 'hive',
    at,
    madeAt: `2026-01-01T00:00:${String(n % 60).padStart(2, '0')}.000Z`,
    device: 'phone',
    sort,
    body,
    ...more,
  } as EntryOf<S>
}
