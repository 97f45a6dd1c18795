import { watch } from 'vue'
import type { Yard } from '#core/hive'
import { useCrops } from '~/stores/crops'

/** Has the books of a yard asked what its crops can spare, once what stands there is known and whenever it changes. */
export function useCropsOf(yard: () => Yard | undefined): void {
  const crops = useCrops()
  watch(
    () => yard()?.hives,
    (hives, before) => {
      const now = yard()
      // With each tick of a visit only the hive that it changed is asked for again.
      if (now && hives) void crops.load(now, before ? hives.filter((hive) => !before.includes(hive)) : hives)
    },
    { immediate: true },
  )
}
