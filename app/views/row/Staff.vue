<script setup lang="ts">
// The staff at the left of a row: heights above the ground, in round figures of the unit.
import { MM_PER_INCH, showFigure } from '#core/units'
import { SEAM, SOFT_INK } from '~/drawing/palette'

const props = defineProps<{ height: number; scale: number; tallestMm: number }>()
const preferences = usePreferences()
/** Round figures of the unit, every second one written. */
const staff = computed(() => {
  const step = preferences.units === 'mm' ? 200 : 8 * MM_PER_INCH
  return Array.from({ length: Math.floor(props.tallestMm / step) + 1 }, (_, i) => i * step)
})
</script>

<template>
  <svg width="44" :height="height" aria-hidden="true">
    <g v-for="(mm, i) in staff" :key="mm">
      <line
        x1="36"
        x2="43"
        :y1="height - 12 - mm * scale"
        :y2="height - 12 - mm * scale"
        :stroke="SEAM"
        stroke-width="1.5"
      />
      <text v-if="i % 2 === 0" x="33" :y="height - 8 - mm * scale" text-anchor="end" font-size="13" :fill="SOFT_INK">
        {{ showFigure(mm, preferences.units) }}
      </text>
    </g>
  </svg>
</template>
