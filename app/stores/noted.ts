import { shallowRef } from 'vue'
import type { Entry } from '#core/book'
import { useJournal } from '~/journal'

/** Entries that were written here since the server was asked last: with what waits on this device they count at once. */
export function notedHere() {
  const journal = useJournal()
  const written = shallowRef<Readonly<Record<string, readonly Entry[]>>>({})
  function note(yardId: string, entries: readonly Entry[]): void {
    if (entries.length > 0)
      written.value = { ...written.value, [yardId]: [...(written.value[yardId] ?? []), ...entries] }
  }
  const forget = (): void => void (written.value = {})
  /** What the server has of a yard, what was written here since, and what waits: each entry once. */
  function onto(yardId: string, known: readonly Entry[] = []): Entry[] {
    const all = [...known, ...(written.value[yardId] ?? []), ...journal.entriesOf(yardId)]
    return [...new Map(all.map((entry) => [entry.id, entry])).values()]
  }
  return { written, note, forget, onto }
}
