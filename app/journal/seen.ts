import { computed } from 'vue'
import type { Held } from './held'
import { countWaiting } from './machine'

/** What a view sees of the journal. */
export function useSeen({ state, keeping }: Held) {
  const yards = computed(() => state.value.yards)
  const slips = computed(() => state.value.slips)
  const waits = computed(() => countWaiting(state.value))
  const count = computed(() => waits.value.edits + waits.value.written)
  /** What waits and is in this page only. */
  const unkept = computed(() => {
    const written = slips.value.filter(({ id }) => keeping.slips.value.has(id)).length
    return { why: keeping.why.value, count: (keeping.why.value ? waits.value.edits : 0) + written }
  })
  /** What was written of the hives of a yard and waits. */
  const entriesOf = (yardId: string) =>
    slips.value.flatMap((slip) => (slip.yardId === yardId && slip.sort === 'entries' ? slip.entries : []))
  return { yards, slips, waits, count, unkept, entriesOf }
}
