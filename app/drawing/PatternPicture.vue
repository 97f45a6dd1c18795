<script setup lang="ts">
// A pattern as it is cut, small: the same drawing as on the bench, its height stretched so that thin parts tell apart.
import type { Pattern } from '#core/parts'
import { newPart } from '#core/yard'
import { lonePart } from '~/drawing/lone-part'
import { sectionOf } from '~/drawing/section'

const props = defineProps<{ pattern: Pattern }>()
const WIDE_MM = 590
const bench = useBench()
const drawn = computed(() => {
  let n = 0
  const part = newPart(props.pattern, bench.catalogue, () => String(n++))
  const placed = lonePart(part, props.pattern, bench.standingYard)
  if (!placed) return { shapes: [], top: 0, low: 0 }
  return { shapes: sectionOf(placed, 'along'), top: placed.topMm, low: placed.hangsToMm }
})
const box = computed(() => {
  const height = Math.max(78, drawn.value.top - drawn.value.low + 24)
  const middle = -(drawn.value.top + drawn.value.low) / 2
  return `${-WIDE_MM / 2} ${middle - height / 2} ${WIDE_MM} ${height}`
})
</script>

<template>
  <svg class="picture" :viewBox="box" width="62" height="34" preserveAspectRatio="none" aria-hidden="true">
    <DrawingShapes :shapes="drawn.shapes" />
  </svg>
</template>

<style scoped>
.picture {
  flex: none;
}
</style>
