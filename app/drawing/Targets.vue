<script setup lang="ts">
// What a finger or a pointer can hit of each part: a thin part's target reaches down over what is below it.
import { useMediaQuery } from '@vueuse/core'
import type { BenchView } from '~/drawing/bench-layout'
import type { DrawnPart } from '~/drawing/drawn-parts'
import { INDIGO } from '~/drawing/palette'

const props = defineProps<{
  parts: readonly DrawnPart[]
  view: BenchView
  selectedId: string | null
  ghostId: string | null
  interactive: boolean
}>()
const emit = defineEmits<{ select: [partId: string] }>()
const coarse = useMediaQuery('(pointer: coarse)')
const reachPx = computed(() => (coarse.value ? 44 : 24))
/** It stops short of the middle of what is below, so that two thin parts can each be hit. */
function reachOf({ part, topPx, highPx }: DrawnPart): number {
  const below = props.parts[part.index - 1]
  const least = highPx + 4
  if (!below || below.highPx >= reachPx.value) return Math.max(least, reachPx.value)
  return Math.max(least, Math.min(reachPx.value, below.topPx + below.highPx / 2 - 2 - topPx))
}
const across = ({ halfMm }: DrawnPart) => ({
  x: props.view.centreX - halfMm * props.view.scale - 3,
  width: halfMm * 2 * props.view.scale + 6,
})
function spoken({ name, detail, part }: DrawnPart): string {
  const way = part.placement.turnedOver ? ', turned over' : ''
  return `${name}${detail ? `, ${detail}` : ''}${way}, layer ${part.index + 1} of ${props.parts.length} from the ground`
}
const asButton = (entry: DrawnPart) =>
  props.interactive
    ? {
        role: 'button',
        tabindex: entry.id === props.selectedId || (!props.selectedId && entry.part.index === 0) ? 0 : -1,
        'aria-pressed': entry.id === props.selectedId,
        'aria-label': spoken(entry),
      }
    : {}
</script>

<template>
  <g v-for="entry in parts" :key="entry.id">
    <g
      class="hit"
      :data-part="entry.id"
      :data-ghost="entry.id === ghostId || undefined"
      v-bind="asButton(entry)"
      @click="emit('select', entry.id)"
      @keydown.enter.prevent="emit('select', entry.id)"
      @keydown.space.prevent="emit('select', entry.id)"
    >
      <rect
        v-if="interactive && entry.highPx < reachPx"
        class="reach"
        v-bind="across(entry)"
        :y="entry.topPx - 2"
        :height="reachOf(entry)"
        fill="transparent"
        stroke="none"
      />
      <rect
        class="outline"
        v-bind="across(entry)"
        :y="entry.topPx - 2"
        :height="Math.max(9, entry.highPx + 4)"
        :fill="entry.id === ghostId ? '#27408b22' : 'transparent'"
        :stroke="entry.id === selectedId || entry.id === ghostId ? INDIGO : 'none'"
        stroke-width="2.5"
        :stroke-dasharray="entry.id === ghostId ? '7 5' : 'none'"
        rx="4"
      />
    </g>
  </g>
</template>

<style scoped>
.hit {
  cursor: pointer;
}

.hit:focus-visible .outline,
.hit:focus-visible {
  stroke: #27408b;
  stroke-width: 4;
  outline: none;
}
</style>
