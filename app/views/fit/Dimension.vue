<script setup lang="ts">
// A figure where it is true: a running stitch between its two points, and the text beside it.
import { showLength, type UnitSystem } from '#core/units'
import type { DimensionLine } from '~/drawing/fit-drawing'
import { GRADE_COLOURS, INDIGO, PAPER } from '~/drawing/palette'

const props = defineProps<{ line: DimensionLine; scale: number; units: UnitSystem }>()
const colour = computed(() => (props.line.bad ? GRADE_COLOURS.mend : INDIGO))
const text = computed(() => `${showLength(props.line.mm, props.units)} ${said(props.line.label)}`)
const size = computed(() => 12.5 / props.scale)
const at = computed(() => {
  const { x1, x2, y1, y2 } = props.line
  const [x, y] = [(x1 + x2) / 2, (y1 + y2) / 2]
  const wide = text.value.length * size.value * 0.52
  const sideways = Math.abs(x2 - x1) >= Math.abs(y2 - y1)
  if (!sideways) return { x: x + 8 / props.scale, y: y + size.value * 0.35, wide }
  return { x: x > 0 ? x - wide - 6 / props.scale : x + 6 / props.scale, y: y - size.value * 0.6, wide }
})
</script>

<template>
  <g>
    <line
      :x1="line.x1"
      :y1="line.y1"
      :x2="line.x2"
      :y2="line.y2"
      :stroke="colour"
      stroke-width="3"
      vector-effect="non-scaling-stroke"
    />
    <circle
      v-for="end in [0, 1]"
      :key="end"
      :cx="end ? line.x2 : line.x1"
      :cy="end ? line.y2 : line.y1"
      :r="3 / scale"
      :fill="colour"
    />
    <rect
      :x="at.x - 3 / scale"
      :y="at.y - size"
      :width="at.wide + 6 / scale"
      :height="size * 1.35"
      :fill="PAPER"
      fill-opacity="0.9"
    />
    <text :x="at.x" :y="at.y" :font-size="size" :fill="colour" font-weight="700">{{ text }}</text>
  </g>
</template>
