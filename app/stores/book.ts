import { until } from '@vueuse/core'
import { defineStore } from 'pinia'
import { currentOf, type Entry } from '#core/book'
import type { OpenBook } from '#wire/answers'
import { useKept } from '~/composables/kept'
import { server } from '~/sync/server'
import { useHeld } from './held'
import { useSending } from './sending'

/** Entries that the server does not have yet. */
interface Waiting {
  readonly yardId: string
  readonly entries: readonly Entry[]
}
/** Entries that it would not take, with the reason: kept until the keeper says what becomes of them. */
interface SetAside extends Waiting {
  readonly sentence: string
}
const firstId = ({ entries }: Waiting) => entries[0]?.id

/** So long changes of a yard may take until what is written of it is sent all the same, ms. */
const EDITS_MS = 4000

/** The hive book: what is written waits on this device until the server has it, and goes in once. */
export const useBook = defineStore('book', () => {
  const held = useHeld()
  const edits = useSending()
  const waiting = useKept<Waiting[]>('duvet.book.waiting', [])
  const setAside = useKept<SetAside[]>('duvet.book.set-aside', [])
  const refused = ref('')
  const count = computed(() => waiting.value.reduce((sum, { entries }) => sum + entries.length, 0))
  let sending: Promise<void> | undefined
  /** What a form is still open for: where it is refused, the form holds it. */
  let inForm: string | undefined

  /** Keeps entries on this device and sends them; false where the server refuses them, with the sentence. */
  async function write(yardId: string, entries: readonly Entry[]): Promise<boolean> {
    const mine = { yardId, entries }
    refused.value = ''
    inForm = firstId(mine)
    waiting.value = [...waiting.value, mine]
    await sendWaiting()
    // Another sending may have begun before this was there.
    if (waiting.value.some((one) => firstId(one) === firstId(mine))) await sendWaiting()
    inForm = undefined
    return refused.value === ''
  }

  /** Sends what waits, in its order; stops where the server is silent. */
  function sendWaiting(): Promise<void> {
    sending ??= sendAll().finally(() => {
      sending = undefined
    })
    return sending
  }

  /** What is written of a hive comes after the change that set it down: until then the server knows of no such hive. */
  async function afterItsEdits(yardId: string): Promise<void> {
    const left = () => held.held.get(yardId)?.waiting.length ?? 0
    if (left() === 0) return
    void edits.flush(yardId)
    await until(left).toBe(0, { timeout: EDITS_MS, throwOnTimeout: false })
  }

  async function sendAll(): Promise<void> {
    while (waiting.value[0]) {
      const first = waiting.value[0]
      await afterItsEdits(first.yardId)
      const answer = await server.addEntries(first.yardId, first.entries)
      if (!answer.ok && (answer.status === 0 || answer.status >= 500)) return
      if (!answer.ok) {
        if (firstId(first) === inForm) refused.value = answer.problem.sentence
        else setAside.value = [...setAside.value, { ...first, sentence: answer.problem.sentence }]
      }
      // By its identity: another tab may have taken it away meanwhile.
      waiting.value = waiting.value.filter((one) => firstId(one) !== firstId(first))
    }
  }

  /** Sends again what was set aside. */
  async function tryAgain(one: SetAside): Promise<void> {
    setAside.value = setAside.value.filter((other) => firstId(other) !== firstId(one))
    waiting.value = [...waiting.value, { yardId: one.yardId, entries: one.entries }]
    await sendWaiting()
  }

  /** Lets go of what was set aside, for good. */
  function letGo(one: SetAside): void {
    setAside.value = setAside.value.filter((other) => firstId(other) !== firstId(one))
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
  async function openOf(yardId: string, today: string): Promise<OpenBook | null> {
    await sendWaiting()
    const answer = await server.openEntries(yardId, today)
    if (!answer.ok) return null
    return { ...answer.value, entries: currentOf([...answer.value.entries, ...waitingOf(yardId)]) }
  }

  return { count, refused, setAside, send: sendWaiting, write, tryAgain, letGo, ofHive, openOf }
})
