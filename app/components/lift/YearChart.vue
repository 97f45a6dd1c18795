<script setup lang="ts">
// Weight of the hive and its heaviest lift, stage by stage, as it stands now.
import {
  BarController,
  BarElement,
  CategoryScale,
  Chart,
  Legend,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
} from 'chart.js'
import { massUnit, poundsFromKg } from '#core/units'

const props = defineProps<{ labels: readonly string[]; totalKg: readonly number[]; heaviestKg: readonly number[] }>()
Chart.defaults.font.family = 'Atkinson Hyperlegible'
Chart.defaults.font.size = 13
Chart.register(
  BarController,
  BarElement,
  CategoryScale,
  Legend,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
)
const preferences = usePreferences()
const canvas = ref<HTMLCanvasElement | null>(null)
const shown = (kg: number) => Math.round((preferences.units === 'mm' ? kg : poundsFromKg(kg)) * 10) / 10
let chart: Chart | undefined
watch(
  [() => props.totalKg, () => props.heaviestKg, () => preferences.units, canvas],
  () => {
    chart?.destroy()
    if (!canvas.value) return
    chart = new Chart(canvas.value, {
      data: {
        labels: [...props.labels],
        datasets: [
          {
            type: 'line',
            label: `heaviest lift, ${massUnit(preferences.units)}`,
            data: props.heaviestKg.map(shown),
            borderColor: '#9e2a2f',
            backgroundColor: '#9e2a2f',
            borderDash: [6, 4],
            pointStyle: 'triangle',
            pointRadius: 6,
          },
          {
            type: 'bar',
            label: `the whole hive, ${massUnit(preferences.units)}`,
            data: props.totalKg.map(shown),
            backgroundColor: '#d8c79d',
            borderColor: '#7d6233',
            borderWidth: 1,
          },
        ],
      },
      options: { animation: false, responsive: true, maintainAspectRatio: false, scales: { y: { beginAtZero: true } } },
    })
  },
  { immediate: true },
)
onBeforeUnmount(() => chart?.destroy())
</script>

<template>
  <div class="chart" data-testid="year-chart">
    <canvas
      ref="canvas"
      role="img"
      aria-label="Weight of the hive and its heaviest lift, stage by stage; the same figures are in the table below"
    />
  </div>
</template>

<style scoped>
.chart {
  position: relative;
  height: 340px;
}
</style>
