<script setup lang="ts">
// One kind of part through the year: how many are owned, how many every stage needs, and the first day of a shortage.
import { there } from '#core/units'
import { kitName } from '~/composables/kitName'
import { useStageChart } from '~/composables/stageChart'
import type { Yard } from '#core/yard'
import { kitOf, periodsFromSpring, yearOf } from '#core/year'
import { capital } from '#core/words'
import { GRADE_COLOURS, INDIGO, MATERIALS } from '~/drawing/palette'

const props = defineProps<{ yard: Yard; part: string | null }>()
const view = useView()
const weighing = useWeighing()
const preferences = usePreferences()
const { year, done, running, cancel } = usePlannedYear(
  computed(() => props.yard),
  computed(() => weighing.own),
)
const periods = computed(() => periodsFromSpring(yearOf(props.yard)))
const stages = computed(() => [...new Set(periods.value.map(({ stage }) => stage))])
const lines = computed(() => (year.value ? kitOf(props.yard, year.value.hives, stages.value) : []))
const chosen = ref<string | null>(null)
watch(
  () => props.part,
  (part) => {
    if (part) chosen.value = part
  },
)
/** What is looked at: what was chosen, or the part that runs shortest. */
const line = computed(() => lines.value.find(({ patternId }) => patternId === chosen.value) ?? lines.value[0])
const name = (patternId: string) => kitName(patternId, view.catalogue, preferences.vocabulary)
const verdict = computed(() => {
  if (!line.value) return ''
  const { patternId, short, shortFrom, owned } = line.value
  const lent = props.yard.parts.filter((part) => part.patternId === patternId && part.lent).length
  const had = lent > 0 ? `${owned} here, ${lent} lent` : `${owned} owned`
  if (short === 0 || !shortFrom) return `${had}: enough for every stage.`
  const from = there(periods.value.find(({ stage }) => stage === shortFrom)).from
  return `${had}: too few from ${preferences.day(from)}, ${stageSaid(shortFrom)}; ${short} short at the most.`
})

const canvas = ref<HTMLCanvasElement | null>(null)
useStageChart(
  canvas,
  computed(() => {
    if (!line.value) return null
    const { owned, needed, toGet } = line.value
    const isShort = stages.value.map((stage) => (toGet.get(stage) ?? 0) > 0)
    return {
      labels: stages.value.map((stage) => capital(stageSaid(stage))),
      datasets: [
        {
          type: 'line',
          label: 'owned',
          data: stages.value.map(() => owned),
          borderColor: INDIGO,
          backgroundColor: INDIGO,
          borderDash: [6, 4],
          pointRadius: 0,
        },
        {
          type: 'bar',
          label: 'needed',
          data: stages.value.map((stage) => needed.get(stage) ?? 0),
          backgroundColor: isShort.map((short) => (short ? '#e6b9ba' : MATERIALS.timber.fill)),
          borderColor: isShort.map((short) => (short ? GRADE_COLOURS.stop : MATERIALS.timber.edge)),
          borderWidth: 1.5,
        },
      ],
    }
  }),
  { scales: { y: { beginAtZero: true, ticks: { precision: 0 } } }, plugins: { legend: { position: 'bottom' } } },
)
</script>

<template>
  <section class="over-year" aria-label="Owned against needed through the year" data-testid="shed-year">
    <h2>Through the year</h2>
    <p v-if="running">
      <UiProgress :done="done" :of="yard.hives.length" name="Writing the year of every hive" />
      <ElButton text @click="cancel">Stop</ElButton>
    </p>
    <template v-if="line">
      <ElSelect
        :model-value="line.patternId"
        filterable
        aria-label="Part that is looked at"
        data-testid="shed-year-part"
        @change="chosen = String($event)"
      >
        <ElOption v-for="one in lines" :key="one.patternId" :value="one.patternId" :label="name(one.patternId)" />
      </ElSelect>
      <p role="status" :class="{ short: line.short > 0 }" data-testid="shed-verdict">{{ verdict }}</p>
      <div class="chart">
        <canvas ref="canvas" role="img" :aria-label="`${name(line.patternId)} through the year: ${verdict}`" />
      </div>
    </template>
  </section>
</template>

<style scoped>
.over-year {
  padding: var(--space-4) var(--space-5);
  border: 1px solid var(--seam);
  border-radius: 8px;
  background: var(--sheet);
}

h2 {
  margin-bottom: var(--space-3);
  font-size: var(--type-4);
}

.el-select {
  width: 100%;
}

.short {
  color: var(--stop);
  font-weight: 700;
}

.chart {
  position: relative;
  height: 220px;
}
</style>
