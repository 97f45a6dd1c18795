import { defineStore } from 'pinia'
import { ref } from 'vue'

/** What is looked for: anything, or only a yard or a hive to be at. */
export type Sought = 'anything' | 'yard' | 'hive'

/** What stands open over every view: the finder, help, this device, and on a phone the list of views. */
export const useShell = defineStore('shell', () => {
  const seeking = ref<Sought | null>(null)
  /** What was typed before the finder was there to take it. */
  const ahead = ref('')
  const helping = ref(false)
  const listing = ref(false)
  /** What this device has and what waits on it. */
  const ofDevice = ref(false)
  function seek(sought: Sought): void {
    seeking.value = sought
    ahead.value = ''
  }
  return { seek, seeking, ahead, helping, listing, ofDevice }
})
