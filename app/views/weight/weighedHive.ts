import { hiveIn } from '#core/ask'
import type { Hive, Yard } from '#core/yard'

/** A hive as it is weighed and lifted in the Weight view. */
export function useWeighedHive(of: { readonly yard: Yard; readonly hive: Hive }) {
  const weighing = useWeighing()
  const preferences = usePreferences()
  const known = computed(() => hiveIn(of.yard, of.hive))
  const now = computed(() => weighing.weighingAt(of.hive.stage))
  const names = computed(() => known.value.names(preferences.vocabulary))
  const lifts = computed(() => known.value.lifts(weighing.own, now.value))
  return reactive({ known, now, names, lifts })
}

/** A share of what is allowed, as it is written. */
export const shareOfAllowed = (value: number | null): string => (value === null ? 'no figure' : value.toFixed(2))
