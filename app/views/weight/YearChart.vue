<script setup lang="ts">
// Weight of the hive and its heaviest lift, stage by stage, as it stands now.
import { useStageChart } from '~/composables/stageChart'
import { massUnit, poundsFromKg } from '#core/units'

const props = defineProps<{ labels: readonly string[]; totalKg: readonly number[]; heaviestKg: readonly number[] }>()
const preferences = usePreferences()
const canvas = ref<HTMLCanvasElement | null>(null)
const shown = (kg: number) => Math.round((preferences.units === 'mm' ? kg : poundsFromKg(kg)) * 10) / 10
useStageChart(
  canvas,
  computed(() => ({
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
  })),
)
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
