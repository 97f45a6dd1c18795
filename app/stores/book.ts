import { defineStore } from 'pinia'
import { currentOf, type Entry } from '#core/book'
import { useKept } from '~/composables/kept'
import { server } from '~/sync/server'

/** Entries that the server does not have yet. */
interface Waiting {
  readonly yardId: string
  readonly entries: readonly Entry[]
}

/** The hive book: what is written waits on this device until the server has it, and goes in once. */
export const useBook = defineStore('book', () => {
  const waiting = useKept<Waiting[]>('duvet.book.waiting', [])
  const refused = ref('')
  const count = computed(() => waiting.value.reduce((sum, { entries }) => sum + entries.length, 0))
  let sending: Promise<void> | undefined

  /** Keeps entries on this device and sends them; false where the server refuses them, with the sentence. */
  async function write(yardId: string, entries: readonly Entry[]): Promise<boolean> {
    waiting.value = [...waiting.value, { yardId, entries }]
    refused.value = ''
    await sendWaiting()
    return refused.value === ''
  }

  /** Sends what waits, in its order; stops where the server is silent. */
  function sendWaiting(): Promise<void> {
    sending ??= sendAll().finally(() => {
      sending = undefined
    })
    return sending
  }

  async function sendAll(): Promise<void> {
    while (waiting.value[0]) {
      const { yardId, entries } = waiting.value[0]
      const answer = await server.addEntries(yardId, entries)
      if (!answer.ok && (answer.status === 0 || answer.status >= 500)) return
      // What the server refuses would be refused again: it is told, and what was typed stays in its draft.
      if (!answer.ok) refused.value = answer.problem.sentence
      waiting.value = waiting.value.slice(1)
    }
  }

  const waitingOf = (yardId: string) =>
    waiting.value.filter((one) => one.yardId === yardId).flatMap(({ entries }) => entries)

  /** What the book of a hive says, and what it ever said, with what still waits here; null where the server is silent. */
  async function ofHive(yardId: string, hiveId: string): Promise<{ now: Entry[]; ever: Entry[] } | null> {
    await sendWaiting()
    const answer = await server.book(yardId, hiveId)
    if (!answer.ok) return null
    const ever = [...answer.value, ...waitingOf(yardId).filter((entry) => entry.hiveId === hiveId)]
    return { now: currentOf(ever), ever }
  }

  /** What may still ask for something in a yard; null where the server is silent. */
  async function openOf(yardId: string, today: string): Promise<Entry[] | null> {
    await sendWaiting()
    const answer = await server.openEntries(yardId, today)
    return answer.ok ? currentOf([...answer.value, ...waitingOf(yardId)]) : null
  }

  return { count, refused, write, sendWaiting, ofHive, openOf }
})
