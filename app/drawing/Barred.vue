<script setup lang="ts">
// A bar across a hive of which nothing is moved: its colony is closed, or its kit is held.
import { there } from '#core/units'
import type { Colony } from '#core/yard'
import { isBarred } from '~/drawing/colony'
import { GRADE_COLOURS, PAPER } from '~/drawing/palette'

defineProps<{ colony: Colony | undefined; x: number; y: number; width: number }>()
const HIGH = 22
const WORDS = { lives: 'CLOSED', dead: 'DEAD', empty: 'EMPTY' } as const
</script>

<template>
  <g v-if="isBarred(colony)" class="barred" data-testid="barred">
    <rect
      :x="x - width / 2"
      :y="y - HIGH / 2"
      :width="width"
      :height="HIGH"
      :fill="PAPER"
      :stroke="GRADE_COLOURS.stop"
      stroke-width="2"
    />
    <path
      :d="
        [0.06, 0.16, 0.84, 0.94].map((at) => `M${x - width / 2 + at * width - 6} ${y + HIGH / 2}l12 ${-HIGH}`).join('')
      "
      :stroke="GRADE_COLOURS.stop"
      stroke-width="4"
      fill="none"
    />
    <text
      :x="x"
      :y="y + 5"
      text-anchor="middle"
      font-size="13"
      font-weight="700"
      :fill="GRADE_COLOURS.stop"
      stroke="none"
      >{{ WORDS[there(colony).is] }}</text
    >
  </g>
</template>
