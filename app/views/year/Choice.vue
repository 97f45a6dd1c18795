<script setup lang="ts">
// One way of keeping bees: the hive that it makes, what it does as bars, what it gains and gives up.
import type { Yard } from '#core/yard'
import { plannedHiveIn, type ChoiceAnswer, type YearFigures } from '#core/ask'
import { showLength, showMass } from '#core/units'
import { capital } from '#core/words'
import { INDIGO, SEAM } from '~/drawing/palette'
import { stackShapes } from '~/drawing/section'

const props = defineProps<{
  yard: Yard
  choice: { readonly word: string; readonly gains: string; readonly gives: string }
  answer: ChoiceAnswer | null
  all: readonly ChoiceAnswer[]
  chosen: boolean
  /** Rounds of crop that it asks for, of the most there are. */
  rounds?: number | undefined
}>()
defineEmits<{ take: [] }>()
const preferences = usePreferences()
const HEIGHT = 104
const SCALE = 0.066
const shapes = computed(() =>
  props.answer?.shown ? stackShapes(plannedHiveIn(props.yard, props.answer.shown).layout, 'along') : [],
)
const BARS: readonly (readonly [word: string, of: (figures: YearFigures) => number, say: (value: number) => string])[] =
  [
    ['Boxes to own', ({ boxes }) => boxes, String],
    ['Heaviest lift', ({ heaviestKg }) => heaviestKg, (kg) => showMass(kg, preferences.units)],
    ['Winter stores', ({ winterKg }) => winterKg, (kg) => showMass(kg, preferences.units, 0)],
    ['Highest stack', ({ highestMm }) => highestMm, (mm) => showLength(Math.round(mm), preferences.units)],
    ['Brood cells', ({ broodCells }) => broodCells, (cells) => `${Math.round(cells / 1000)} 000`],
  ]
const MOST_ROUNDS = 2
const bars = computed(() => [
  ...(props.rounds === undefined
    ? []
    : [{ word: said('Rounds of crop'), share: props.rounds / MOST_ROUNDS, said: String(props.rounds) }]),
  ...BARS.map(([word, of, say]) => {
    const value = props.answer ? of(props.answer.figures) : 0
    const most = Math.max(1e-9, ...props.all.map(({ figures }) => of(figures)))
    return { word, share: value / most, said: props.answer ? say(value) : '…' }
  }),
])
</script>

<template>
  <ElButton class="bare choice" :aria-pressed="chosen" @click="$emit('take')">
    <svg viewBox="0 0 190 104" :height="HEIGHT" aria-hidden="true">
      <line x1="8" x2="182" :y1="HEIGHT - 3" :y2="HEIGHT - 3" :stroke="SEAM" stroke-width="2" />
      <g :transform="`translate(95 ${HEIGHT - 3}) scale(${SCALE})`"><DrawingShapes :shapes="shapes" /></g>
    </svg>
    <b class="word">{{ capital(choice.word) }}<span v-if="chosen" class="now">now</span></b>
    <span v-for="bar in bars" :key="bar.word" class="bar"
      ><span class="name">{{ bar.word }}</span
      ><span class="track"><span :style="{ width: `${bar.share * 100}%`, background: INDIGO }" /></span
      ><span class="figure">{{ bar.said }}</span></span
    >
    <span class="gains">Gains: {{ choice.gains }}.</span>
    <span class="gives">Gives up: {{ choice.gives }}.</span>
  </ElButton>
</template>

<style scoped>
.el-button.bare.choice {
  display: flex;
  flex-direction: column;
  gap: var(--space-1);
  align-items: stretch;
  justify-content: flex-start;
  height: 100%;
  padding: var(--space-3) var(--space-3) var(--space-3);
  border: 1px solid var(--seam);
  border-radius: 9px;
  background: var(--paper);
  color: var(--ink);
  font-size: var(--type-1);
  text-align: left;
}

.el-button.bare.choice:hover {
  border-color: var(--indigo);
}

.el-button.bare.choice[aria-pressed='true'] {
  border: 3px solid var(--indigo);
  background: var(--indigo-wash);
}

svg {
  display: block;
  width: 100%;
}

.word {
  font-size: var(--type-3);
}

.now {
  margin-left: var(--space-3);
  padding: 0 var(--space-3);
  border-radius: 6px;
  background: var(--indigo);
  color: #fff;
  font-size: var(--type-1);
}

.bar {
  display: grid;
  grid-template-columns: 92px 1fr 62px;
  gap: var(--space-3);
  align-items: center;
}

.name,
.gives {
  color: var(--soft-ink);
}

.track {
  display: block;
  height: 8px;
  border-radius: 4px;
  background: rgb(203 191 166 / 45%);
}

.track span {
  display: block;
  height: 8px;
  border-radius: 4px;
}

.figure {
  text-align: right;
}

.gains {
  margin-top: var(--space-2);
  color: var(--good);
}
</style>
