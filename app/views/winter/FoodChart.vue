<script setup lang="ts">
// Honey month by month against what is in the boxes: bars for what is burnt, lines for what is left.
import { refDebounced } from '@vueuse/core'
import { useStageChart } from '~/composables/stageChart'
import type { WinterSide } from './winterAsked'
import { massUnit, poundsFromKg, showMass } from '#core/units'
import { LEFT_OUT, monthWord, rangeInWords, twoNeedsInWords } from '#core/words'

const props = defineProps<{ sides: readonly WinterSide[] }>()
const preferences = usePreferences()
const canvas = ref<HTMLCanvasElement | null>(null)
const BARS = ['#c98f1f', '#ead9a2'] as const
const LINES = ['#27408b', '#49637e'] as const
const shown = (kg: number) => Math.round((preferences.units === 'mm' ? kg : poundsFromKg(kg)) * 10) / 10
const leftOf = ({ food }: WinterSide) => {
  let left = food.stores.middle
  return food.months.map(({ honeyKg }) => (left = Math.max(0, left - honeyKg.middle)))
}
const STILL_MS = 120
const first = computed(() => props.sides[0])
/** What is drawn: cold and damp change nothing of it, and what bees change is drawn once they stand still. */
const drawn = refDebounced(
  computed(() =>
    JSON.stringify({
      unit: preferences.units,
      months: (first.value?.food.months ?? []).map(({ month }) => monthWord(month)),
      sides: props.sides.map((side) => ({
        title: side.title.toLowerCase(),
        left: leftOf(side).map(shown),
        burnt: side.food.months.map(({ honeyKg }) => shown(honeyKg.middle)),
      })),
    }),
  ),
  STILL_MS,
)
interface Drawn {
  readonly months: string[]
  readonly sides: readonly { readonly title: string; readonly left: number[]; readonly burnt: number[] }[]
}
useStageChart(
  canvas,
  computed(() => {
    const { months, sides }: Drawn = JSON.parse(drawn.value)
    if (months.length === 0) return null
    return {
      labels: months,
      datasets: [
        ...sides.map(({ title, left }, i) => ({
          type: 'line' as const,
          label: `left, ${title}`,
          data: left,
          borderColor: LINES[i],
          backgroundColor: LINES[i],
          borderDash: i === 0 ? [6, 4] : [2, 3],
          pointRadius: 3,
          yAxisID: 'left',
        })),
        ...sides.map(({ title, burnt }, i) => ({
          type: 'bar' as const,
          label: `burnt, ${title}`,
          data: burnt,
          backgroundColor: BARS[i],
          borderColor: '#7d6233',
          borderWidth: 1,
        })),
      ],
    }
  }),
  {
    scales: {
      y: { beginAtZero: true, title: { display: true, text: `${massUnit(preferences.units)} a month` } },
      left: {
        position: 'right',
        beginAtZero: true,
        grid: { drawOnChartArea: false },
        title: { display: true, text: 'left' },
      },
    },
    plugins: { legend: { position: 'right', labels: { usePointStyle: true } } },
  },
)
const ends = computed(() => {
  const side = first.value
  if (!side) return ''
  const kg = side.food.stores.middle - side.food.byHeat.middle
  const stores = `${rangeInWords(side.food.stores, preferences.reader, 0)} in the boxes by ${side.food.isByBook ? 'its book' : 'the model'}`
  return kg < 0
    ? `${stores}: by the heat they run out before the end.`
    : `${stores}; by the heat about ${showMass(kg, preferences.units)} are left at the end.`
})
</script>

<template>
  <section v-if="first && first.food.months.length > 0" class="food" data-testid="winter-food">
    <h2>Honey through the winter</h2>
    <p>{{ twoNeedsInWords(first.food, preferences.reader) }} {{ ends }}</p>
    <div class="chart">
      <canvas ref="canvas" role="img" :aria-label="`Honey burnt month by month, and what is left. ${ends}`" />
    </div>
    <p class="soft">{{ LEFT_OUT.rule }} {{ LEFT_OUT.heat }}</p>
  </section>
  <p v-else-if="first" class="soft">
    This climate has no winter of its own: the rule asks for
    {{ rangeInWords(first.food.need, preferences.reader, 0) }} in a dearth.
  </p>
</template>

<style scoped>
.food {
  padding: 0 var(--space-5);
}

.chart {
  position: relative;
  height: 190px;
}
</style>
