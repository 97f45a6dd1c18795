import { foodOf } from '#core/book'
import { hiveIn } from '#core/hive-in'
import { isCold, type Hive, type Yard } from '#core/hive'
import { winterStoresOf } from '#core/wording/food-words'
import { localToday } from '~/composables/localTime'

/**
 * What the book of a hive and its scale say of its food, the same figure in every view; null where they say nothing.
 * In season the supers on it are not its winter's food: what is left without them.
 */
export function useKnownStores(at: () => { readonly yard: Yard; readonly hive: Hive } | null | undefined) {
  const preferences = usePreferences()
  const written = useHiveBook(() => {
    const here = at()
    return here ? { yardId: here.yard.id, hiveId: here.hive.id } : null
  })
  return computed(() => {
    const here = at()
    if (!here || !written.entries.value) return null
    const food = foodOf(hiveIn(here.yard, here.hive), written.entries.value, written.ofTheseBoxes.value, localToday())
    return winterStoresOf(food, isCold(here.hive.stage), preferences.reader) ?? null
  })
}
