import dayjs from 'dayjs'
import { ref, shallowRef, computed, watch } from 'vue'
import type { Entry, Weighed } from '#core/book'
import type { HiveReadings } from '#wire/answers'
import { useBook } from '~/stores/book'
import { server } from '~/client/server'

/** Weighings as they are read, by the clock where the hive stands. */
const weighedOf = ({ series }: HiveReadings<'weight'>): Weighed[] =>
  series.flatMap(({ points }) => points).map(({ at, kg }) => ({ at: dayjs(at).format('YYYY-MM-DDTHH:mm'), kg }))

/** What the book of a hive says, and its weighings; asked again when the hive is another one. */
export function useHiveBook(at: () => { readonly yardId: string; readonly hiveId: string } | null) {
  const book = useBook()
  const entries = shallowRef<readonly Entry[] | null>(null)
  const weighings = shallowRef<readonly Weighed[]>([])
  const silent = ref(false)
  const isOtherNow = ref(false)
  /** Weighings that say what is in the boxes that stand there now. */
  const ofTheseBoxes = computed(() => (isOtherNow.value ? [] : weighings.value))
  let round = 0
  async function load() {
    const mine = ++round
    const here = at()
    if (!here) return
    const found = await book.ofHive(here.yardId, here.hiveId)
    if (mine !== round) return
    silent.value = found === null
    if (found) entries.value = found.now
    // What is read first is there first: a scale of years has many readings.
    const weighed = await server.readings(here.yardId, here.hiveId, 'weight')
    if (mine !== round) return
    isOtherNow.value = weighed.ok && weighed.value.boxesChangedAt !== null
    weighings.value = weighed.ok ? weighedOf(weighed.value) : []
  }
  watch(
    () => {
      const here = at()
      return here && `${here.yardId}/${here.hiveId}`
    },
    () => {
      entries.value = null
      weighings.value = []
      void load()
    },
    { immediate: true },
  )
  return { entries, weighings, ofTheseBoxes, silent, load }
}
