<script setup lang="ts">
// What is lifted, how high and how far; lighter ways; whether it stands; the same through the year.
import type { Alternative } from '#core/ask'

const route = useRoute()
const yards = useYards()
const view = useView()
const weighing = useWeighing()
const MODES = [
  ['lifts', 'Lifts'],
  ['lighter', 'Something lighter'],
  ['standing', 'Does it stand'],
  ['year', 'Through the year'],
  ['weigh', 'Weigh it'],
] as const
const mode = useInAddress('see', modeOf(MODES), 'lifts')
const place = computed(() => view.placeOf(String(route.params.hive)))
function take({ edit, profile }: Alternative) {
  if (edit && place.value) yards.perform(place.value.yard.id, edit)
  weighing.profile = profile
  mode.value = 'lifts'
}
onBeforeUnmount(weighing.asSaid)
useHead({ title: computed(() => (place.value ? `Weight of ${place.value.hive.name} – Duvet` : 'Weight – Duvet')) })
</script>

<template>
  <ShellPage :title="place ? `Weight of ${place.hive.name}` : 'Weight'" :fill="mode === 'lifts'">
    <template #bar>
      <UiModes v-model="mode" :of="MODES" name="What to see" />
      <WeightWeighedAs />
    </template>
    <ShellNothing v-if="!place" to="/" way="Start a hive in the row">
      No hive stands here yet. What each of its boxes weighs and how it is lifted is drawn here.
    </ShellNothing>
    <WeightLifts v-else-if="mode === 'lifts'" :yard="place.yard" :hive="place.hive" />
    <div v-else class="wide">
      <WeightLighter v-if="mode === 'lighter'" :yard="place.yard" :hive="place.hive" @take="take" />
      <WeightStanding v-else-if="mode === 'standing'" :yard="place.yard" :hive="place.hive" />
      <WeightWeighIn v-else-if="mode === 'weigh'" :yard="place.yard" :hive="place.hive" />
      <WeightThroughYear v-else :yard="place.yard" :hive="place.hive" />
    </div>
  </ShellPage>
</template>

<style scoped>
.wide {
  padding: 0 var(--space-5) var(--space-6);
}
</style>
