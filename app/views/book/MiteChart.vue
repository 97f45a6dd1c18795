<script setup lang="ts">
// Mites as counted against the yard's limits, with treatments as bands and the weeks in which winter bees are reared.
import { miteChart, type Entry } from '#core/book'
import type { Yard } from '#core/yard'
import { yearOf } from '#core/year'
import { TREATMENT_CAUTION } from '#core/words'
import { localToday } from '~/composables/localTime'
import { bandOver, useTimeChart } from '~/composables/timeChart'

const props = defineProps<{ yard: Yard; entries: readonly Entry[] }>()
const preferences = usePreferences()
const canvas = ref<HTMLCanvasElement | null>(null)
const shown = computed(() => miteChart(props.entries, yearOf(props.yard), localToday()))
const ms = (day: string) => Date.parse(`${day}T12:00:00Z`)
const MEASURES = [
  { of: 'day', word: 'fall a day', color: '#b0402a' },
  { of: 'hundred', word: 'in 100 bees', color: '#27408b' },
] as const
const used = computed(() => MEASURES.filter(({ of }) => shown.value?.counts.some((count) => count.in === of)))
const highest = computed(() =>
  Math.max(1, ...(shown.value?.counts ?? []).map(({ rate, limit }) => Math.max(rate, limit))),
)
const band = (label: string, from: string, to: string, color: string) =>
  bandOver(label, ms(from), ms(to), highest.value * 1.1, color)
useTimeChart(
  canvas,
  computed(() => {
    const chart = shown.value
    if (!chart) return { span: [0, 1] as const, lines: [] }
    return {
      span: [ms(chart.span.from), ms(chart.span.to)] as const,
      legend: (label: string) => !label.startsWith('band'),
      lines: [
        ...used.value.flatMap(({ of, word, color }) => [
          {
            label: word,
            points: () =>
              chart.counts.filter((count) => count.in === of).map(({ day, rate }) => ({ x: ms(day), y: rate })),
            borderColor: color,
            backgroundColor: color,
            borderWidth: 2,
            pointRadius: 4,
          },
          {
            label: `limit, ${word}`,
            points: () => chart.limits[of].map(({ day, limit }) => ({ x: ms(day), y: limit })),
            borderColor: color,
            borderDash: [7, 4],
            borderWidth: 1.5,
            pointRadius: 0,
            stepped: true,
          },
        ]),
        ...chart.treatments.map(({ product, from, to }) => band(`band ${product}`, from, to, 'rgba(60, 106, 45, 0.2)')),
        ...chart.winterBees.map(({ from, to }) => band('band winter bees', from, to, 'rgba(73, 99, 126, 0.14)')),
      ],
      scales: { y: { beginAtZero: true, max: Math.ceil(highest.value * 1.1) } },
    }
  }),
)
const said = computed(() =>
  (shown.value?.treatments ?? []).map(({ product, from, to, isOpen, worked }) => {
    const days = `${product}: ${preferences.day(from)} to ${isOpen ? 'now, no end noted' : preferences.day(to)}`
    if (!worked) return `${days}; no count of one way before and after it yet`
    const gone =
      worked.gone >= 0 ? `${Math.round(worked.gone * 100)} % of the mites gone` : 'more mites after than before'
    return `${days}; ${gone}${worked.few ? ', from so few that it says little' : ''}`
  }),
)
</script>

<template>
  <section v-if="shown" class="mites" aria-label="Mites" data-testid="mite-chart">
    <h2>Mites</h2>
    <div class="chart">
      <canvas
        ref="canvas"
        role="img"
        :aria-label="`Mites: ${shown.counts.length} counts, ${shown.counts.filter(({ over }) => over).length} over the limit; treatments are told below`"
      />
    </div>
    <p class="key">Green: treated. Grey: winter bees are reared. Dashed: this yard’s limit.</p>
    <ul v-if="said.length > 0">
      <li v-for="line in said" :key="line">{{ line }}</li>
      <li class="key">{{ TREATMENT_CAUTION }}</li>
    </ul>
  </section>
</template>

<style scoped>
h2 {
  margin: var(--space-4) 0 var(--space-2);
  font-size: var(--type-4);
}

.chart {
  position: relative;
  height: 220px;
}

.key {
  margin: var(--space-2) 0;
  color: var(--soft-ink);
  font-size: var(--type-1);
}

ul {
  margin: 0;
  padding: 0;
  list-style: none;
  font-size: var(--type-1);
}
</style>
