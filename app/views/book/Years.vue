<script setup lang="ts">
// What a book says through time: one measure after the other, or its years laid over each other.
import { MEASURES, overYears, seriesOf, type Entry, type FoundPoint, type SeriesOf, type Weighed } from '#core/book'
import { massFigure, massUnit } from '#core/units'
import { useTimeChart } from '~/composables/timeChart'

const props = defineProps<{ entries: readonly Entry[]; weighings: readonly Weighed[] }>()
const preferences = usePreferences()
const WORDS: Readonly<Record<SeriesOf, string>> = {
  seams: 'Bees',
  brood: 'Brood',
  stores: 'Stores',
  weight: 'Weight',
  mites: 'Mites',
}
const UNITS = computed<Readonly<Record<SeriesOf, string>>>(() => ({
  seams: 'seams of bees',
  brood: 'frames with brood',
  stores: 'frames of sealed stores',
  weight: massUnit(preferences.units),
  mites: 'mites a day on the tray',
}))
const known = computed(() => MEASURES.filter((one) => seriesOf(one, props.entries, props.weighings).length > 0))
const chosen = ref<SeriesOf | undefined>()
const measure = computed({
  get: () => chosen.value ?? known.value[0] ?? 'seams',
  set: (one) => {
    chosen.value = one
  },
})
const WAYS = [
  ['over', 'Years over each other'],
  ['through', 'Through time'],
] as const
const way = ref<(typeof WAYS)[number][0]>('over')
const series = computed(() => seriesOf(measure.value, props.entries, props.weighings))
const LOOKS = [
  { borderColor: '#27408b', pointStyle: 'circle', borderDash: [] },
  { borderColor: '#9e2a2f', pointStyle: 'rect', borderDash: [8, 4] },
  { borderColor: '#3c6a2d', pointStyle: 'triangle', borderDash: [3, 3] },
  { borderColor: '#8a5600', pointStyle: 'rectRot', borderDash: [10, 3, 2, 3] },
  { borderColor: '#49637e', pointStyle: 'cross', borderDash: [1, 4] },
] as const
const ms = (day: string) => Date.parse(`${day}T12:00:00Z`)
const shown = (value: number) => (measure.value === 'weight' ? Number(massFigure(value, preferences.units, 1)) : value)
const pointsOf = (found: readonly FoundPoint[]) => found.map(({ day, value }) => ({ x: ms(day), y: shown(value) }))
const canvas = ref<HTMLCanvasElement | null>(null)
useTimeChart(
  canvas,
  computed(() => {
    const lines =
      way.value === 'over' ? overYears(series.value) : [{ year: UNITS.value[measure.value], points: series.value }]
    const first = series.value[0]?.day ?? '2024-01-01'
    const last = series.value.at(-1)?.day ?? '2024-12-31'
    return {
      isOverYears: way.value === 'over',
      span: way.value === 'over' ? [ms('2024-01-01'), ms('2024-12-31')] : [ms(first), ms(last)],
      lines: lines.map(({ year, points }, i) => {
        const { borderDash, ...look } = LOOKS[i % LOOKS.length]!
        return {
          label: year,
          points: () => pointsOf(points),
          ...look,
          backgroundColor: look.borderColor,
          borderDash: [...borderDash],
          borderWidth: i === 0 ? 3 : 2,
          pointRadius: 5,
        }
      }),
      scales: { y: { beginAtZero: true, title: { display: true, text: UNITS.value[measure.value] } } },
    }
  }),
)
</script>

<template>
  <section class="years" aria-label="Through the years" data-testid="book-years">
    <p v-if="known.length === 0">
      Nothing to draw yet: seams, frames of brood and stores, weighings and counts of mites come here as they are
      written.
    </p>
    <template v-else>
      <UiModes v-model="measure" :of="known.map((one) => [one, WORDS[one]] as const)" name="What is drawn" />
      <UiModes v-model="way" :of="WAYS" name="How years are drawn" />
      <div class="chart"><canvas ref="canvas" role="img" :aria-label="`${WORDS[measure]} through the years`" /></div>
    </template>
  </section>
</template>

<style scoped>
.years {
  display: flex;
  flex-direction: column;
  gap: var(--space-2);
}

.chart {
  position: relative;
  height: min(420px, 52vh);
}
</style>
