<script setup lang="ts">
// Weighed beside predicted, over the days of the readings.
import { Chart, Filler, Legend, LineController, LineElement, LinearScale, PointElement, Tooltip } from 'chart.js'
import { massUnit, poundsFromKg } from '#core/units'

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
Chart.defaults.font.family = 'Atkinson Hyperlegible'
Chart.register(Filler, Legend, LineController, LineElement, LinearScale, PointElement, Tooltip)
const preferences = usePreferences()
const canvas = ref<HTMLCanvasElement | null>(null)
const shown = (kg: number) => (preferences.units === 'mm' ? kg : poundsFromKg(kg))
const day = (value: number | string) => new Date(Number(value)).toISOString().slice(0, 10)
let chart: Chart | undefined
let frame = 0
const nextFrame = () =>
  new Promise<number>((resolve) => {
    frame = requestAnimationFrame(resolve)
  })
// Axes, readings and prediction come in a frame each: drawn at once they would hold up the page.
watch(
  [() => props.points, () => props.predicted, () => preferences.units, canvas],
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
  const begun = (chart = emptyChart(canvas.value))
  const line = (which: 'low' | 'middle' | 'high') =>
    props.predicted.map((one) => ({ x: Date.parse(one.at), y: shown(one[which]) }))
  const lines = [
    () => props.points.map(({ at, kg }) => ({ x: Date.parse(at), y: shown(kg) })),
    () => line('middle'),
    () => line('low'),
    () => line('high'),
  ]
  for (const [i, points] of lines.entries()) {
    await nextFrame()
    if (chart !== begun) return
    begun.data.datasets[i]!.data = points()
    begun.update('none')
  }
}
function emptyChart(on: HTMLCanvasElement): Chart {
  const times = props.points.map(({ at }) => Date.parse(at))
  return new Chart(on, {
    type: 'line',
    data: {
      datasets: [
        {
          label: `weighed, ${massUnit(preferences.units)}`,
          data: [],
          borderColor: '#27408b',
          backgroundColor: '#27408b',
          borderWidth: 2,
          pointRadius: props.points.length > 60 ? 0 : 4,
        },
        { label: 'predicted', data: [], borderColor: '#8a5600', borderDash: [8, 5], pointRadius: 0, borderWidth: 2 },
        { label: 'from', data: [], borderColor: 'transparent', pointRadius: 0 },
        {
          label: 'to',
          data: [],
          borderColor: 'transparent',
          backgroundColor: 'rgba(210, 157, 37, 0.22)',
          fill: '-1',
          pointRadius: 0,
        },
      ],
    },
    options: {
      animation: false,
      parsing: false,
      normalized: true,
      responsive: true,
      maintainAspectRatio: false,
      scales: { x: { type: 'linear', min: times[0]!, max: times.at(-1)!, ticks: { callback: day, maxTicksLimit: 9 } } },
      plugins: {
        legend: { labels: { filter: ({ text }) => text !== 'from' && text !== 'to' } },
        tooltip: { callbacks: { title: ([item]) => (item ? day(item.parsed.x ?? 0) : '') } },
      },
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
