import { there } from '#core/units'
import { until, useDebounceFn } from '@vueuse/core'
import type { Ref } from 'vue'
import type { HiveChange, Yard } from '#core/yard'
import { clockOf, dayOf } from '~/composables/localTime'
import type { useHiveBook } from './hiveBook'

/** A hive at a moment of its past, as the address says, and every change that it can be looked at after. */
export function useStoodThen(
  yard: Ref<Yard | undefined>,
  hiveId: Ref<string>,
  written: ReturnType<typeof useHiveBook>,
) {
  const gone = usePast()
  /** What is looked at, as it stands in the address: a day, or the change with this number; null for now. */
  const wanted = useInAddress<string | null>('at', (written) => written, null)
  const past = shallowRef<Yard | null>(null)
  const changes = shallowRef<readonly HiveChange[]>([])
  /** The moment that is looked at, and the change it comes after where one was pressed; null for now. */
  const looked = computed<{ readonly at: string; readonly revision?: number } | null>(() => {
    const change = changes.value.find(({ revision }) => `r${revision}` === wanted.value)
    if (change) return { at: change.happenedAt, revision: change.revision }
    // The last moment of a day, by the clock of this device.
    const end = new Date(`${wanted.value}T23:59:59.999`)
    return Number.isNaN(end.getTime()) ? null : { at: end.toISOString() }
  })
  const failed = ref('')
  const at = computed(() => looked.value?.at ?? null)
  const day = computed(() => (at.value ? dayOf(at.value) : ''))
  let round = 0
  watch(
    [yard, hiveId],
    async ([now, id]) => {
      if (!now || !id) return
      const mine = ++round
      // What was found comes first; going back through the log takes the server longer.
      await until(() => written.entries.value !== null || written.silent.value).toBe(true)
      if (mine !== round) return
      const answer = await gone.changes(now.id, id)
      if (mine === round && answer.ok) changes.value = answer.value
    },
    { immediate: true },
  )
  watch([looked, yard], async ([moment, now]) => {
    failed.value = ''
    if (!moment || !now) {
      past.value = null
      return
    }
    const answer = await gone.stood(
      now.id,
      moment.revision === undefined ? { at: moment.at } : { revision: moment.revision },
    )
    if (moment !== looked.value) return
    if (answer.ok) past.value = answer.value
    else failed.value = `The past could not be fetched: ${answer.problem.sentence}`
  })
  return { wanted, looked, at, day, past, changes, failed, ...useSlider(wanted, at, changes) }
}

/** A slider through every change of a hive, and a day that is picked. */
function useSlider(wanted: Ref<string | null>, at: Ref<string | null>, changes: Ref<readonly HiveChange[]>) {
  const preferences = usePreferences()
  function pick(text: string) {
    wanted.value = text === '' ? null : text
  }
  /** A slider through time: every change from the first on the left, and now on the right. */
  const place = computed(() => {
    const all = changes.value
    if (!at.value) return all.length
    const after = all.findIndex(({ happenedAt }) => happenedAt <= there(at.value))
    return after < 0 ? 0 : all.length - 1 - after
  })
  const slide = useDebounceFn((to: number) => {
    const change = changes.value[changes.value.length - 1 - to]
    wanted.value = change ? `r${change.revision}` : null
  }, 60)
  const placeInWords = (to: number) => {
    const change = changes.value[changes.value.length - 1 - to]
    return change ? `${preferences.day(dayOf(change.happenedAt))}, ${clockOf(change.happenedAt)}` : 'now'
  }
  /** The day from which this hive is written down, where an earlier one is looked at; null for never. */
  const writtenFrom = computed(() => {
    const oldest = changes.value.at(-1)?.happenedAt
    if (!at.value || (oldest !== undefined && at.value >= oldest)) return undefined
    return oldest === undefined ? null : dayOf(oldest)
  })
  return { pick, place, slide, placeInWords, writtenFrom }
}
