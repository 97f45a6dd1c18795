<script setup lang="ts">
// What hangs in a box, from the side: lugs, bars and comb of a frame to scale, or a board.
import { type HangingPattern, isFramePattern } from '#core/parts'

const props = defineProps<{ pattern: HangingPattern }>()
const WIDE_MM = 490
const HIGH_MM = 310
const bars = computed(() => {
  const {
    topBarLength,
    lengthOverEndBars,
    lugThickness,
    topBarThickness,
    bottomBarThickness,
    endBarThickness,
    height,
  } = props.pattern
  const lug = (topBarLength.mm - lengthOverEndBars.mm) / 2
  const left = (WIDE_MM - topBarLength.mm) / 2
  return {
    top: { x: left, width: topBarLength.mm, height: Math.max(lugThickness.mm, 12) },
    body: { x: left + lug, width: lengthOverEndBars.mm, height: height.mm },
    comb: {
      x: left + lug + endBarThickness.mm,
      y: topBarThickness.mm,
      width: lengthOverEndBars.mm - 2 * endBarThickness.mm,
      height: height.mm - topBarThickness.mm - bottomBarThickness.mm,
    },
  }
})
</script>

<template>
  <svg :viewBox="`0 0 ${WIDE_MM} ${HIGH_MM}`" width="46" height="29" aria-hidden="true">
    <rect v-bind="bars.body" fill="#bd8d4e" stroke="#6f4f22" stroke-width="5" />
    <rect v-if="isFramePattern(pattern)" v-bind="bars.comb" fill="#f3cd6d" />
    <rect v-bind="bars.top" fill="#bd8d4e" stroke="#6f4f22" stroke-width="5" />
  </svg>
</template>

<style scoped>
svg {
  flex: none;
  vertical-align: middle;
}
</style>
