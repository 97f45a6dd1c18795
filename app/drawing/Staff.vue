<script setup lang="ts">
// The staff at the side: how high everything is over the ground.
import { showFigure } from '#core/units'
import type { Reader } from '#core/words'
import { NAMED_MM, type BenchLayout } from '~/drawing/bench-layout'
import { SEAM, SOFT_INK } from '~/drawing/palette'

const props = defineProps<{ layout: BenchLayout; units: Reader['units']; narrow: boolean }>()
const yOf = (mm: number) => props.layout.view.groundY - mm * props.layout.view.scale
</script>

<template>
  <g class="staff" :stroke="SEAM" stroke-width="1.5">
    <line :x1="layout.staffX" :x2="layout.staffX" :y1="yOf(0)" :y2="yOf(layout.staffMm.at(-1) ?? 0)" />
    <template v-for="mm in layout.staffMm" :key="mm">
      <line :x1="layout.staffX - 6" :x2="layout.staffX" :y1="yOf(mm)" :y2="yOf(mm)" />
      <text
        v-if="!narrow || mm % NAMED_MM === 0"
        :x="layout.staffX - 9"
        :y="yOf(mm) + (mm === 0 ? -3 : 4)"
        text-anchor="end"
        font-size="12"
        :fill="SOFT_INK"
        stroke="none"
      >
        {{ showFigure(mm, units) }}
      </text>
    </template>
  </g>
</template>
