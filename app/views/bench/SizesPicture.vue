<script setup lang="ts">
// The part as it is cut, with the size that is being typed lit on it.
import type { DimensionName, Pattern, Part } from '#core/parts'
import { dimensionWord } from '#core/words'
import { INDIGO } from '~/drawing/palette'
import { lonePart } from '~/drawing/lone-part'
import { halfOutsideMm, sectionOf } from '~/drawing/section'
import { sizeLineOf } from '~/drawing/size-line'

const props = defineProps<{ part: Part; pattern: Pattern; lit: DimensionName }>()
const view = useView()
const WIDE_MM = 620
const placed = computed(() => lonePart(props.part, props.pattern, view.yard))
const line = computed(() =>
  placed.value ? sizeLineOf(placed.value, props.lit, halfOutsideMm(placed.value, 'along')) : undefined,
)
const axis = computed(() => line.value?.axis ?? 'along')
const shapes = computed(() => (placed.value ? sectionOf(placed.value, axis.value) : []))
const box = computed(() => {
  const [top, low] = [placed.value?.topMm ?? 0, Math.min(0, placed.value?.hangsToMm ?? 0)]
  const height = Math.max(150, top - low + 60)
  return `${-WIDE_MM / 2} ${-(top + low) / 2 - height / 2} ${WIDE_MM} ${height}`
})
</script>

<template>
  <figure>
    <svg :viewBox="box" role="img" :aria-label="`Section with ${dimensionWord(lit).toLowerCase()} marked`">
      <DrawingShapes :shapes="shapes" />
      <g v-if="line" data-testid="lit-size" :data-lit="lit" :stroke="INDIGO" :fill="INDIGO">
        <line
          :x1="line.x1"
          :x2="line.x2"
          :y1="line.y1"
          :y2="line.y2"
          stroke-width="4"
          stroke-dasharray="8 4"
          vector-effect="non-scaling-stroke"
        />
        <circle :cx="line.x1" :cy="line.y1" r="6" />
        <circle :cx="line.x2" :cy="line.y2" r="6" />
      </g>
    </svg>
    <figcaption>
      {{ dimensionWord(lit) }}<template v-if="!line">: not to be seen in this section</template>, section {{ axis }} the
      frames
    </figcaption>
  </figure>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-height: 190px;
}

figcaption {
  color: var(--soft-ink);
  font-size: var(--type-1);
  text-align: center;
}
</style>
