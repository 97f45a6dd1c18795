import { daysBetween } from '#core/book'
import type { Edit, Hive, Yard } from '#core/yard'
import { localToday } from '~/composables/localTime'
import type { LookDraft } from './lookDraft'
import { usePast } from '~/composables/past'

/** Further back than this a day is asked about, years. */
const YEARS_BACK = 2

/** Writes a look down, once; what is odd about its day is asked about before it is kept. */
export function useKeepLook(draft: LookDraft) {
  const yards = useYards()
  const book = useBook()
  const preferences = usePreferences()
  const gone = usePast()
  const kept = ref(false)
  const keeping = ref(false)
  const doubt = ref('')
  watch(
    () => draft.at,
    () => (doubt.value = ''),
  )

  async function doubtOf(yard: Yard, hive: Hive): Promise<string> {
    const day = draft.at.slice(0, 10)
    if (day >= localToday()) return ''
    if (daysBetween(day, localToday()) > YEARS_BACK * 365)
      return `${preferences.day(day)} is more than ${YEARS_BACK} years back.`
    // A hive that stood nowhere yet was only not entered; one that stood elsewhere may be the wrong one.
    const evening = { at: new Date(`${day}T23:59:59`).toISOString() }
    const elsewhere = yards.yards.filter(({ id }) => id !== yard.id)
    const stood = await Promise.all(elsewhere.map(async (one) => ({ one, past: await gone.stood(one.id, evening) })))
    const then = stood.find(({ past }) => past.ok && past.value.hives.some(({ id }) => id === hive.id))
    return then ? `${hive.name} stood in ${then.one.name} on ${preferences.day(day)}.` : ''
  }

  /** Keeps it, and makes the edit that goes with it. */
  async function keep(yard: Yard, hive: Hive, edit: Edit | undefined): Promise<void> {
    if (keeping.value) return
    keeping.value = true
    doubt.value = doubt.value === '' ? await doubtOf(yard, hive) : ''
    const isKept = doubt.value === '' && (await book.write(yard.id, draft.entries()))
    keeping.value = false
    if (!isKept) return
    if (edit) yards.perform(yard.id, edit)
    draft.clear()
    kept.value = true
  }
  return reactive({ kept, keeping, doubt, keep })
}
