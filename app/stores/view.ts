import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed } from 'vue'
import { CATALOGUE, catalogueOf } from '#core/catalogue'
import { BANDS, bandOf, limitsOfYard, type Context } from '#core/checks'
import { emptyYard } from '#core/hive'
import { SET_DOWN_PLACES } from '#core/season'
import { useYards } from './yards'

/** Which yard the views that are about a yard look at. */
export const useView = defineStore('view', () => {
  const yards = useYards()
  const chosen = useLocalStorage<string | null>('duvet.yard', null)
  const yard = computed(() => yards.yards.find(({ id }) => id === chosen.value) ?? yards.yards[0])
  const catalogue = computed(() => (yard.value ? catalogueOf(yard.value) : CATALOGUE))
  const context = computed<Context>(() => {
    const now = yard.value ?? emptyYard('', '')
    const limits = limitsOfYard(now)
    return { catalogue: catalogue.value, stage: 'flow', band: bandOf(now.band, limits) ?? BANDS.range, limits, climate: 'cool-maritime', prolific: now.prolific }
  })
  /** Places to set boxes down on at a visit: upturned roof, ground board, spare stand; kept on this device. */
  const places = useLocalStorage('duvet.places', SET_DOWN_PLACES)
  return { places, chosen, yard, catalogue, context }
})
