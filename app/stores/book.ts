import { defineStore, storeToRefs } from 'pinia'
import { ref } from 'vue'
import { bearsOnFood, currentOf, tellsOfColony, type Entry } from '#core/book'
import type { OpenBook } from '#wire/answers'
import type { ReadingBatch } from '#wire/readings/kinds'
import { server } from '~/sync/server'
import type { Slip } from '~/sync/slips'
import { useAside, type SetAside } from './aside'
import { useColonies } from './colonies'
import { useFoodBooks } from './food-books'
import { useHeld } from './held'
import { useSending } from './sending'
import { useSlips } from './slips'

/** The hive book: what is written waits on this device until the server has it, and goes in once. */
export const useBook = defineStore('book', () => {
  const slips = useSlips()
  const sending = useSending()
  const held = useHeld()
  const aside = useAside()
  const colonies = useColonies()
  const foodBooks = useFoodBooks()
  const refused = ref('')
  const { count } = storeToRefs(slips)
  /** What a form is still open for: where it is refused, the form holds it. */
  const inForm = new Set<string>()

  sending.onRefused.add((slip, sentence) => {
    if (inForm.has(slip.id)) {
      refused.value = sentence
      return
    }
    const yardName = held.held.get(slip.yardId)?.yard.name ?? ''
    aside.add({ yardId: slip.yardId, yardName, why: sentence, entries: [], slip })
  })

  /** Keeps something on this device and sends it; false where the server refuses it, with the sentence. */
  async function send(slip: Slip): Promise<boolean> {
    refused.value = ''
    inForm.add(slip.id)
    await sending.flush(slip.yardId)
    // Another sending may have ended before this was there.
    if (slips.has(slip.id)) await sending.flush(slip.yardId)
    inForm.delete(slip.id)
    return refused.value === ''
  }

  async function write(yardId: string, entries: readonly Entry[]): Promise<boolean> {
    const telling = entries.filter(tellsOfColony)
    colonies.note(yardId, telling)
    const ofFood = entries.filter(bearsOnFood)
    foodBooks.note(yardId, ofFood)
    const taken = await send(await slips.add({ sort: 'entries', yardId, entries }))
    if (telling.length > 0) void colonies.load()
    if (ofFood.length > 0) void foodBooks.load()
    return taken
  }
  async function weigh(yardId: string, hiveId: string, weighIns: ReadingBatch<'weight'>): Promise<boolean> {
    const yard = held.held.get(yardId)?.yard
    if (yard) foodBooks.noteWeighed(yard, hiveId, weighIns)
    const taken = await send(await slips.add({ sort: 'weighing', yardId, hiveId, weighIns }))
    void foodBooks.load()
    return taken
  }

  /** Sends again what was set aside. */
  async function tryAgain({ id, slip }: SetAside): Promise<void> {
    if (!slip) return
    aside.take(id)
    await slips.add({ ...slip, after: null })
    await sending.flush(slip.yardId)
  }

  /** What was written of a hive and is not sent yet. */
  const waitingOf = (yardId: string, hiveId: string): Entry[] =>
    slips.entriesOf(yardId).filter((entry) => entry.hiveId === hiveId)

  /** What the book of a hive says, and what it ever said, with what still waits here; null where it is not known. */
  async function ofHive(yardId: string, hiveId: string): Promise<{ now: Entry[]; ever: Entry[] } | null> {
    await sending.flush(yardId)
    const answer = await server.book(yardId, hiveId)
    if (!answer.ok) return null
    const known = new Set(answer.value.map(({ id }) => id))
    const waiting = waitingOf(yardId, hiveId).filter(({ id }) => !known.has(id))
    const ever = [...answer.value, ...waiting]
    return { now: currentOf(ever), ever }
  }

  /** What may still ask for something in a yard; null where it is not known. */
  async function openOf(yardId: string, today: string): Promise<OpenBook | null> {
    await sending.flush(yardId)
    const answer = await server.openEntries(yardId, today)
    if (!answer.ok) return null
    return { ...answer.value, entries: currentOf([...answer.value.entries, ...slips.entriesOf(yardId)]) }
  }

  return { count, refused, write, weigh, tryAgain, waitingOf, ofHive, openOf }
})
