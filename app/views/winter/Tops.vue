<script setup lang="ts">
// One top for every hive of the yard: what each would burn, and how many would be wet as soon as their walls.
import { proxy } from 'comlink'
import type { TopFigures } from '#core/ask'
import { showMass } from '#core/units'
import { capital, rangeInWords, winterTopWord } from '#core/words'
import type { Yard } from '#core/yard'
import { planDoor } from '~/composables/doors'

const props = defineProps<{ living: Yard }>()
const view = useView()
const preferences = usePreferences()
const tops = shallowRef<readonly TopFigures[] | null>(null)
let round = 0
watch(
  () => props.living,
  async () => {
    const mine = ++round
    const answer = await planDoor().topsOfYard(
      toRaw(props.living),
      proxy(() => undefined),
      proxy(() => mine !== round),
    )
    if (mine === round && answer) tops.value = answer
  },
  { immediate: true },
)
onBeforeUnmount(() => {
  round++
})
const topName = ({ wayId }: TopFigures) =>
  wayId === 'top:closed' ? 'closed, a slab as it ships' : winterTopWord(wayId, view.catalogue, preferences.reader)
const TOPS = columnsFor<TopFigures>(
  { key: 'top', label: 'Top', width: 220, text: (row) => capital(topName(row)), by: topName },
  { key: 'hives', label: 'Hives', number: true, text: ({ hives: count }) => String(count) },
  {
    key: 'cluster',
    label: 'Honey of all, cluster warm',
    number: true,
    width: 190,
    text: ({ clusterKg }) => rangeInWords(clusterKg, preferences.reader, 0),
    by: ({ clusterKg }) => clusterKg.middle,
  },
  {
    key: 'cavity',
    label: 'Honey of all, cavity warm',
    number: true,
    width: 190,
    text: ({ cavityKg }) => showMass(cavityKg, preferences.units, 0),
    by: ({ cavityKg }) => cavityKg,
  },
  {
    key: 'wet',
    label: 'Tops wet as soon as walls',
    number: true,
    width: 190,
    text: ({ wetTops }) => String(wetTops),
    by: ({ wetTops }) => wetTops,
  },
)
</script>

<template>
  <template v-if="tops && tops.length > 0">
    <h2>One top for all of them</h2>
    <div class="scroll" tabindex="0" role="group" aria-label="One top for all of them">
      <UiTable :rows="tops" :columns="TOPS" :key-of="({ wayId }) => wayId" />
    </div>
  </template>
</template>

<style scoped>
.scroll {
  position: relative;
  overflow-x: auto;
}
</style>
