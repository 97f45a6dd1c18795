import { withWay, type WinterWay } from '#core/ask'
import { roundTo } from '#core/units'
import type { Edit, Hive, Yard } from '#core/yard'
import * as deeds from '#core/yard/deeds'

/** Keeps what was found for the winter of a hive: its bees, the way that is chosen, insulation of one's own. */
export function useKeepWinter(place: Ref<{ readonly yard: Yard; readonly hive: Hive } | null>, beesKg: Ref<number>) {
  const yards = useYards()
  const keepOwn = (edit: Edit): boolean => place.value !== null && yards.perform(place.value.yard.id, edit)
  function keepBees() {
    const hive = place.value?.hive
    if (hive) keepOwn(deeds.setWay(hive, { ...hive.season, winterBeesKg: roundTo(beesKg.value, 2) }))
  }
  function keepWay({ way }: WinterWay) {
    const hive = place.value?.hive
    if (hive) keepOwn(deeds.setWay(hive, { ...hive.season, way: withWay(hive.season?.way, way) }))
  }
  return { keepOwn, keepBees, keepWay }
}
