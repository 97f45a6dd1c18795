<script setup lang="ts">
// The selected joint several times as large, with all there is to say about it.
import type { Assessment } from '#core/rules'
import { settlingOf, type JudgedGap } from '#core/stack'
import { showLength } from '#core/units'
import {
  bandInWords,
  capital,
  gapFate,
  gapTitle,
  inVocabulary,
  nearestLimitInWords,
  termsInWords,
  the,
  unevenInWords,
  verdictWord,
  withPlusMinus,
  type Reader,
} from '#core/words'
import { GRADE_COLOURS, PAPER } from '~/drawing/palette'
import { markOf } from '~/drawing/marks'
import { halfOutsideMm, sectionOf } from '~/drawing/section'

const props = defineProps<{
  assessment: Assessment
  gap: JudgedGap
  names: ReadonlyMap<string, string>
  reader: Reader
}>()
defineEmits<{ close: [] }>()

const SIZE = { width: 292, height: 132 }
const near = computed(() =>
  props.assessment.layout.parts.filter(
    ({ part, bottomMm, topMm }) =>
      part.id === props.gap.lowerId ||
      part.id === props.gap.upperId ||
      (topMm > props.gap.fromMm - 60 && bottomMm < props.gap.toMm + 60),
  ),
)
const scale = computed(() => Math.min(3.2, 70 / Math.max(14, Math.abs(props.gap.mm))))
const lens = computed(() => {
  const lower = near.value.find(({ part }) => part.id === props.gap.lowerId)
  const half = lower ? halfOutsideMm(lower, 'along') : 230
  const middle = (props.gap.fromMm + props.gap.toMm) / 2
  return { x: half + 14 - SIZE.width / scale.value, middle }
})
const transform = computed(
  () =>
    `translate(${-lens.value.x * scale.value} ${SIZE.height / 2 + lens.value.middle * scale.value}) scale(${scale.value})`,
)
const y = (mm: number) => SIZE.height / 2 + (lens.value.middle - mm) * scale.value
const settling = computed(() => settlingOf(props.gap, props.assessment.layout.figures))
const range = computed(() => {
  if (!settling.value) return null
  const show = (mm: number) => showLength(mm, props.reader.units)
  const { leastMm, mostMm, likelyLeastMm, likelyMostMm, partId, settles } = settling.value
  const who = the(props.names.get(partId) ?? '')
  return {
    worst: `${show(leastMm)} to ${show(mostMm)}`,
    likely: `${show(likelyLeastMm)} to ${show(likelyMostMm)}`,
    advice: props.gap.marginal
      ? `Measure ${who}: its figure is the least sure here${settles ? ', and a reading to 0.5 mm settles the verdict' : '; more than one part has to be measured to be sure'}.`
      : '',
  }
})
const way = computed(() => {
  const found = props.assessment.betterWays.find(
    ({ partId }) => partId === props.gap.lowerId || partId === props.gap.upperId,
  )
  if (!found) return ''
  const name = the(props.names.get(found.partId) ?? '')
  const figures = (faces: typeof found.turned) =>
    [faces.belowMm, faces.aboveMm]
      .flatMap((mm) => (mm === null ? [] : [showLength(mm, props.reader.units)]))
      .join(' below, ')
  const both = `As ${name} stands: ${figures(found.asItStands)}; turned over: ${figures(found.turned)}.`
  return `${both} ${found.better === 'neither' ? 'Neither way is better.' : found.better === 'turned' ? 'Turned over is better.' : 'It stands the better way.'}`
})
</script>

<template>
  <section class="joint" aria-label="Selected joint">
    <header>
      <h3>{{ gapTitle(gap, names) }}</h3>
      <ElButton text aria-label="Close the joint" @click="$emit('close')">×</ElButton>
    </header>
    <svg :viewBox="`0 0 ${SIZE.width} ${SIZE.height}`" role="img" :aria-label="`${gapTitle(gap, names)}, enlarged`">
      <rect :width="SIZE.width" :height="SIZE.height" :fill="PAPER" />
      <g :transform="transform">
        <DrawingShapes v-for="part in near" :key="part.part.id" :shapes="sectionOf(part, 'along')" />
      </g>
      <g :stroke="GRADE_COLOURS[gap.grade]" stroke-width="2">
        <line x1="36" x2="36" :y1="y(gap.fromMm)" :y2="y(gap.toMm)" />
        <line x1="24" x2="120" :y1="y(gap.fromMm)" :y2="y(gap.fromMm)" stroke-dasharray="6 4" />
        <line x1="24" x2="120" :y1="y(gap.toMm)" :y2="y(gap.toMm)" stroke-dasharray="6 4" />
      </g>
      <g :transform="`translate(62 ${SIZE.height / 2})`">
        <rect x="-14" y="-14" width="122" height="28" rx="6" :fill="PAPER" fill-opacity="0.93" />
        <DrawingGapMark :shape="markOf(gap)" :grade="gap.grade" :marginal="gap.marginal" />
        <text x="15" y="6" font-size="16" font-weight="700">{{ showLength(gap.mm, reader.units) }}</text>
      </g>
    </svg>
    <p>
      <strong :style="{ color: GRADE_COLOURS[gap.grade] }">{{ capital(verdictWord(gap, reader)) }}.</strong>{{ ' '
      }}<UiTerms :text="inVocabulary(gapFate(gap), reader.vocabulary)" />
    </p>
    <dl>
      <dt>Measures</dt>
      <dd>{{ withPlusMinus(gap, reader) }}{{ gap.uneven ? `.${unevenInWords(gap.uneven, reader)}` : '' }}</dd>
      <template v-if="range"
        ><dt>At worst</dt>
        <dd>{{ range.worst }}</dd>
        <dt>Likely</dt>
        <dd>{{ range.likely }}</dd></template
      >
      <dt>Made of</dt>
      <dd>{{ termsInWords(gap.terms, reader) }}</dd>
      <template v-if="gap.band"
        ><dt>Accepted</dt>
        <dd>{{ bandInWords(gap, reader) }}</dd></template
      >
      <template v-if="gap.nearest"
        ><dt>Nearest limit</dt>
        <dd>{{ nearestLimitInWords(gap, reader) }}</dd></template
      >
    </dl>
    <p v-if="range?.advice" class="way">
      <b>{{ range.advice }}</b>
    </p>
    <p v-if="way" class="way">{{ way }}</p>
  </section>
</template>

<style scoped>
.joint {
  padding: var(--space-3) var(--space-4) var(--space-3);
  border: 2px solid var(--indigo);
  border-radius: 9px;
  background: var(--sheet);
}

header {
  display: flex;
  align-items: center;
  justify-content: space-between;
}

header .el-button {
  min-width: 40px;
  padding: 0;
  font-size: var(--type-5);
}

svg {
  display: block;
  width: 100%;
  border: 1px solid var(--seam);
  border-radius: 6px;
  margin: var(--space-1) 0 var(--space-3);
}

dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: var(--space-1) var(--space-3);
  margin: var(--space-3) 0 0;
  font-size: var(--type-2);
}

.way {
  margin-top: var(--space-3);
  font-size: var(--type-2);
  color: var(--soft-ink);
}
</style>
