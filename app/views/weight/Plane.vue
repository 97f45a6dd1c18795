<script setup lang="ts">
// Lighter ways as small hives on a plane: strain against what they take. Press one and it stands beside yours.
import { useElementSize } from '@vueuse/core'
import { bestEdge, outlayOf, type Alternative, type Alternatives } from '#core/ask'
import type { Yard, Hive } from '#core/yard'
import { capital, changesInWords } from '#core/words'
import { usePrices } from '~/composables/prices'
import { plannedOn } from './wayDrawn'
import { GRADE_COLOURS, INDIGO, INK, PAPER, SEAM, SOFT_INK } from '~/drawing/palette'
import { sectionOf } from '~/drawing/section'

const props = defineProps<{ ways: Alternatives; yard: Yard; hive: Hive; chosen: Alternative | null; all: boolean }>()
const emit = defineEmits<{ choose: [way: Alternative] }>()
const preferences = usePreferences()
const holder = ref<HTMLElement | null>(null)
const { width } = useElementSize(holder)
const HEIGHT = 330
const LEFT = 64
const BOTTOM = 52
const AT_FIRST = 10
const across = computed(() => Math.max(180, (width.value || 900) - LEFT - 30))

const judged = computed(() =>
  props.ways.better
    .slice(0, props.all ? 40 : AT_FIRST)
    .map((way) => ({ way, outlay: outlayOf(props.yard, way, props.ways.now) })),
)
const strain = (way: Alternative) => way.worstIndex ?? props.ways.now.worstIndex ?? 0
const mostStrain = computed(() => Math.max(1.1, strain(props.ways.now), ...judged.value.map(({ way }) => strain(way))))
const mostSteps = computed(() => Math.max(4, ...judged.value.map(({ outlay }) => outlay.steps)))
const x = (steps: number) => LEFT + 34 + (steps / mostSteps.value) * (across.value - 90)
const y = (index: number) => 32 + (1 - index / mostStrain.value) * (HEIGHT - BOTTOM - 52)
const points = computed(() => {
  const edge = bestEdge(judged.value.map(({ way, outlay }) => [outlay.steps, strain(way)] as const))
  const taken: { x: number; y: number }[] = []
  return judged.value.map(({ way, outlay }, i) => {
    const at = { x: x(outlay.steps), y: y(strain(way)) }
    // Hives on one spot stand beside each other, so that each can be pressed.
    const by = at.x > LEFT + across.value * 0.7 ? -42 : 42
    while (taken.some((other) => Math.abs(other.x - at.x) < 42 && Math.abs(other.y - at.y) < 44)) at.x += by
    taken.push(at)
    return { way, outlay, at, best: edge[i]!, number: i + 1, drawn: plannedOn(props.yard, props.hive, way) }
  })
})
const now = computed(() => ({
  at: { x: x(0), y: y(strain(props.ways.now)) },
  drawn: plannedOn(props.yard, props.hive, props.ways.now),
}))
const edgeLine = computed(() =>
  points.value
    .filter(({ best }) => best)
    .sort((a, b) => a.at.x - b.at.x)
    .map(({ at }, i) => `${i === 0 ? 'M' : 'L'}${at.x} ${at.y}`)
    .join(''),
)
const SCALE = 0.034
const shapes = (drawn: ReturnType<typeof plannedOn>) =>
  drawn.layout.parts.flatMap((part) => sectionOf(part, 'across', true))
const { costOf } = usePrices()
/** What a way costs, where the keeper has said prices. */
function costOfWay({ toGet, framesToGet }: ReturnType<typeof outlayOf>): string {
  const { sum } = costOf([...toGet, ...framesToGet])
  return sum > 0 ? ` · costs ${sum.toFixed(2)}` : ''
}
const words = (way: Alternative) => capital(changesInWords(way.changes, preferences.reader))
</script>

