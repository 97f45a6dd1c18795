import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { entriesOf } from '#core/units'
import { useKept } from '~/composables/kept'
import { localToday } from '~/composables/localTime'
import type { Yard } from '#core/yard'
import type { ServerAnswer } from '~/client/ask'
import { server } from '~/client/server'
import { useJournal } from '~/journal'

/** A yard that is taken along: since when, and how many hives that was. */
interface Along {
  readonly at: string
  readonly hives: number
}

const AT_A_TIME = 4
/** What was taken along longer ago is asked for anew when the server can be reached, ms. */
const OLD_MS = 3 * 3_600_000

/** All that the views of a yard ask the server for. */
async function questionsOf({ id: yardId, hives }: Yard): Promise<(() => Promise<ServerAnswer<unknown>>)[]> {
  const today = localToday()
  // What is asked of readings brings the schemas with it: not in the first view.
  const { READING_KINDS } = await import('#wire/readings/kinds')
  const kinds = entriesOf(READING_KINDS).map(([kind]) => kind)
  return [
    () => server.openEntries(yardId, today),
    () => server.wholeBook(yardId),
    ...hives.flatMap(({ id }) => [
      () => server.book(yardId, id),
      ...kinds.map((kind) => () => server.readings(yardId, id, kind)),
      () => server.changes(yardId, id),
    ]),
  ]
}

/** Yards of which this device has everything that their views ask for. */
export const useAlong = defineStore('along', () => {
  const journal = useJournal()
  // What was taken along while scales and sensors had addresses of their own is asked for anew.
  const kept = useKept<Readonly<Record<string, Along>>>('duvet.along.at', {})
  /** Yards that are marked, whether or not all of them is here yet. */
  const marked = useKept<readonly string[]>('duvet.along.marked', [])
  const running = ref<{ readonly yardId: string; readonly done: number; readonly of: number } | null>(null)
  const problem = ref('')
  let stopped = false
  const of = computed(() => (yardId: string) => kept.value[yardId] ?? null)
  const isMarked = computed(() => (yardId: string) => marked.value.includes(yardId))

  /** Fetches all that the views of a yard ask for; it can be stopped. */
  async function fetchAll(yardId: string): Promise<void> {
    const yard = journal.yards.get(yardId)?.yard
    if (!yard || running.value) return
    stopped = false
    problem.value = ''
    running.value = { yardId, done: 0, of: yard.hives.length }
    const work = await questionsOf(yard).catch(() => [])
    if (work.length === 0) problem.value = 'The server cannot be reached.'
    running.value = { yardId, done: 0, of: work.length }
    for (let at = 0; at < work.length && !stopped && !problem.value; at += AT_A_TIME) {
      const answers = await Promise.all(work.slice(at, at + AT_A_TIME).map((ask) => ask()))
      for (const answer of answers)
        if (!answer.ok) problem.value = answer.problem.sentence
        else if (answer.keptAt) problem.value = 'The server cannot be reached.'
      running.value = { yardId, done: at + answers.length, of: work.length }
    }
    running.value = null
    if (!stopped && !problem.value)
      kept.value = { ...kept.value, [yardId]: { at: new Date().toISOString(), hives: yard.hives.length } }
  }

  async function take(yardId: string): Promise<void> {
    marked.value = [...new Set([...marked.value, yardId])]
    // The browser is asked not to clear it when its disk runs short; it may say no.
    await globalThis.navigator?.storage?.persist?.().catch(() => false)
    await fetchAll(yardId)
  }
  function leave(yardId: string): void {
    marked.value = marked.value.filter((id) => id !== yardId)
    const { [yardId]: _gone, ...rest } = kept.value
    kept.value = rest
  }
  function stop(): void {
    stopped = true
  }

  /** Asks anew for what was taken along a while ago. */
  async function renew(): Promise<void> {
    for (const yardId of marked.value) {
      const at = kept.value[yardId]?.at
      if (!at || Date.now() - Date.parse(at) > OLD_MS) await fetchAll(yardId)
    }
  }

  return { of, isMarked, running, problem, take, leave, stop, renew }
})
