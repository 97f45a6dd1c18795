import { useEventListener } from '@vueuse/core'
import type { Ref } from 'vue'
import type { Held } from './held'
import { isOfAside, keptAside } from './kept/aside'
import type { useReader } from './read'
import { tabs, type ToldTabs } from './tabs/tabs'
import type { useTroubles } from './trouble'

interface Hearing {
  readonly isLoaded: Readonly<Ref<boolean>>
  readonly troubles: ReturnType<typeof useTroubles>
  readonly reader: ReturnType<typeof useReader>
  readonly loadBooks: () => Promise<unknown>
  readonly flushAll: () => Promise<unknown>
}

/** Takes up what the other tabs of this browser did. */
export function hearTabs({ state, keeping }: Held, { isLoaded, troubles, reader, loadBooks, flushAll }: Hearing): void {
  /** Where this tab leads, it sends what another one has left. */
  const leadOn = () => void (tabs().lead.isMine && flushAll())
  function hear({ changed, slips, trouble }: ToldTabs): void {
    if (!isLoaded.value) return
    if (trouble !== undefined) troubles.now.value = trouble
    if (slips) void reader.readSlips().then(leadOn).then(loadBooks)
    if (changed !== undefined) void reader.readAgain(changed).then(leadOn)
  }
  tabs().listen(hear)
  tabs().lead.onLead(leadOn)
  // Only the other tabs are told of what one has put into the storage that they share.
  useEventListener(globalThis.window, 'storage', ({ key }) => {
    if (!isOfAside(key)) return
    const own = state.value.aside.filter(({ id }) => keeping.asides.has(id))
    state.value = { ...state.value, aside: [...keptAside(), ...own] }
  })
}
