import { oneOf, useKept } from '~/composables/kept'
import { defineStore } from 'pinia'
import { computed } from 'vue'
import type { UnitSystem } from '#core/units'
import { dayInWords, type Reader } from '#core/words'
import type { Vocabulary } from '#core/parts'
import type { Paper } from '#wire/sheet-schema'

const UNNAMED = 'this browser'
/** A device by its name, to somebody who may sit at another one. */
const deviceWord = (name: string) => (name === UNNAMED ? 'a browser without a name' : name)

/** Who speaks the English of North America is offered its words and units first; two switches say otherwise. */
const american = /^en-(US|CA)\b|^(es|fr)-(US|CA)\b/i.test(globalThis.navigator?.language ?? '')
const inInches = american && !/-CA\b/i.test(globalThis.navigator?.language ?? '')

/** How this keeper wants things said; kept on this device. */
export const usePreferences = defineStore('preferences', () => {
  const ownUnits: UnitSystem = inInches ? 'inches' : 'mm'
  const ownWords: Vocabulary = american ? 'northAmerican' : 'british'
  const units = useKept('duvet.units', ownUnits, { serializer: oneOf(['mm', 'inches'], ownUnits) })
  const vocabulary = useKept('duvet.words', ownWords, { serializer: oneOf(['british', 'northAmerican'], ownWords) })
  /** Prints list the hives by the row, or the one that needs it first. */
  const printOrder = useKept<'row' | 'need'>('duvet.print-order', 'row', { serializer: oneOf(['row', 'need'], 'row') })
  const deviceTyped = useKept('duvet.device', UNNAMED)
  /** What every change carries: never empty, never longer than is taken. */
  const device = computed({
    get: () => deviceTyped.value.trim().slice(0, 60) || UNNAMED,
    set: (name) => {
      deviceTyped.value = name
    },
  })
  const reader = computed<Reader>(() => ({ units: units.value, vocabulary: vocabulary.value }))
  const paper = computed<Paper>(() => (vocabulary.value === 'northAmerican' ? 'LETTER' : 'A4'))
  /** A day as this keeper writes it. */
  const day = (isoDay: string) => dayInWords(isoDay, vocabulary.value)
  const toggleUnits = () => {
    units.value = units.value === 'mm' ? 'inches' : 'mm'
  }
  return { units, vocabulary, printOrder, device, deviceTyped, deviceWord, reader, paper, day, toggleUnits }
})
