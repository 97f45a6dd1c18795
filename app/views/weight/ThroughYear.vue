<script setup lang="ts">
// What a hive weighs and how it is lifted stage by stage, and a day of lifts in its whole yard.
import { proxy } from 'comlink'
import type { StageLoad, YardDay } from '#core/ask'
import { showMass } from '#core/units'
import { capital, counted, dutyInWords } from '#core/words'
import type { Hive, Yard } from '#core/yard'
import { planDoor } from '~/composables/doors'
import { shareOfAllowed } from './weighedHive'

const props = defineProps<{ yard: Yard; hive: Hive }>()
const weighing = useWeighing()
const preferences = usePreferences()
const day = shallowRef<YardDay | null>(null)
const year = computed(() => day.value?.hives.get(props.hive.id) ?? null)
const done = ref(0)
let round = 0
/** The whole yard is worked out in the worker, and a newer question stops an older one. */
watch(
  [() => props.yard, () => weighing.own],
  async () => {
    const mine = ++round
    done.value = 0
    const started = performance.now()
    const answer = await planDoor().dayOfYard(
      toRaw(props.yard),
      { ...weighing.own },
      proxy((count: number) => {
        if (mine === round) done.value = count
      }),
      proxy(() => mine !== round),
    )
    if (mine !== round) return
    performance.measure('yard-day', { start: started })
    day.value = answer
  },
  { immediate: true },
)
onBeforeUnmount(() => {
  round++
})
const LOADS = columnsFor<StageLoad>(
  { key: 'stage', label: 'Stage', width: 130 },
  { key: 'whole', label: 'The whole hive', number: true, text: ({ totalKg }) => showMass(totalKg, preferences.units) },
  {
    key: 'heaviest',
    label: 'Heaviest lift',
    number: true,
    text: ({ heaviestKg }) => (heaviestKg === null ? 'none' : showMass(heaviestKg, preferences.units)),
  },
  {
    key: 'worst',
    label: 'Worst, of allowed',
    number: true,
    text: ({ heaviestKg, worstIndex }) => (heaviestKg === null ? 'none' : shareOfAllowed(worstIndex)),
  },
  {
    key: 'all',
    label: 'Full inspection',
    width: 150,
    text: ({ lifts: count, movedKg }) => `${counted(count, 'lift')}, ${showMass(movedKg, preferences.units)}`,
  },
)
</script>

<template>
  <p v-if="!day || !year">
    <UiProgress :done="done" :of="yard.hives.length" name="Hives weighed" /> {{ done }} of
    {{ counted(yard.hives.length, 'hive') }} looked at
  </p>
  <template v-else>
    <WeightYearChart
      :labels="year.map(({ stage }) => capital(stageSaid(stage)))"
      :total-kg="year.map(({ totalKg }) => totalKg)"
      :heaviest-kg="year.map(({ heaviestKg }) => heaviestKg ?? 0)"
    />
    <div class="scroll" tabindex="0" role="group" aria-label="Stage by stage">
      <UiTable :rows="year" :columns="LOADS" :key-of="({ stage }) => stage">
        <template #stage="{ row }"
          ><span :data-load="row.stage">{{ capital(stageSaid(row.stage)) }}</span></template
        >
      </UiTable>
    </div>
    <h2>A day in {{ yard.name }}</h2>
    <p data-testid="day">
      Every hive inspected in full, as they stand: {{ dutyInWords(day.now, preferences.reader) }}. At the worst time of
      the year, as planned ({{ stageSaid(day.worst.stage) }}): {{ dutyInWords(day.worst.duty, preferences.reader) }}.
      Share it out over days and people.
    </p>
  </template>
  <p class="caution">
    Each stage with the boxes that the year plans for it; every box that is lifted is taken as full as it may be by
    then.
  </p>
</template>

<style scoped>
.scroll {
  position: relative;
  overflow-x: auto;
}

h2 {
  margin-top: var(--space-4);
}

.caution {
  margin-top: var(--space-3);
  color: var(--soft-ink);
  font-size: var(--type-2);
}
</style>
