import { isEntry, type Entry, type EntryOf, type EntrySort } from './entries'

/** The first entry of the chain that an entry belongs to. */
export function chainOf({ id, corrects }: Pick<Entry, 'id' | 'corrects'>): string {
  return corrects ?? id
}

/** True where the first was written after the second: by its clock, at the same moment by its identity. */
function isNewer(a: Pick<Entry, 'madeAt' | 'id'>, b: Pick<Entry, 'madeAt' | 'id'>): boolean {
  return a.madeAt === b.madeAt ? a.id > b.id : a.madeAt > b.madeAt
}

/**
 * What a book says: of every chain the entry written last, unless it withdraws; oldest first. The order in which
 * entries arrive does not matter. Common practice of append-only books.
 */
export function currentOf(entries: readonly Entry[]): Entry[] {
  const last = new Map<string, Entry>()
  for (const entry of entries) {
    const before = last.get(chainOf(entry))
    // A first entry is older than all that correct it, whatever a clock says.
    if (
      !before ||
      (isFirst(before) && !isFirst(entry)) ||
      (isFirst(before) === isFirst(entry) && isNewer(entry, before))
    )
      last.set(chainOf(entry), entry)
  }
  return [...last.values()].filter(({ withdrawn }) => !withdrawn).sort(byDay)
}

const isFirst = ({ corrects }: Entry) => corrects === undefined

/** Oldest first; of one moment, the one written first. */
function byDay(a: Entry, b: Entry): number {
  return a.at < b.at ? -1 : a.at > b.at ? 1 : isNewer(a, b) ? 1 : -1
}

/** The entries of a sort, in their order. */
export function entriesOf<S extends EntrySort>(entries: readonly Entry[], sort: S): EntryOf<S>[] {
  return entries.filter((entry): entry is EntryOf<S> => isEntry(entry, sort))
}

/** The newest entry of a sort; undefined where there is none. */
export function newestOf<S extends EntrySort>(entries: readonly Entry[], sort: S): EntryOf<S> | undefined {
  return entries.findLast((entry): entry is EntryOf<S> => isEntry(entry, sort))
}
