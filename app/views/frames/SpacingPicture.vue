<script setup lang="ts">
// How frames are kept apart, seen from above: bars that touch, notches, or distance pieces.
import type { Spacing } from '#core/parts'

const props = defineProps<{ spacing: Spacing }>()
const WIDE = 44
const HIGH = 26
const bars = computed(() => {
  const count = Math.min(12, props.spacing.count ?? 10)
  const room = HIGH / count
  const touching = props.spacing.system === 'touching'
  const high = touching ? room - 0.6 : Math.min(room * 0.62, 2.2)
  return Array.from({ length: count }, (_, i) => ({ y: i * room + (room - high) / 2, high }))
})
</script>

<template>
  <svg :viewBox="`0 0 ${WIDE} ${HIGH}`" :width="WIDE" :height="HIGH" aria-hidden="true">
    <rect x="0" y="0" :width="WIDE" :height="HIGH" fill="#ead9b6" />
    <rect x="4" y="0" :width="WIDE - 8" :height="HIGH" fill="#fdfbf6" />
    <rect v-for="(bar, i) in bars" :key="i" x="1" :width="WIDE - 2" :y="bar.y" :height="bar.high" fill="#bd8d4e" />
    <template v-if="spacing.system === 'castellation'">
      <path
        v-for="(bar, i) in bars"
        :key="`n${i}`"
        :d="`M4 ${bar.y}h3M4 ${bar.y + bar.high}h3M${WIDE - 7} ${bar.y}h3M${WIDE - 7} ${bar.y + bar.high}h3`"
        stroke="#4c545d"
        stroke-width="0.9"
      />
    </template>
    <template v-if="spacing.system === 'spacer'">
      <path :d="`M9 0V${HIGH}M${WIDE - 9} 0V${HIGH}`" stroke="#27408b" stroke-width="1.6" stroke-dasharray="1.6 1.2" />
    </template>
    <path
      v-if="spacing.system === 'by-hand'"
      :d="`M${WIDE / 2} 3V${HIGH - 3}M${WIDE / 2 - 3} 6l3 -3l3 3M${WIDE / 2 - 3} ${HIGH - 6}l3 3l3 -3`"
      fill="none"
      stroke="#27408b"
      stroke-width="1.4"
    />
  </svg>
</template>

<style scoped>
svg {
  flex: none;
  vertical-align: middle;
}
</style>
