import type { EntryBodies, EntrySort } from '.'

/** What every entry of a book says. */
export interface Written {
  readonly id: string
  readonly hiveId: string
  /** When it was found or done, by the clock where the hive stands: `2026-05-31T14:15`. */
  readonly at: string
  /** When it was written, UTC, and on which device. */
  readonly madeAt: string
  readonly device: string
  /** Who wrote it, by name, and the identity of that keeper: the word of the server, not of who sends it. */
  readonly by?: string
  readonly byId?: string
  readonly note?: string
  /** The first entry of its chain, which this one takes the place of. */
  readonly corrects?: string
  /** It takes that entry away and says nothing instead. */
  readonly withdrawn?: true
}

/** One entry of a book: what was found or done at a hive, when, and who wrote it. */
export type Entry = { [S in EntrySort]: Written & { readonly sort: S; readonly body: EntryBodies[S] } }[EntrySort]

/** An entry of one sort, with the body of that sort. */
export type EntryOf<S extends EntrySort> = Extract<Entry, { sort: S }>

/** True for an entry of one of these sorts. */
export function isEntry<S extends EntrySort>(entry: Entry | undefined, ...sorts: readonly S[]): entry is EntryOf<S> {
  return entry !== undefined && sorts.some((sort) => sort === entry.sort)
}
