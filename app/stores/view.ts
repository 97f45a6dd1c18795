import { useKept } from '~/composables/kept'
import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { CATALOGUE, catalogueOf } from '#core/parts'
import { bandOf } from '#core/stack'
import type { Context } from '#core/rules'
import { emptyYard } from '#core/yard'
import { SET_DOWN_PLACES } from '#core/year'
import { useYards } from './yards'

/** Which yard the views that are about a yard look at. */
export const useView = defineStore('view', () => {
  const yards = useYards()
  const chosen = useKept<string | null>('duvet.yard', null)
  const yard = computed(() => yards.yards.find(({ id }) => id === chosen.value) ?? yards.yards[0])
  const catalogue = computed(() => (yard.value ? catalogueOf(yard.value) : CATALOGUE))
  const context = computed<Context>(() => {
    const now = yard.value ?? emptyYard('', '')
    const { figures } = catalogue.value
    return {
      catalogue: catalogue.value,
      stage: 'flow',
      band: bandOf(now.band, figures),
      figures,
      climate: 'cool-maritime',
      prolific: now.prolific,
    }
  })
  const chosenHive = useKept<string | null>('duvet.hive', null)
  /** The hive that was looked at last in this yard, or its first. */
  const hive = computed(() => yard.value?.hives.find(({ id }) => id === chosenHive.value) ?? yard.value?.hives[0])
  /** Places to set boxes down on at a visit: upturned roof, ground board, spare stand; kept on this device. */
  const places = useKept('duvet.places', SET_DOWN_PLACES)
  /** The yard that a hive stands in: the chosen one, where two yards have a hive of this identity. */
  function yardOf(hiveId: string) {
    const found = yards.yards.filter(({ hives }) => hives.some(({ id }) => id === hiveId))
    return found.find(({ id }) => id === chosen.value) ?? found[0]
  }
  /** A hive by its identity, with the yard that it stands in. */
  function placeOf(hiveId: string) {
    const found = yardOf(hiveId)
    const hive = found?.hives.find(({ id }) => id === hiveId)
    return found && hive ? { yard: found, hive } : null
  }
  /** The hive that was in view before this one, on this page; null where there was none. */
  const cameFrom = ref<string | null>(null)
  return { cameFrom, yardOf, placeOf, places, chosen, chosenHive, yard, hive, catalogue, context }
})
