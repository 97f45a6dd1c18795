import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { useKept } from '~/composables/kept'
import { useImporting } from './importing'
import { useYards } from '~/stores/yards'

/** The example yards: brought in to look round, and thrown away again. */
export const useExamples = defineStore('examples', () => {
  const yards = useYards()
  const importing = useImporting()
  const ids = useKept<string[]>('duvet.examples', [])
  const busy = ref(false)
  const here = computed(() => yards.yards.filter(({ id }) => ids.value.includes(id)))

  async function bring(): Promise<void> {
    busy.value = true
    const { exampleYards } = await import('./examples')
    const before = new Set(yards.yards.map(({ id }) => id))
    const { ok, sentence } = await importing.bring(await exampleYards())
    busy.value = false
    if (ok) ids.value = yards.yards.map(({ id }) => id).filter((id) => !before.has(id))
    else yards.message = sentence
  }
  async function throwAway(): Promise<void> {
    busy.value = true
    for (const { id } of here.value) await yards.removeYard(id)
    busy.value = false
  }
  return { here, busy, bring, throwAway }
})
