<script setup lang="ts">
// A pair laid over each other, in plan and in section, with every clearance where it is.
import { type HangingPattern, type Axis, inWords } from '#core/parts'
import { boxFit, frameInBox, stackOfTwo, type FitBox } from '#core/stack'
import { showLength, there } from '#core/units'
import { boxFitLine, capital, frameFitLine, frameVerdictWord, seatWord } from '#core/words'
import { boxesFromAbove, frameFromAbove, type DimensionLine } from '~/drawing/fit-drawing'
import { frameShapes, sectionOf } from '~/drawing/section'

const props = defineProps<{ box: FitBox; frame?: HangingPattern | undefined; upper?: FitBox | undefined }>()
const view = useView()
const preferences = usePreferences()

const nameOf = ({ resolved }: FitBox) =>
  resolved.part.name ?? inWords(there(resolved.pattern).label, preferences.vocabulary)
const frameFit = computed(() => (props.frame ? frameInBox(props.frame, props.box.resolved, view.context) : null))
const seat = computed(() => (props.upper ? boxFit(props.box, props.upper, view.context) : null))
const title = computed(() =>
  props.frame
    ? `${capital(inWords(props.frame.label, preferences.vocabulary))} in ${nameOf(props.box)}`
    : `${capital(nameOf(there(props.upper)))} on ${nameOf(props.box)}`,
)
const verdict = computed(() => (frameFit.value ? frameVerdictWord(frameFit.value) : seatWord(there(seat.value))))
const line = computed(() =>
  frameFit.value ? frameFitLine(frameFit.value, preferences.reader) : boxFitLine(there(seat.value), preferences.reader),
)

const plan = computed(() =>
  frameFit.value
    ? frameFromAbove(props.box, there(props.frame), frameFit.value)
    : boxesFromAbove(props.box, there(props.upper), there(seat.value).seat),
)
const pair = computed(() => stackOfTwo(props.box, props.upper ?? props.box, view.context))
const stacked = computed(() => pair.value.layout)
function shapes(axis: Axis) {
  const [lower, upper] = stacked.value.parts
  if (props.upper) return [...sectionOf(there(lower), axis), ...sectionOf(there(upper), axis)]
  const bare = { ...there(lower), hung: [], resolved: { ...there(lower).resolved, hung: [] } }
  return [...sectionOf(bare, axis), ...frameShapes(there(props.frame), there(lower))]
}
const heightMm = computed(() => stacked.value.parts[props.upper ? 1 : 0]!.topMm)
const sectionDimensions = computed<DimensionLine[]>(() => {
  if (!frameFit.value) {
    return pair.value.gaps
      .filter(({ place }) => place === 'frames')
      .map(({ fromMm, toMm, mm }) => ({
        x1: 0,
        y1: -fromMm,
        x2: 0,
        y2: -toMm,
        mm,
        label: 'between the frames',
        bad: seat.value?.gap?.grade !== 'good',
      }))
  }
  const {
    reason,
    clearances: { topSpace, bottomSpace },
  } = frameFit.value
  const depth = there(props.box.resolved.dimensions.depth).mm
  return [
    {
      x1: 60,
      y1: -depth,
      x2: 60,
      y2: topSpace.mm - depth,
      mm: topSpace.mm,
      label: 'rim to bar',
      bad: reason === 'meets-rim' || reason === 'over-frames',
    },
    {
      x1: -60,
      y1: 0,
      x2: -60,
      y2: -bottomSpace.mm,
      mm: bottomSpace.mm,
      label: bottomSpace.mm < 0 ? 'below the box' : 'bar to the edge',
      bad: reason === 'void-below' || reason === 'stands-below',
    },
  ]
})
const PLAN = { width: 340, height: 268, scale: 340 / 600 }
const SECTION = { width: 340, height: 210 }
const below = computed(() => Math.max(20, 20 - (frameFit.value?.clearances.bottomSpace.mm ?? 0)))
const sectionScale = computed(() => Math.min(SECTION.width / 620, SECTION.height / (heightMm.value + below.value + 30)))
const LOOKS = {
  lower: { fill: '#ead9b6', stroke: '#7d6233' },
  hole: { fill: '#fdfbf6', stroke: '#7d6233' },
  upper: { fill: '#27408b22', stroke: '#27408b' },
  frame: { fill: '#bd8d4e', stroke: '#6f4f22' },
} as const
</script>

<template>
  <section class="overlay" aria-label="The pair, overlaid">
    <h2>{{ title }}</h2>
    <p>
      <b>{{ capital(verdict) }}.</b> <UiTerms :text="line" />
    </p>
    <p v-if="frameFit" class="soft">
      Side by side: {{ frameFit.count }}, each taking {{ showLength(there(frame).spacing.mm, preferences.units) }};
      {{ showLength(frameFit.sideMm, preferences.units) }} is left beside the last one.
    </p>
    <figure>
      <figcaption>From above</figcaption>
      <svg
        :viewBox="`${-PLAN.width / 2} ${-PLAN.height / 2} ${PLAN.width} ${PLAN.height}`"
        role="img"
        :aria-label="`${title}, from above`"
      >
        <g :transform="`scale(${PLAN.scale * 0.86})`">
          <rect
            v-for="(outline, i) in plan.outlines"
            :key="i"
            :x="outline.rect.x0"
            :y="outline.rect.y0"
            :width="outline.rect.x1 - outline.rect.x0"
            :height="outline.rect.y1 - outline.rect.y0"
            :fill="LOOKS[outline.look].fill"
            :stroke="LOOKS[outline.look].stroke"
            stroke-width="1.5"
            vector-effect="non-scaling-stroke"
            :stroke-dasharray="outline.look === 'upper' ? '6 4' : 'none'"
          />
          <FitDimension
            v-for="(dimension, i) in plan.dimensions"
            :key="i"
            :line="dimension"
            :scale="PLAN.scale * 0.86"
            :units="preferences.units"
          />
        </g>
      </svg>
    </figure>
    <figure v-for="axis in upper ? (['along', 'across'] as const) : (['along'] as const)" :key="axis">
      <figcaption>Section {{ axis }} the frames</figcaption>
      <svg
        :viewBox="`${-SECTION.width / 2} ${-SECTION.height} ${SECTION.width} ${SECTION.height}`"
        role="img"
        :aria-label="`${title}, section ${axis} the frames`"
      >
        <g :transform="`translate(0 ${-below * sectionScale}) scale(${sectionScale})`">
          <DrawingShapes :shapes="shapes(axis)" />
          <FitDimension
            v-for="(dimension, i) in sectionDimensions"
            :key="i"
            :line="dimension"
            :scale="sectionScale"
            :units="preferences.units"
          />
        </g>
      </svg>
    </figure>
  </section>
</template>

<style scoped>
.overlay {
  padding: var(--space-4) var(--space-4);
}

p {
  margin-top: var(--space-2);
}

.soft,
figcaption {
  color: var(--soft-ink);
  font-size: var(--type-2);
}

figure {
  margin: var(--space-3) 0 0;
}

svg {
  display: block;
  width: 100%;
  max-width: 440px;
  border: 1px solid var(--seam);
  border-radius: 7px;
  background: var(--paper);
}
</style>
