import type { Hive, Yard } from '#core/yard'
import * as deeds from '#core/yard/deeds'

/** Whole boxes of a crop that stand on the hive: whether they came off it is asked, and then done. */
export function useCropTaken(of: { readonly yard: Yard; readonly hive: Hive }, boxIds: () => readonly string[]) {
  const yards = useYards()
  const cameOff = ref<boolean | null>(null)
  const boxesTaken = computed(() => boxIds().filter((id) => of.hive.stack.some(({ partId }) => partId === id)))
  function takenOff() {
    const boxes = boxesTaken.value
    const edit = boxes.length > 0 ? deeds.takeCrop(of.yard, of.hive, boxes, cameOff.value === true) : undefined
    if (edit) yards.perform(of.yard.id, edit)
  }
  return { cameOff, boxesTaken, takenOff }
}
