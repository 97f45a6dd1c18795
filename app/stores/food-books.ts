import dayjs from 'dayjs'
import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { currentOf, type Entry, type FoodBook, type WeighedHive } from '#core/book'
import { standingParts, type Yard } from '#core/yard'
import { asSent } from '#core/units'
import type { FoodBooks } from '#wire/answers'
import type { ReadingBatch } from '#wire/readings/kinds'
import { localToday } from '~/composables/localTime'
import { server } from '~/client/server'
import { useJournal } from '~/journal'
import { notedHere } from './noted'

/** Weighings that were made on this device, by yard and hive. */
type Weighings = Readonly<Record<string, Readonly<Record<string, WeighedHive>>>>

/** What the food of hives is known from: what the server has, and what waits on this device. */
export const useFoodBooks = defineStore('food-books', () => {
  const journal = useJournal()
  const books = shallowRef<FoodBooks>({})
  const noted = notedHere()
  const weighed = shallowRef<Weighings>({})

  let loading = Promise.resolve()
  const load = (): Promise<void> => (loading = ask())
  async function ask(): Promise<void> {
    const answer = await server.foodBooks(localToday())
    if (!answer.ok) return
    books.value = answer.value
    if ('keptAt' in answer && answer.keptAt) return
    noted.forget()
    weighed.value = {}
  }
  journal.alongside.add({ load, isAwaited: false })
  function note(yardId: string, entries: readonly Entry[]): void {
    // What a form still holds is a copy here: a worker is handed it.
    noted.note(yardId, asSent(entries))
  }
  function noteWeighed(yard: Yard, hiveId: string, { readings }: ReadingBatch<'weight'>): void {
    const hive = yard.hives.find(({ id }) => id === hiveId)
    const [first, ...more] = readings
    if (!hive || !first) return
    const { at, kg } = more.reduce((last, one) => (one.at > last.at ? one : last), first)
    const one = { at, kg, parts: standingParts(hive) }
    weighed.value = { ...weighed.value, [yard.id]: { ...weighed.value[yard.id], [hiveId]: one } }
  }

  /** All that is known here of a yard's food, its weighings by the clock where the hive stands. */
  const bookOf = (yardId: string): FoodBook => {
    const told = books.value[yardId]
    const last = { ...told?.weighed }
    for (const [hiveId, one] of Object.entries(weighed.value[yardId] ?? {}))
      if (!(last[hiveId] && last[hiveId].at > one.at)) last[hiveId] = one
    return {
      entries: currentOf(noted.onto(yardId, told?.entries)),
      weighed: Object.fromEntries(
        Object.entries(last).map(([id, one]) => [id, { ...one, at: dayjs(one.at).format('YYYY-MM-DDTHH:mm') }]),
      ),
    }
  }
  const bookIds = computed(
    () =>
      new Set([
        ...Object.keys(books.value),
        ...Object.keys(noted.written.value),
        ...journal.slips.map(({ yardId }) => yardId),
      ]),
  )
  /** Ends once the server has answered what it was last asked. */
  const whenLoaded = (): Promise<void> => loading
  /** Anything of it is another. */
  const changes = computed(() => [books.value, noted.written.value, weighed.value, journal.slips])
  return { load, note, noteWeighed, bookOf, bookIds, whenLoaded, changes }
})
