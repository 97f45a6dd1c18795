import type { Entry, EntrySort } from '#core/book'
import { server } from '~/client/server'

/** What is current in the book of a yard between two days, asked again when yard, days or sorts are others. */
export function useYardBook(
  asked: () => {
    readonly yardId: string
    readonly from: string
    readonly to: string
    readonly sorts: readonly EntrySort[]
  },
) {
  const journal = useJournal()
  const entries = shallowRef<readonly Entry[] | null>(null)
  const problem = ref('')
  let round = 0
  async function load() {
    const mine = ++round
    const { yardId, from, to, sorts } = asked()
    await journal.flush(yardId)
    const answer = await server.yardBook(yardId, from, to, sorts)
    if (mine !== round) return
    problem.value = answer.ok ? '' : answer.problem.sentence
    if (answer.ok) entries.value = answer.value
  }
  watch(() => JSON.stringify(asked()), load, { immediate: true })
  return { entries, problem, load }
}
