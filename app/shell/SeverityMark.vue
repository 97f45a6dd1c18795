<script setup lang="ts">
// A severity as a shape, beside its word: octagon, square, triangle, ring, disc.
import type { Grade } from '#core/stack'
import { GRADE_COLOURS, PAPER } from '~/drawing/palette'

defineProps<{ grade: Grade; marginal?: boolean }>()
const OUTLINES: Record<Grade, string> = {
  stop: 'M6 1H14L19 6V14L14 19H6L1 14V6Z',
  mend: 'M2 2H18V18H2Z',
  watch: 'M10 1.5L19 18H1Z',
  note: 'M10 2A8 8 0 1 1 10 18A8 8 0 1 1 10 2Z',
  good: 'M10 1.5A8.5 8.5 0 1 1 10 18.5A8.5 8.5 0 1 1 10 1.5Z',
}
const SIGNS: Record<Grade, string> = {
  stop: 'M6.5 6.5L13.5 13.5M13.5 6.5L6.5 13.5',
  mend: 'M6 10H14',
  watch: 'M10 8V12.5M10 15V15.3',
  note: 'M10 6V6.3M10 9.5V14',
  good: 'M6 10.5L9 13.5L14.5 7',
}
</script>

<template>
  <svg class="mark" width="20" height="20" viewBox="0 0 20 20" aria-hidden="true">
    <path
      :d="OUTLINES[grade]"
      :fill="grade === 'note' || marginal ? PAPER : GRADE_COLOURS[grade]"
      :stroke="GRADE_COLOURS[grade]"
      stroke-width="2"
      stroke-linejoin="round"
    />
    <path
      :d="SIGNS[grade]"
      fill="none"
      :stroke="grade === 'note' || marginal ? GRADE_COLOURS[grade] : '#fff'"
      stroke-width="2.2"
      stroke-linecap="round"
      stroke-linejoin="round"
    />
  </svg>
</template>

<style scoped>
.mark {
  flex: none;
}
</style>
