import { watch } from 'vue'
import type { Hive, Yard } from '#core/hive'
import { useCrops } from '~/stores/crops'

/**
 * Has the books of a yard asked what its crops can spare, once what stands there is known and whenever it changes: of
 * all of its hives, or of those that the view is about.
 */
export function useCropsOf(yard: () => Yard | undefined, isAbout: (hive: Hive) => boolean = () => true): void {
  const crops = useCrops()
  watch(
    () => yard()?.hives.filter(isAbout),
    (hives, before = []) => {
      const now = yard()
      // With each tick of a visit only the hive that it changed is asked for again.
      const changed = hives?.filter((hive) => !before.includes(hive)) ?? []
      if (now && changed.length > 0) void crops.load(now, changed)
    },
    { immediate: true },
  )
}
