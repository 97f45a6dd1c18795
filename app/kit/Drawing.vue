<script setup lang="ts">
// A drawing as it also goes to the printer: paths of straight lines, and words.
import type { Drawing } from '#wire/drawing-schema'

defineProps<{ drawing: Drawing; label?: string }>()
</script>

<template>
  <svg
    :viewBox="`${drawing.x} ${drawing.y} ${drawing.width} ${drawing.height}`"
    :role="label ? 'img' : undefined"
    :aria-label="label"
    :aria-hidden="label ? undefined : true"
  >
    <path
      v-for="(mark, i) in drawing.marks"
      :key="i"
      :d="mark.path"
      :fill="mark.fill"
      :stroke="mark.line"
      :stroke-width="mark.width"
      :stroke-dasharray="mark.dash || undefined"
      stroke-linejoin="round"
    />
    <text v-for="(word, i) in drawing.words" :key="i" :x="word.x" :y="word.y" :font-size="word.size">
      {{ word.text }}
    </text>
  </svg>
</template>

<style scoped>
svg {
  display: block;
}

text {
  fill: var(--ink);
  text-anchor: middle;
}
</style>
