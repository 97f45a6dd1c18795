<script setup lang="ts">
// The selected part's own dimensions, each where it is; pressing one measures it.
import type { Axis, DimensionName } from '#core/parts'
import { dimensionWord, type Reader } from '#core/words'
import type { BenchView } from '~/drawing/bench-layout'
import { partMeasures, sizeWidth, type DrawnPart } from '~/drawing/drawn-parts'
import { INDIGO } from '~/drawing/palette'

const props = defineProps<{ entry: DrawnPart; view: BenchView; axis: Axis; units: Reader['units'] }>()
const emit = defineEmits<{ measure: [name: DimensionName] }>()
const measures = computed(() => partMeasures(props.entry, props.view, props.axis, props.units))
</script>

<template>
  <g v-for="measure in measures" :key="measure.name">
    <path :d="measure.path" fill="none" :stroke="INDIGO" stroke-width="2" stroke-dasharray="6 4" />
    <rect
      class="press"
      role="button"
      tabindex="0"
      rx="5"
      :x="measure.x - 5"
      :y="measure.y - 16"
      :width="sizeWidth(measure.text)"
      height="22"
      fill="#fff"
      :stroke="INDIGO"
      :data-measure="measure.name"
      :aria-label="`Measure: ${dimensionWord(measure.name)}, ${measure.text}`"
      @click="emit('measure', measure.name)"
      @keydown.enter.prevent="emit('measure', measure.name)"
    />
    <text class="through" :x="measure.x" :y="measure.y" font-size="13" font-weight="700" :fill="INDIGO">
      {{ measure.text }}
    </text>
  </g>
</template>

<style scoped>
.through {
  pointer-events: none;
}
</style>
