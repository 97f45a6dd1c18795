import { computed, ref, shallowRef } from 'vue'
import type { Held } from './held'
import { thingsIn, withAside, withAsideAgain, withoutAside, type NewAside, type SetAside } from './machine'

/** What was set aside: it can be looked at, tried again, saved as a file and dropped. */
export function useAsides({ state, become, making }: Held) {
  const all = computed(() => state.value.aside)
  const count = computed(() => all.value.reduce((sum, one) => sum + thingsIn(one), 0))
  const dropped = shallowRef<SetAside | null>(null)
  const shown = ref(false)

  const add = (one: NewAside) => become(withAside(state.value, [one], making()))
  /** It is tried again: it lies here no more, and there is nothing to bring back. */
  const take = (asideId: string) => become(withoutAside(state.value, asideId))
  function drop(asideId: string): void {
    dropped.value = all.value.find(({ id }) => id === asideId) ?? null
    take(asideId)
  }
  function bringBack(): void {
    if (dropped.value) become(withAsideAgain(state.value, dropped.value))
    dropped.value = null
  }

  return { all, count, dropped, shown, add, take, drop, bringBack }
}
