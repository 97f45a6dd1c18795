import { useEventListener } from '@vueuse/core'
import type { LocationQuery } from 'vue-router'
import { computed, shallowRef, type ShallowRef, type WritableComputedRef } from 'vue'

/** Whether a pointer is held down: what is chosen then is slid over, and all of it is one step back. */
let sliding = false
useEventListener(window, 'pointerdown', () => (sliding = true), { capture: true })
useEventListener(window, ['pointerup', 'pointercancel'], () => (sliding = false), { capture: true })

/**
 * A choice of a view that stands in its address, so that back and forward go through it. What is usual stands in no
 * address; what an address says that is no choice counts as usual.
 */
export function useInAddress<T extends string | null>(
  name: string,
  read: (written: string | undefined) => T | undefined,
  usual: T,
): WritableComputedRef<T> {
  const route = useRoute()
  // The router itself: while one navigation is on its way, Nuxt's navigateTo drops the next.
  const router = useRouter()
  /** The page's own route comes a moment after the router's; while another page is on its way, it is the page's that counts. */
  const query = () => (router.currentRoute.value.path === route.path ? router.currentRoute.value.query : route.query)
  /** What was chosen and is on its way into the address. */
  const asked: ShallowRef<{ readonly value: T } | null> = shallowRef(null)
  async function arrive(mine: { readonly value: T }, next: LocationQuery): Promise<void> {
    await router[sliding ? 'replace' : 'push']({ path: route.path, query: next })
    if (asked.value === mine) asked.value = null
  }
  return computed({
    get: () => {
      if (asked.value) return asked.value.value
      const written = query()[name]
      return read(typeof written === 'string' ? written : undefined) ?? usual
    },
    set: (value) => {
      const next = { ...query() }
      if (value === usual || value === null) Reflect.deleteProperty(next, name)
      else next[name] = value
      const mine = { value }
      asked.value = mine
      void arrive(mine, next)
    },
  })
}

/** Reads one of these words out of an address. */
export function oneOfThese<T extends string>(words: readonly T[]): (written: string | undefined) => T | undefined {
  return (written) => words.find((word) => word === written)
}
/** The same of modes as they stand beside each other. */
export function modeOf<T extends string>(modes: readonly (readonly [T, string])[]) {
  return oneOfThese(modes.map(([mode]) => mode))
}
