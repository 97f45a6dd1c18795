import { foodOf } from '#core/book'
import { hiveIn } from '#core/hive-in'
import type { Hive, Yard } from '#core/hive'
import { foodThereInWords } from '#core/wording/food-words'
import { localToday } from '~/composables/newEntry'

/**
 * What the book of a hive and its scale say of its food, the same in every view; null where they say nothing, or while
 * a crop stands on it that is not its winter's food.
 */
export function useKnownStores(at: () => { readonly yard: Yard; readonly hive: Hive } | null | undefined) {
  const preferences = usePreferences()
  const written = useHiveBook(() => {
    const here = at()
    return here ? { yardId: here.yard.id, hiveId: here.hive.id } : null
  })
  return computed(() => {
    const here = at()
    if (!here || !written.entries.value || here.hive.stack.some(({ role }) => role === 'super')) return null
    const food = foodOf(hiveIn(here.yard, here.hive), written.entries.value, written.ofTheseBoxes.value, localToday())
    if (food.measured.by === 'model') return null
    return { kg: food.ledger.there, said: foodThereInWords(food, preferences.reader) }
  })
}
