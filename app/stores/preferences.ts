import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed } from 'vue'
import type { UnitSystem } from '#core/units'
import type { Reader, Vocabulary } from '#core/wording'

/** How this keeper wants things said; kept on this device. */
export const usePreferences = defineStore('preferences', () => {
  const units = useLocalStorage<UnitSystem>('duvet.units', 'mm')
  const vocabulary = useLocalStorage<Vocabulary>('duvet.words', 'british')
  const device = useLocalStorage('duvet.device', 'this browser')
  const reader = computed<Reader>(() => ({ units: units.value, vocabulary: vocabulary.value }))
  const toggleUnits = () => { units.value = units.value === 'mm' ? 'inches' : 'mm' }
  return { units, vocabulary, device, reader, toggleUnits }
})
