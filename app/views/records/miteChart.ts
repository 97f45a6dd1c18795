import type { Ref } from 'vue'
import type { yardMites } from '#core/book'
import { bandOver, useTimeChart } from '~/composables/timeChart'

type Mites = ReturnType<typeof yardMites>

interface Shown {
  readonly canvas: Ref<HTMLCanvasElement | null>
  readonly months: Ref<Mites['months']['day']>
  readonly from: Ref<string>
  readonly today: string
  readonly mites: Ref<Mites | null>
}

/** Mites month by month: the middle and the worst hive, the limit, and the days of treatments and winter bees. */
export function useMiteChart({ canvas, months, from, today, mites }: Shown) {
  const ms = (day: string) => Date.parse(`${day}T12:00:00Z`)
  const top = computed(() => 1.1 * Math.max(1, ...months.value.map(({ high, limit }) => Math.max(high, limit))))
  const band = (
    label: string,
    { from: first, to: last }: { readonly from: string; readonly to: string },
    color: string,
  ) => bandOver(label, ms(first < from.value ? from.value : first), ms(last), top.value, color)
  useTimeChart(
    canvas,
    computed(() => {
      const line = (label: string, of: 'low' | 'median' | 'high' | 'limit', look: object) => ({
        label,
        points: () => months.value.map((month) => ({ x: ms(month.day), y: month[of] })),
        borderColor: '#27408b',
        backgroundColor: '#27408b',
        ...look,
      })
      return {
        span: [ms(from.value), ms(today)] as const,
        lines: [
          line('middle hive', 'median', { borderWidth: 2, pointRadius: 4 }),
          line('worst hive', 'high', {
            borderColor: '#9e2a2f',
            backgroundColor: '#9e2a2f',
            pointStyle: 'rect',
            pointRadius: 4,
            borderWidth: 1,
          }),
          line('limit of the month', 'limit', {
            borderColor: '#22262e',
            borderDash: [7, 4],
            pointRadius: 0,
            stepped: 'middle',
          }),
          ...(mites.value?.treated ?? []).map((days) => band('band treated', days, 'rgba(60, 106, 45, 0.2)')),
          ...(mites.value?.winterBees ?? []).map((days) => band('band winter bees', days, 'rgba(73, 99, 126, 0.14)')),
        ],
        legend: (label: string) => !label.startsWith('band'),
        scales: { y: { beginAtZero: true, max: Math.ceil(top.value) } },
      }
    }),
  )
}
