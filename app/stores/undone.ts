import { defineStore } from 'pinia'
import { ref } from 'vue'
import type { Edit } from '#core/yard'
import { browserStorage } from '~/composables/kept'

/** What was undone or done again last, to be told to the keeper; or an older step that undo stops before. */
interface Undone {
  readonly edit: Edit
  readonly how: 'undo' | 'redo' | 'stopped'
  readonly madeAt: string
}

const SHOWN_MS = 8000
const SITTING = 'duvet.sitting'

/** When this sitting began: a reload goes on with it, a page opened anew begins another. */
function sittingBegan(): string {
  const store = browserStorage('sessionStorage')
  const began = store.getItem(SITTING) ?? new Date().toISOString()
  try {
    store.setItem(SITTING, began)
  } catch {
    // A browser without room begins a sitting with every page.
  }
  return began
}

/** Tells what undo has just undone, for a while; what it stops before, until it is answered. */
export const useUndone = defineStore('undone', () => {
  const began = sittingBegan()
  const last = ref<Undone | null>(null)
  let timer: ReturnType<typeof setTimeout> | undefined
  function tell(undone: Undone): void {
    clearTimeout(timer)
    last.value = undone
    if (undone.how === 'stopped') return
    timer = setTimeout(() => {
      last.value = null
    }, SHOWN_MS)
  }
  /** What was done to several at once, with its own way back; gone with whatever is done next. */
  const did = ref<{ readonly words: string; readonly back: () => void } | null>(null)
  return { began, last, tell, did }
})
