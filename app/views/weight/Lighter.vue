<script setup lang="ts">
// Ways that are lighter to lift, with the same room for brood and the same honey.
import { lighterWays, type Alternative } from '#core/ask'
import { showMass } from '#core/units'
import { SCHOOL_WORDS } from '#core/words'
import type { Hive, Yard } from '#core/yard'
import { shareOfAllowed, useWeighedHive } from './weighedHive'

/** The best are shown first; of all of them the drawing holds so many. */
const BEST = 10
const MOST = 40
const props = defineProps<{ yard: Yard; hive: Hive }>()
const emit = defineEmits<{ take: [way: Alternative] }>()
const weighing = useWeighing()
const preferences = usePreferences()
const weighed = useWeighedHive(props)
const ways = computed(() => {
  let n = 0
  const { known, now } = weighed
  return lighterWays(known.assembled, known.context.catalogue, now, weighing.own, () => `new:lighter/${n++}`)
})
const beside = shallowRef<Alternative | null>(null)
const all = ref(false)
watch(
  ways,
  (found) => {
    beside.value = found.better[0] ?? null
  },
  { immediate: true },
)
</script>

<template>
  <p>
    {{ ways.tried }} ways tried, each with the same room for brood and the same honey; judged by:
    {{ SCHOOL_WORDS[weighing.own.school] }}. Now the worst lift is <b>{{ shareOfAllowed(ways.now.worstIndex) }}</b> of
    what is allowed, the heaviest {{ showMass(ways.now.heaviestKg, preferences.units) }}. Press a hive to see it beside
    yours.
  </p>
  <p v-if="ways.better.length === 0">Nothing here makes the worst lift lighter.</p>
  <template v-else>
    <WeightPlane :ways="ways" :yard="yard" :hive="hive" :chosen="beside" :all="all" @choose="beside = $event">
      <WeightBeside
        v-if="beside"
        :way="beside"
        :now="ways.now"
        :yard="yard"
        :hive="hive"
        @take="emit('take', beside)"
      />
    </WeightPlane>
    <ElButton v-if="ways.better.length > BEST" text data-testid="all-ways" @click="all = !all">{{
      all ? 'The best ten only' : `All ${Math.min(MOST, ways.better.length)} ways`
    }}</ElButton>
  </template>
  <p class="caution">Figures are guidance. Parts that come off go to the shed; undo puts everything back.</p>
</template>

<style scoped>
.caution {
  margin-top: var(--space-3);
  color: var(--soft-ink);
  font-size: var(--type-2);
}
</style>
