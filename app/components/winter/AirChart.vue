<script setup lang="ts">
// Temperature inside and outside over time, and how damp it is inside.
import { Chart, Legend, LineController, LineElement, LinearScale, PointElement, Tooltip } from 'chart.js'
import type { AirSeries } from '#wire/answers'
import { fahrenheitFrom } from '#core/units'
import { PLACE_WORDS } from '#core/wording'

const props = defineProps<{ series: readonly AirSeries[] }>()
type Point = { x: number; y: number }
const none = (): Point[] => []
Chart.defaults.font.family = 'Atkinson Hyperlegible'
Chart.register(Legend, LineController, LineElement, LinearScale, PointElement, Tooltip)
const preferences = usePreferences()
const canvas = ref<HTMLCanvasElement | null>(null)
const LOOKS = { inside: '#b0402a', crown: '#c98f1f', outside: '#27408b' } as const
const degrees = (celsius: number) => (preferences.units === 'mm' ? celsius : fahrenheitFrom(celsius))
const day = (value: number | string) => preferences.day(new Date(Number(value)).toISOString().slice(0, 10))
let chart: Chart | undefined
let frame = 0
const nextFrame = () =>
  new Promise<number>((resolve) => {
    frame = requestAnimationFrame(resolve)
  })
// Axes and each line come in a frame each: drawn at once they would hold up the page.
watch(
  [() => props.series, () => preferences.units, canvas],
  () => {
    cancelAnimationFrame(frame)
    void draw()
  },
  { immediate: true },
)
async function draw() {
  await nextFrame()
  if (!canvas.value) return
  chart?.destroy()
  const damp = props.series.find(({ place }) => place !== 'outside')
  const lines = [
    ...props.series.map(({ points }) => points.map(({ at, celsius }) => ({ x: Date.parse(at), y: degrees(celsius) }))),
    (damp?.points ?? []).flatMap(({ at, humidityPercent }) =>
      humidityPercent === null ? [] : [{ x: Date.parse(at), y: humidityPercent }],
    ),
  ]
  const begun = (chart = emptyChart(canvas.value))
  for (const [i, points] of lines.entries()) {
    await nextFrame()
    if (chart !== begun) return
    begun.data.datasets[i]!.data = points
    begun.update('none')
  }
}
function emptyChart(on: HTMLCanvasElement): Chart {
  const times = props.series.flatMap(({ points }) => points.map(({ at }) => Date.parse(at)))
  return new Chart(on, {
    type: 'line',
    data: {
      datasets: [
        ...props.series.map(({ place }) => ({
          label: PLACE_WORDS[place],
          data: none(),
          borderColor: LOOKS[place],
          backgroundColor: LOOKS[place],
          borderDash: place === 'outside' ? [7, 4] : [],
          borderWidth: 2,
          pointRadius: 0,
          yAxisID: 'y',
        })),
        {
          label: 'damp, %',
          data: none(),
          borderColor: '#5f7d92',
          backgroundColor: '#5f7d92',
          borderDash: [2, 3],
          borderWidth: 1.5,
          pointRadius: 0,
          yAxisID: 'damp',
        },
      ],
    },
    options: {
      animation: false,
      parsing: false,
      normalized: true,
      responsive: true,
      maintainAspectRatio: false,
      scales: {
        x: {
          type: 'linear',
          min: times.reduce((least, at) => Math.min(least, at), Infinity),
          max: times.reduce((most, at) => Math.max(most, at), -Infinity),
          ticks: { callback: day, maxTicksLimit: 8 },
        },
        y: { title: { display: true, text: preferences.units === 'mm' ? '°C' : '°F' } },
        damp: {
          position: 'right',
          min: 0,
          max: 100,
          grid: { drawOnChartArea: false },
          title: { display: true, text: '%' },
        },
      },
      plugins: { tooltip: { callbacks: { title: ([item]) => (item ? day(item.parsed.x ?? 0) : '') } } },
    },
  })
}
onBeforeUnmount(() => {
  cancelAnimationFrame(frame)
  chart?.destroy()
  chart = undefined
})
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
