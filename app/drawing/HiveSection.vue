<script setup lang="ts">
// The hive to scale with its names, its gaps and its height; draws what assess computed.
import type { Axis, DimensionName } from '#core/parts'
import type { Assessment } from '#core/rules'
import { showLength } from '#core/units'
import type { Reader } from '#core/words'
import type { Colony } from '#core/yard'
import { layOutBench, type Zoom } from '~/drawing/bench-layout'
import { drawnParts, weightChips } from '~/drawing/drawn-parts'
import { INK, PAPER } from '~/drawing/palette'
import { fittingShapes } from '~/drawing/section'

/** What is drawn of a hive. */
interface HivePicture {
  readonly assessment: Assessment
  readonly names: ReadonlyMap<string, string>
  readonly reader: Reader
  readonly axis: Axis
  /** What each part weighs, to be written on it. */
  readonly weights?: ReadonlyMap<string, string> | null
  /** What is said of its colony, where that is more than that it lives. */
  readonly colony?: Colony
}

const props = withDefaults(
  defineProps<{
    picture: HivePicture
    size: { readonly width: number; readonly height: number; readonly zoom?: Zoom; readonly narrow?: boolean }
    /** What is chosen on it, where it can be pressed; the ghost is still in the hand, or would be new. */
    hand?: {
      readonly selectedId: string | null
      readonly selectedGap: string | null
      readonly ghostId: string | null
    } | null
    /** Carries its own hatches, for a file. */
    standalone?: boolean
  }>(),
  { hand: null },
)
const emit = defineEmits<{ selectPart: [partId: string]; selectGap: [key: string]; measure: [name: DimensionName] }>()

const WHOLE: Zoom = { k: 1, x: 0, y: 0 }
const assessment = computed(() => props.picture.assessment)
const reader = computed(() => props.picture.reader)
const axis = computed(() => props.picture.axis)
const narrow = computed(() => props.size.narrow ?? false)
const selectedId = computed(() => props.hand?.selectedId ?? null)
const selectedGap = computed(() => props.hand?.selectedGap ?? null)
const ghostId = computed(() => props.hand?.ghostId ?? null)
const interactive = computed(() => props.hand !== null)
const layout = computed(() =>
  layOutBench(
    assessment.value,
    axis.value,
    props.size,
    props.size.zoom ?? WHOLE,
    selectedGap.value,
    narrow.value,
    reader.value.units,
  ),
)
const view = computed(() => layout.value.view)
const parts = computed(() => drawnParts(props.picture, view.value))
const fittings = computed(() =>
  assessment.value.assembled.attached.map((fitting) => ({
    id: fitting.part.id,
    shapes: fittingShapes(fitting, assessment.value.layout.parts, axis.value),
  })),
)
const chips = computed(() => (props.picture.weights ? weightChips(parts.value, props.picture.weights, view.value) : []))
const measured = computed(() =>
  interactive.value && !ghostId.value ? parts.value.find(({ id }) => id === selectedId.value) : undefined,
)
</script>

<template>
  <svg
    :width="size.width"
    :height="size.height"
    :viewBox="`0 0 ${size.width} ${size.height}`"
    font-family="Atkinson Hyperlegible, Arial, sans-serif"
    font-size="14"
    :fill="INK"
    role="group"
    :aria-label="`Section ${axis} the frames, ${showLength(assessment.heightMm, reader.units)} high`"
  >
    <DrawingHatches v-if="standalone" />
    <DrawingStaff :layout="layout" :units="reader.units" :narrow="narrow" />
    <line x1="8" :x2="size.width - 8" :y1="view.groundY" :y2="view.groundY" stroke="#7a6a45" stroke-width="2" />

    <g :transform="`translate(${view.centreX} ${view.groundY}) scale(${view.scale})`">
      <g v-for="entry in parts" :key="entry.id" :opacity="entry.id === ghostId ? 0.62 : 1">
        <DrawingShapes :shapes="entry.shapes" />
      </g>
      <g v-for="fitting in fittings" :key="fitting.id"><DrawingShapes :shapes="fitting.shapes" /></g>
    </g>
    <DrawingTargets
      :parts="parts"
      :view="view"
      :selected-id="selectedId"
      :ghost-id="ghostId"
      :interactive="interactive"
      @select="emit('selectPart', $event)"
    />
    <DrawingBarred
      :colony="picture.colony"
      :x="view.centreX"
      :y="view.groundY - (assessment.heightMm * view.scale) / 2"
      :width="Math.min(260, size.width * 0.4)"
    />
    <g v-for="chip in chips" :key="`weight${chip.id}`" class="weight" :data-weight="chip.id">
      <rect
        :x="chip.x - chip.text.length * 4.1 - 7"
        :y="chip.y - 11"
        :width="chip.text.length * 8.2 + 14"
        height="22"
        rx="11"
        :fill="PAPER"
        :stroke="INK"
      />
      <text :x="chip.x" :y="chip.y + 5" text-anchor="middle" font-weight="700" stroke="none">{{ chip.text }}</text>
    </g>
    <DrawingMeasures
      v-if="measured"
      :entry="measured"
      :view="view"
      :axis="axis"
      :units="reader.units"
      @measure="emit('measure', $event)"
    />
    <DrawingNames :layout="layout" :parts="parts" :units="reader.units" :selected-id="selectedId" />
    <DrawingCallouts
      :layout="layout"
      :names="picture.names"
      :reader="reader"
      :width="size.width"
      :selected-gap="selectedGap"
      :ghost-id="ghostId"
      :narrow="narrow"
      :interactive="interactive"
      @select="emit('selectGap', $event)"
    />
  </svg>
</template>

<style scoped>
.weight {
  pointer-events: none;
}
</style>
