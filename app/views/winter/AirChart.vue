<script setup lang="ts">
// Temperature inside and outside over time, and how damp it is inside.
import type { AirReading } from '#core/heat'
import type { ReadingSeries } from '#wire/answers'
import type { ReadingPlace } from '#wire/readings/kind'
import { fahrenheitFrom } from '#core/units'
import { PLACE_WORDS } from '#core/words'
import { useTimeChart } from '~/composables/timeChart'

const props = defineProps<{ series: readonly ReadingSeries<AirReading>[] }>()
const preferences = usePreferences()
const canvas = ref<HTMLCanvasElement | null>(null)
const LOOKS: Partial<Record<ReadingPlace, string>> = { inside: '#b0402a', crown: '#c98f1f', outside: '#27408b' }
const degrees = (celsius: number) => (preferences.units === 'mm' ? celsius : fahrenheitFrom(celsius))
const span = computed((): [number, number] =>
  props.series
    .flatMap(({ points }) => points.map(({ at }) => Date.parse(at)))
    .reduce(([least, most], at) => [Math.min(least, at), Math.max(most, at)], [Infinity, -Infinity]),
)
const damp = computed(() => props.series.find(({ place }) => place !== 'outside')?.points ?? [])
useTimeChart(
  canvas,
  computed(() => ({
    span: span.value,
    lines: [
      ...props.series.map(({ place, points }) => ({
        label: PLACE_WORDS[place],
        points: () => points.map(({ at, celsius }) => ({ x: Date.parse(at), y: degrees(celsius) })),
        borderColor: LOOKS[place],
        backgroundColor: LOOKS[place],
        borderDash: place === 'outside' ? [7, 4] : [],
        borderWidth: 2,
        pointRadius: 0,
        yAxisID: 'y',
      })),
      {
        label: 'damp, %',
        points: () =>
          damp.value.flatMap(({ at, humidityPercent }) =>
            humidityPercent === null ? [] : [{ x: Date.parse(at), y: humidityPercent }],
          ),
        borderColor: '#5f7d92',
        backgroundColor: '#5f7d92',
        borderDash: [2, 3],
        borderWidth: 1.5,
        pointRadius: 0,
        yAxisID: 'damp',
      },
    ],
    scales: {
      y: { title: { display: true, text: preferences.units === 'mm' ? '°C' : '°F' } },
      damp: {
        position: 'right',
        min: 0,
        max: 100,
        grid: { drawOnChartArea: false },
        title: { display: true, text: '%' },
      },
    },
  })),
)
</script>

<template>
  <div class="chart" data-testid="air-chart">
    <canvas
      ref="canvas"
      role="img"
      :aria-label="`Readings: ${series.map(({ place, count }) => `${count} ${PLACE_WORDS[place]}`).join(', ')}; what the newest says is told beside it`"
    />
  </div>
</template>

<style scoped>
.chart {
  position: relative;
  height: 320px;
}
</style>
