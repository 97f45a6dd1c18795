import { onScopeDispose, shallowRef, watch, type Ref, type ShallowRef } from 'vue'

const SLICE_MS = 12

/**
 * Works through a list a few ms at a time, so that the page stays quick; null until all of it is done. A newer list
 * stops an older one.
 */
export function useSliced<T, R>(
  items: Ref<readonly T[] | null>,
  work: Ref<(item: T) => R>,
): ShallowRef<readonly R[] | null> {
  const results = shallowRef<readonly R[] | null>(null)
  let round = 0
  watch(
    [items, work],
    async ([list, one]) => {
      const mine = ++round
      results.value = null
      if (!list) return
      const made: R[] = []
      for (let since = performance.now(), at = 0; at < list.length; at++) {
        made.push(one(list[at]!))
        if (performance.now() - since < SLICE_MS) continue
        await new Promise((resolve) => setTimeout(resolve))
        if (mine !== round) return
        since = performance.now()
      }
      results.value = made
    },
    { immediate: true },
  )
  onScopeDispose(() => {
    round++
  })
  return results
}
