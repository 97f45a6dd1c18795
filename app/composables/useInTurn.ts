import { onScopeDispose, ref, watch, type Ref } from 'vue'

/**
 * How many of so many things are to be drawn now: a few more with every frame, so that none of them keeps the page busy.
 */
export function useInTurn(count: Ref<number> | number, perFrame = 1): Ref<number> {
  const most = ref(count)
  const shown = ref(0)
  let next = 0
  function more(): void {
    next = 0
    if (shown.value >= most.value) return
    shown.value = Math.min(most.value, shown.value + perFrame)
    next = requestAnimationFrame(() => { next = requestAnimationFrame(more) })
  }
  watch(most, () => { next ||= requestAnimationFrame(more) }, { immediate: true })
  onScopeDispose(() => cancelAnimationFrame(next))
  return shown
}
