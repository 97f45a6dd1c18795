<script setup lang="ts">
// Weighed beside predicted, over the days of the readings.
import { massUnit, poundsFromKg } from '#core/units'
import { useTimeChart } from '~/composables/timeChart'

interface Band {
  readonly at: string
  readonly low: number
  readonly middle: number
  readonly high: number
}
const props = defineProps<{
  points: readonly { readonly at: string; readonly kg: number }[]
  predicted: readonly Band[]
}>()
const preferences = usePreferences()
const canvas = ref<HTMLCanvasElement | null>(null)
const shown = (kg: number) => (preferences.units === 'mm' ? kg : poundsFromKg(kg))
const predictedAt = (which: 'low' | 'middle' | 'high') => () =>
  props.predicted.map((one) => ({ x: Date.parse(one.at), y: shown(one[which]) }))
const hidden = { borderColor: 'transparent', pointRadius: 0 } as const
const BOUNDS = ['from', 'to']
useTimeChart(
  canvas,
  computed(() => ({
    span: [Date.parse(props.points[0]?.at ?? ''), Date.parse(props.points.at(-1)?.at ?? '')],
    legend: (label) => !BOUNDS.includes(label),
    lines: [
      {
        label: `weighed, ${massUnit(preferences.units)}`,
        points: () => props.points.map(({ at, kg }) => ({ x: Date.parse(at), y: shown(kg) })),
        borderColor: '#27408b',
        backgroundColor: '#27408b',
        borderWidth: 2,
        pointRadius: props.points.length > 60 ? 0 : 4,
      },
      {
        label: 'predicted',
        points: predictedAt('middle'),
        borderColor: '#8a5600',
        borderDash: [8, 5],
        pointRadius: 0,
        borderWidth: 2,
      },
      { label: 'from', points: predictedAt('low'), ...hidden },
      { label: 'to', points: predictedAt('high'), ...hidden, backgroundColor: 'rgba(210, 157, 37, 0.22)', fill: '-1' },
    ],
  })),
)
</script>

<template>
  <div class="chart" data-testid="weigh-chart">
    <canvas
      ref="canvas"
      role="img"
      :aria-label="`${points.length} weighings beside what is predicted; the newest are in the list`"
    />
  </div>
</template>

<style scoped>
.chart {
  position: relative;
  height: 300px;
}
</style>
