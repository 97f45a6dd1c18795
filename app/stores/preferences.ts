import { useKept } from '~/composables/kept'
import { defineStore } from 'pinia'
import { computed } from 'vue'
import type { UnitSystem } from '#core/units'
import type { Reader, Vocabulary } from '#core/wording'

const UNNAMED = 'this browser'

/** How this keeper wants things said; kept on this device. */
export const usePreferences = defineStore('preferences', () => {
  const units = useKept<UnitSystem>('duvet.units', 'mm')
  const vocabulary = useKept<Vocabulary>('duvet.words', 'british')
  const deviceTyped = useKept('duvet.device', UNNAMED)
  /** What every change carries: never empty, never longer than is taken. */
  const device = computed({
    get: () => deviceTyped.value.trim().slice(0, 60) || UNNAMED,
    set: (name) => {
      deviceTyped.value = name
    },
  })
  const reader = computed<Reader>(() => ({ units: units.value, vocabulary: vocabulary.value }))
  const toggleUnits = () => {
    units.value = units.value === 'mm' ? 'inches' : 'mm'
  }
  return { units, vocabulary, device, deviceTyped, reader, toggleUnits }
})
