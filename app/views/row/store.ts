import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { Hive, Yard } from '#core/yard'
import { useYards } from '~/stores/yards'

/** The row: what is looked for, and the hives that are picked to do something with several at once. */
export const useRow = defineStore('row', () => {
  const yards = useYards()
  const search = ref('')
  const picking = ref(false)
  const keys = ref<ReadonlySet<string>>(new Set())
  const keyOf = (yardId: string, hiveId: string) => `${yardId} ${hiveId}`

  /** The picked hives by yard; what is no longer there is picked no more. */
  const picked = computed(() =>
    yards.yards.flatMap((yard): { yard: Yard; hives: Hive[] }[] => {
      const hives = yard.hives.filter(({ id }) => keys.value.has(keyOf(yard.id, id)))
      return hives.length > 0 ? [{ yard, hives }] : []
    }),
  )
  const count = computed(() => picked.value.reduce((sum, { hives }) => sum + hives.length, 0))

  function isPicked(yardId: string, hiveId: string): boolean {
    return keys.value.has(keyOf(yardId, hiveId))
  }
  function pick(yardId: string, hiveIds: readonly string[], on: boolean): void {
    const next = new Set(keys.value)
    for (const id of hiveIds) {
      if (on) next.add(keyOf(yardId, id))
      else next.delete(keyOf(yardId, id))
    }
    keys.value = next
  }
  function begin(): void {
    picking.value = true
  }
  function end(): void {
    picking.value = false
    keys.value = new Set()
  }

  return { search, picking, picked, count, isPicked, pick, begin, end }
})
