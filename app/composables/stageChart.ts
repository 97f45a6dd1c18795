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
  type ChartConfiguration,
} from 'chart.js'
import { onBeforeUnmount, watch, type Ref } from 'vue'

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

/** Bars and lines by stage on a canvas, drawn anew whenever what they show changes; null where there is nothing to. */
export function useStageChart(
  canvas: Readonly<Ref<HTMLCanvasElement | null>>,
  shown: Readonly<Ref<ChartConfiguration<'bar' | 'line'>['data'] | null>>,
  options: ChartConfiguration<'bar' | 'line'>['options'] = {},
): void {
  let chart: Chart | undefined
  watch(
    [shown, canvas],
    ([data, on]) => {
      chart?.destroy()
      chart = undefined
      if (!data || !on) return
      chart = new Chart<'bar' | 'line'>(on, {
        type: 'bar',
        data,
        options: {
          animation: false,
          responsive: true,
          maintainAspectRatio: false,
          scales: { y: { beginAtZero: true } },
          ...options,
        },
      })
    },
    { immediate: true },
  )
  onBeforeUnmount(() => chart?.destroy())
}
