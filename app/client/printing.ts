import { shallowRef } from 'vue'

/** What is being printed, for whoever shows it: since when, and how it is cancelled. */
export const printing = shallowRef<{ readonly beganAt: number; readonly cancel: () => void } | null>(null)

/** Begins a print; whoever looks may cancel it. */
export function beginPrint(): { readonly signal: AbortSignal; readonly end: () => void } {
  const cancelled = new AbortController()
  const job = { beganAt: Date.now(), cancel: () => cancelled.abort() }
  printing.value = job
  return {
    signal: cancelled.signal,
    end: () => {
      if (printing.value === job) printing.value = null
    },
  }
}
