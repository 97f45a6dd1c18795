import {
  Chart,
  Filler,
  Legend,
  LineController,
  LineElement,
  LinearScale,
  PointElement,
  Tooltip,
  type ChartDataset,
  type ChartOptions,
} from 'chart.js'
import { onBeforeUnmount, watch, type Ref } from 'vue'
import { usePreferences } from '~/stores/preferences'

Chart.defaults.font.family = 'Atkinson Hyperlegible'
Chart.register(Filler, Legend, LineController, LineElement, LinearScale, PointElement, Tooltip)

/** A line over days: how it looks, and its points, worked out when it is its turn. */
interface TimeLine extends Omit<ChartDataset<'line'>, 'data' | 'label'> {
  readonly label: string
  readonly points: () => { x: number; y: number }[]
}

/** A band over days, as high as the chart is. */
export function bandOver(label: string, fromMs: number, toMs: number, top: number, color: string): TimeLine {
  return {
    label,
    points: () => [
      { x: fromMs, y: top },
      { x: toMs, y: top },
    ],
    borderColor: 'transparent',
    backgroundColor: color,
    fill: 'origin',
    pointRadius: 0,
  }
}

interface TimeChart {
  readonly lines: readonly TimeLine[]
  /** First and last moment, ms. */
  readonly span: readonly [from: number, to: number]
  readonly scales?: NonNullable<ChartOptions<'line'>['scales']>
  readonly legend?: (label: string) => boolean
  /** Years lie over each other: a day is told without its year. */
  readonly isOverYears?: boolean
}

const nextFrame = () => new Promise<number>((resolve) => requestAnimationFrame(resolve))

/** Lines over days on a canvas, the days as their reader writes them. Axes and each line come in a frame each: drawn at once they would hold up the page. */
export function useTimeChart(canvas: Readonly<Ref<HTMLCanvasElement | null>>, shown: Readonly<Ref<TimeChart>>): void {
  let chart: Chart<'line'> | undefined
  let round = 0
  const preferences = usePreferences()
  async function draw({ lines, isOverYears, ...rest }: TimeChart) {
    const [begins, ends] = isOverYears ? [5, 10] : [0, 10]
    const day = (value: number | string) => preferences.day(new Date(Number(value)).toISOString().slice(begins, ends))
    const mine = ++round
    await nextFrame()
    if (mine !== round || !canvas.value) return
    chart?.destroy()
    const begun = (chart = emptyChart(canvas.value, { lines, ...rest }, day))
    for (const [i, { points }] of lines.entries()) {
      await nextFrame()
      if (mine !== round) return
      begun.data.datasets[i]!.data = points()
      begun.update('none')
    }
  }
  watch([shown, canvas, () => preferences.vocabulary], ([what]) => void draw(what), { immediate: true })
  onBeforeUnmount(() => {
    round++
    chart?.destroy()
  })
}

function emptyChart(
  on: HTMLCanvasElement,
  { lines, span, scales, legend }: TimeChart,
  day: (value: number | string) => string,
): Chart<'line'> {
  return new Chart<'line'>(on, {
    type: 'line',
    data: { datasets: lines.map(({ points: _later, ...look }) => ({ ...look, data: [] })) },
    options: {
      animation: false,
      parsing: false,
      normalized: true,
      responsive: true,
      maintainAspectRatio: false,
      scales: {
        x: {
          type: 'linear',
          min: span[0],
          max: span[1],
          ticks: { callback: day, maxTicksLimit: 8, autoSkipPadding: 14, maxRotation: 0 },
        },
        ...scales,
      },
      plugins: {
        legend: { labels: { filter: ({ text }) => legend?.(text) ?? true } },
        tooltip: { callbacks: { title: ([item]) => (item ? day(item.parsed.x ?? 0) : '') } },
      },
    },
  })
}
