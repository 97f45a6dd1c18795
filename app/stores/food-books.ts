import dayjs from 'dayjs'
import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { currentOf, FOOD_SORTS, type Entry, type FoodBook, type WeighedHive } from '#core/book'
import { standingParts, type Yard } from '#core/hive'
import { asSent } from '#core/plain'
import type { FoodBooks } from '#wire/answers'
import type { WeighIns } from '#wire/weigh-in-schema'
import { localToday } from '~/composables/localTime'
import { server } from '~/sync/server'
import { useSlips } from './slips'

/** Weighings that were made on this device, by yard and hive. */
type Weighings = Readonly<Record<string, Readonly<Record<string, WeighedHive>>>>

/** What the food of hives is known from: what the server has, and what waits on this device. */
export const useFoodBooks = defineStore('food-books', () => {
  const slips = useSlips()
  const books = shallowRef<FoodBooks>({})
  /** Written here since the server was asked last. */
  const written = shallowRef<Readonly<Record<string, readonly Entry[]>>>({})
  const weighed = shallowRef<Weighings>({})

  let loading = Promise.resolve()
  const load = (): Promise<void> => (loading = ask())
  async function ask(): Promise<void> {
    const answer = await server.foodBooks(localToday())
    if (!answer.ok) return
    books.value = answer.value
    if ('keptAt' in answer && answer.keptAt) return
    written.value = {}
    weighed.value = {}
  }
  function note(yardId: string, entries: readonly Entry[]): void {
    // What a form still holds is a copy here: a worker is handed it.
    const own = asSent(entries.filter(({ sort }) => FOOD_SORTS.includes(sort)))
    if (own.length > 0) written.value = { ...written.value, [yardId]: [...(written.value[yardId] ?? []), ...own] }
  }
  function noteWeighed(yard: Yard, hiveId: string, { readings }: WeighIns): void {
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
    const entries = [...(told?.entries ?? []), ...(written.value[yardId] ?? []), ...slips.entriesOf(yardId)]
    const last = { ...told?.weighed }
    for (const [hiveId, one] of Object.entries(weighed.value[yardId] ?? {}))
      if (!(last[hiveId] && last[hiveId].at > one.at)) last[hiveId] = one
    return {
      entries: currentOf([...new Map(entries.map((entry) => [entry.id, entry])).values()]),
      weighed: Object.fromEntries(
        Object.entries(last).map(([id, one]) => [id, { ...one, at: dayjs(one.at).format('YYYY-MM-DDTHH:mm') }]),
      ),
    }
  }
  const bookIds = computed(
    () =>
      new Set([...Object.keys(books.value), ...Object.keys(written.value), ...slips.all.map(({ yardId }) => yardId)]),
  )
  /** Ends once the server has answered what it was last asked. */
  const whenLoaded = (): Promise<void> => loading
  /** Anything of it is another. */
  const changes = computed(() => [books.value, written.value, weighed.value, slips.all])
  return { load, note, noteWeighed, bookOf, bookIds, whenLoaded, changes }
})
