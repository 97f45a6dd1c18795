<script setup lang="ts">
// How much room the bees take of their own, and the most that less of it would save.
import { roomOfBees, winterOf, type HiveIn, type WinterAsked } from '#core/ask'
import { showVolume } from '#core/units'
import { showSmallMass, showWatts } from '#core/words'

const props = defineProps<{ known: HiveIn; asked: WinterAsked }>()
const preferences = usePreferences()
const cluster = computed(() => roomOfBees(props.known, props.asked))
const litres = computed(() => winterOf(props.known).shell.enclosure.litres)
</script>

<template>
  <p v-if="cluster" class="soft" data-testid="cluster">
    The bees take {{ showVolume(cluster.litres, preferences.units) }}, {{ Math.round(cluster.share * 100) }} % of the
    {{ showVolume(litres, preferences.units) }} they have.
    <template v-if="cluster.narrower && cluster.narrower.savesWatts > 0"
      >Room for {{ cluster.narrower.seams }} frames instead of {{ cluster.narrower.frames }}, behind dummies that
      sealed, would save at most {{ showWatts(cluster.narrower.savesWatts) }},
      {{ showSmallMass(cluster.narrower.savesKgAMonth, preferences.units) }} of honey a month.</template
    >
  </p>
</template>
