import { watch } from 'vue'
import type { Yard } from '#core/hive'
import { useCrops } from '~/stores/crops'

/** Has the books of a yard asked what its crops can spare, once what stands there is known and whenever it changes. */
export function useCropsOf(yard: () => Yard | undefined): void {
  const crops = useCrops()
  watch(
    () => yard()?.hives,
    () => {
      const now = yard()
      if (now) void crops.load(now)
    },
    { immediate: true },
  )
}
