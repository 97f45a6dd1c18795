import { defineStore } from 'pinia'
import { computed } from 'vue'
import { glossary, splitterOf } from '#core/words'
import { usePreferences } from './preferences'
import { useView } from './view'

/** The words of the trade in the reader's own, with the figures of the yard that one is at. */
export const useTerms = defineStore('terms', () => {
  const preferences = usePreferences()
  const view = useView()
  const entries = computed(() => glossary(view.catalogue.figures, preferences.reader))
  const split = computed(() => splitterOf(entries.value))
  return { entries, split }
})
