<script setup lang="ts">
// The mark of a verdict, 16 by 16 about its middle; half filled when the verdict is marginal.
import type { Grade } from '#core/stack'
import type { MarkShape } from '~/drawing/marks'
import { GRADE_COLOURS, PAPER } from '~/drawing/palette'

const props = defineProps<{ shape: MarkShape; grade: Grade; marginal?: boolean }>()
const colour = computed(() => (props.shape === 'ring' ? '#6d7178' : GRADE_COLOURS[props.grade]))
const OUTLINES: Record<Exclude<MarkShape, 'ring'>, string> = {
  'square-bar': 'M-8-8H8V8H-8Z',
  'disc-tick': 'M0-8.5A8.5 8.5 0 1 1 0 8.5A8.5 8.5 0 1 1 0-8.5Z',
  'triangle-wave': 'M0-9.5L9.5 8H-9.5Z',
  cross: 'M-5-9H5L9-5V5L5 9H-5L-9 5V-5Z',
  sandglass: 'M-8-8H8L-8 8H8Z',
}
const SIGNS: Record<MarkShape, string> = {
  'square-bar': 'M-4 0H4',
  'disc-tick': 'M-4 0.5L-1 3.5L4.5-3',
  'triangle-wave': 'M-4.5 4C-3 1.5-1.5 1.5 0 4S3 6 4.5 4',
  cross: 'M-3.5-3.5L3.5 3.5M3.5-3.5L-3.5 3.5',
  ring: '',
  sandglass: '',
}
</script>

<template>
  <g>
    <circle v-if="shape === 'ring'" r="5" :fill="PAPER" :stroke="colour" stroke-width="2" />
    <template v-else>
      <path
        :d="OUTLINES[shape]"
        :fill="marginal ? PAPER : colour"
        :stroke="colour"
        stroke-width="2"
        stroke-linejoin="round"
      />
      <clipPath v-if="marginal" :id="`half-${shape}`"><rect x="-10" y="-10" width="10" height="20" /></clipPath>
      <path v-if="marginal" :d="OUTLINES[shape]" :fill="colour" :clip-path="`url(#half-${shape})`" />
      <path
        :d="SIGNS[shape]"
        fill="none"
        :stroke="marginal ? colour : '#fff'"
        stroke-width="2.2"
        stroke-linecap="round"
        stroke-linejoin="round"
      />
    </template>
  </g>
</template>
