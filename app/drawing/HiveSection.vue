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

const props = withDefaults(
  defineProps<{
    assessment: Assessment
    names: ReadonlyMap<string, string>
    reader: Reader
    axis: Axis
    width: number
    height: number
    zoom?: Zoom
    narrow?: boolean
    selectedId?: string | null
    selectedGap?: string | null
    /** The part that is still in the hand, or would be new. */
    ghostId?: string | null
    interactive?: boolean
    /** What each part weighs, to be written on it. */
    weights?: ReadonlyMap<string, string> | null
    /** What is said of its colony, where that is more than that it lives. */
    colony?: Colony
    /** Carries its own hatches, for a file. */
    standalone?: boolean
  }>(),
  { zoom: () => ({ k: 1, x: 0, y: 0 }), selectedId: null, selectedGap: null, ghostId: null, weights: null },
)
const emit = defineEmits<{ selectPart: [partId: string]; selectGap: [key: string]; measure: [name: DimensionName] }>()

const layout = computed(() => {
  const { assessment, axis, zoom, selectedGap, narrow = false, reader } = props
  return layOutBench(assessment, axis, props, zoom, selectedGap, narrow, reader.units)
})
const view = computed(() => layout.value.view)
const parts = computed(() => drawnParts(props, view.value))
const fittings = computed(() =>
  props.assessment.assembled.attached.map((fitting) => ({
    id: fitting.part.id,
    shapes: fittingShapes(fitting, props.assessment.layout.parts, props.axis),
  })),
)
const chips = computed(() => (props.weights ? weightChips(parts.value, props.weights, view.value) : []))
const measured = computed(() =>
  props.interactive && !props.ghostId ? parts.value.find(({ id }) => id === props.selectedId) : undefined,
)
</script>

<template>
  <svg
    :width="width"
    :height="height"
    :viewBox="`0 0 ${width} ${height}`"
    font-family="Atkinson Hyperlegible, Arial, sans-serif"
    font-size="14"
    :fill="INK"
    role="group"
    :aria-label="`Section ${axis} the frames, ${showLength(assessment.heightMm, reader.units)} high`"
  >
    <DrawingHatches v-if="standalone" />
    <DrawingStaff :layout="layout" :units="reader.units" :narrow="narrow" />
    <line x1="8" :x2="width - 8" :y1="view.groundY" :y2="view.groundY" stroke="#7a6a45" stroke-width="2" />

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
      :colony="colony"
      :x="view.centreX"
      :y="view.groundY - (assessment.heightMm * view.scale) / 2"
      :width="Math.min(260, width * 0.4)"
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
      :names="names"
      :reader="reader"
      :width="width"
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
