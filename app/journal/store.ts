import { defineStore } from 'pinia'
import { computed, reactive, ref } from 'vue'
import { usePreferences } from '~/stores/preferences'
import { useAsides } from './asides'
import { useClocks } from './clock'
import { useDeeds } from './deeds'
import { hearTabs } from './hear'
import { holdJournal } from './held'
import { useLoader } from './load'
import { findOlder } from './older'
import { useReader } from './read'
import { useRefresh } from './refresh'
import { useSeen } from './seen'
import { useSender } from './send'
import { useTroubles } from './trouble'

/** What this browser has of every yard, what waits for the server, what could not be saved: held, kept and sent here. */
export const useJournal = defineStore('journal', () => {
  const held = holdJournal()
  /** Every yard is here, and what earlier pages left behind is on top. */
  const loaded = ref(false)
  const troubles = useTroubles()
  const clocks = useClocks(held)
  const reader = useReader(held)
  const refreshing = useRefresh(held)
  const sender = useSender(held, {
    isLoaded: loaded,
    troubles,
    clocks,
    deviceName: () => usePreferences().device,
    changedAlong: (yardIds) => void refreshing.refresh(yardIds),
    gone: () => void refreshing.loadRemoved(),
  })
  const deeds = useDeeds(held, sender.flush)
  const loader = useLoader(held, {
    isLoaded: loaded,
    troubles,
    reader,
    refreshing,
    flushAll: sender.flushAll,
    findOlder: () => findOlder(held, { resume: sender.resume, write: deeds.addSlip }),
  })
  const { removed, alongside, loadBooks, loadRemoved, refresh } = refreshing
  hearTabs(held, { isLoaded: loaded, troubles, reader, loadBooks, flushAll: sender.flushAll })

  const reachable = computed(() => troubles.now.value === null)
  const aside = reactive(useAsides(held))
  const { now: trouble, tell: tellTrouble } = troubles

  return {
    loaded,
    ...useSeen(held),
    trouble,
    tellTrouble,
    reachable,
    aside,
    ...deeds,
    ...sender,
    ...loader,
    removed,
    alongside,
    loadRemoved,
    refresh,
    clock: clocks.shown,
  }
})
