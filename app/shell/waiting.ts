import { counted } from '#core/words'

/** What waits on this device for the server: how much, since when, and yard by yard. */
export function useWaiting() {
  const journal = useJournal()
  const preferences = usePreferences()
  const since = computed(() => {
    const made = [...journal.yards.values()].flatMap(({ waiting }) => waiting.map(({ madeAt }) => madeAt))
    return [...made, ...journal.slips.map(({ keptAt }) => keptAt)].sort()[0]
  })
  /** The time of today, or the day. */
  function sinceWords(at: string): string {
    const isToday = new Date(at).toDateString() === new Date().toDateString()
    return isToday ? clockOf(at) : preferences.day(at.slice(0, 10))
  }
  return computed(() => {
    const count = journal.count
    const at = since.value ? sinceWords(since.value) : ''
    const from = at && ` since ${at}`
    return {
      count,
      at,
      since: from,
      words: count === 0 ? 'Nothing waits' : `${counted(count, 'thing')} to send${from}`,
    }
  })
}