<template>
  <div ref="holder" class="plane">
    <svg
      :width="across + LEFT + 20"
      :height="HEIGHT"
      role="group"
      aria-label="Lighter ways: the higher, the more strain; the further right, the more they take"
      data-testid="plane"
    >
      <rect :x="LEFT" :y="y(1)" :width="across" :height="Math.max(0, y(0) - y(1))" fill="#dfe8d6" stroke="none" />
      <path
        :d="`M${LEFT} 12V${y(0)}H${LEFT + across}`"
        :stroke="SOFT_INK"
        stroke-width="1.5"
        stroke-dasharray="7 5"
        fill="none"
      />
      <g font-size="13" :fill="SOFT_INK">
        <text :x="LEFT + 8" :y="y(1) + 16" :fill="GRADE_COLOURS.good" font-weight="700">within what is allowed</text>
        <text :x="LEFT - 6" :y="y(1) + 4" text-anchor="end">1.0</text>
        <text v-if="mostStrain > 1.6" :x="LEFT - 6" :y="y(mostStrain) + 4" text-anchor="end">
          {{ mostStrain.toFixed(1) }}
        </text>
        <text transform="translate(16 150) rotate(-90)" text-anchor="middle" font-size="13">
          worst lift, of what is allowed
        </text>
        <text :x="LEFT + across / 2" :y="HEIGHT - 8" text-anchor="middle">things to get, lifts and people more →</text>
      </g>
      <path :d="edgeLine" fill="none" :stroke="INDIGO" stroke-width="2" stroke-dasharray="8 5" aria-hidden="true" />
      <g :transform="`translate(${now.at.x} ${now.at.y})`">
        <g :transform="`translate(0 20) scale(${SCALE})`"><DrawingShapes :shapes="shapes(now.drawn)" /></g>
        <text y="34" text-anchor="middle" font-size="13" font-weight="700" :fill="INK">now</text>
      </g>
      <g
        v-for="{ way, at, best, number, drawn } in points"
        :key="way.changes.join()"
        role="button"
        tabindex="0"
        class="way"
        :aria-pressed="chosen === way"
        :aria-label="`${number}: ${words(way)}. Worst lift ${strain(way).toFixed(2)} of what is allowed${best ? ', on the best edge' : ''}`"
        :data-way="way.changes.join(' ')"
        :transform="`translate(${at.x} ${at.y})`"
        @click="emit('choose', way)"
        @keydown.enter.prevent="emit('choose', way)"
        @keydown.space.prevent="emit('choose', way)"
      >
        <rect
          x="-21"
          y="-24"
          width="42"
          height="48"
          rx="7"
          :fill="chosen === way ? '#e3e8f5' : PAPER"
          :stroke="chosen === way || best ? INDIGO : SEAM"
          :stroke-width="chosen === way ? 3 : best ? 2 : 1"
        />
        <g :transform="`translate(6 20) scale(${SCALE * 0.8})`"><DrawingShapes :shapes="shapes(drawn)" /></g>
        <text x="-17" y="-9" font-size="13" font-weight="700" :fill="INDIGO">{{ number }}</text>
      </g>
    </svg>
    <slot />
    <ol class="key">
      <li v-for="{ way, best, outlay } in points" :key="way.changes.join()">
        <ElButton text :aria-pressed="chosen === way" class="line" @click="emit('choose', way)"
          ><span>{{ words(way) }}{{ costOfWay(outlay) }}<b v-if="best"> · best edge</b></span></ElButton
        >
      </li>
    </ol>
  </div>
</template>

<style scoped>
.plane {
  min-width: 0;
}

svg {
  display: block;
  max-width: 100%;
}

.way {
  cursor: pointer;
}

.way:focus-visible {
  outline: 3px solid var(--indigo);
  outline-offset: 1px;
}

.key {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(300px, 100%), 1fr));
  gap: 0 var(--space-5);
  margin: 0;
  padding-left: var(--space-6);
}

.key .line {
  justify-content: flex-start;
  width: 100%;
  text-align: left;
}

.key .line[aria-pressed='true'] {
  background: var(--indigo-wash);
}
</style>
