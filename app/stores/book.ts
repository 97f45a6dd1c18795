import { defineStore } from 'pinia'
import { ref } from 'vue'
import { bearsOnFood, currentOf, tellsOfColony, type Entry } from '#core/book'
import type { OpenBook } from '#wire/answers'
import type { ReadingBatch } from '#wire/readings/kinds'
import { server } from '~/client/server'
import { useJournal, type SetAside, type Slip } from '~/journal'
import { useColonies } from './colonies'
import { useFoodBooks } from './food-books'

/** The hive book: what is written waits on this device until the server has it, and goes in once. */
export const useBook = defineStore('book', () => {
  const journal = useJournal()
  const colonies = useColonies()
  const foodBooks = useFoodBooks()
  const refused = ref('')

  /** Keeps something on this device and sends it; false where the server refuses it, with the sentence. */
  async function send(slip: Slip): Promise<boolean> {
    refused.value = ''
    refused.value = await journal.sendFor(slip)
    return refused.value === ''
  }

  async function write(yardId: string, entries: readonly Entry[]): Promise<boolean> {
    const telling = entries.filter(tellsOfColony)
    colonies.note(yardId, telling)
    const ofFood = entries.filter(bearsOnFood)
    foodBooks.note(yardId, ofFood)
    const taken = await send(journal.addSlip({ sort: 'entries', yardId, entries }))
    if (telling.length > 0) void colonies.load()
    if (ofFood.length > 0) void foodBooks.load()
    return taken
  }
  async function weigh(yardId: string, hiveId: string, weighIns: ReadingBatch<'weight'>): Promise<boolean> {
    const yard = journal.yards.get(yardId)?.yard
    if (yard) foodBooks.noteWeighed(yard, hiveId, weighIns)
    const taken = await send(journal.addSlip({ sort: 'weighing', yardId, hiveId, weighIns }))
    void foodBooks.load()
    return taken
  }

  /** Sends again what was set aside. */
  async function tryAgain({ id, slip }: SetAside): Promise<void> {
    if (!slip) return
    journal.aside.take(id)
    journal.addSlip({ ...slip, after: null })
    await journal.flush(slip.yardId)
  }

  return { refused, write, weigh, tryAgain, ...bookReading() }
})

/** What the book says, with what still waits here. */
function bookReading() {
  const journal = useJournal()
  /** What was written of a hive and is not sent yet. */
  const waitingOf = (yardId: string, hiveId: string): Entry[] =>
    journal.entriesOf(yardId).filter((entry) => entry.hiveId === hiveId)

  /** What the book of a hive says, and what it ever said, with what still waits here; null where it is not known. */
  async function ofHive(yardId: string, hiveId: string): Promise<{ now: Entry[]; ever: Entry[] } | null> {
    await journal.flush(yardId)
    const answer = await server.book(yardId, hiveId)
    if (!answer.ok) return null
    const known = new Set(answer.value.map(({ id }) => id))
    const waiting = waitingOf(yardId, hiveId).filter(({ id }) => !known.has(id))
    const ever = [...answer.value, ...waiting]
    return { now: currentOf(ever), ever }
  }

  /** What may still ask for something in a yard; null where it is not known. */
  async function openOf(yardId: string, today: string): Promise<OpenBook | null> {
    await journal.flush(yardId)
    const answer = await server.openEntries(yardId, today)
    if (!answer.ok) return null
    return { ...answer.value, entries: currentOf([...answer.value.entries, ...journal.entriesOf(yardId)]) }
  }

  return { waitingOf, ofHive, openOf }
}
