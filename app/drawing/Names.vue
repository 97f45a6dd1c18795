<script setup lang="ts">
// The name of every part at its left, with what is in it and how deep it is.
import { isBox } from '#core/parts'
import { showLength } from '#core/units'
import type { Reader } from '#core/words'
import type { BenchLayout, NameLabel } from '~/drawing/bench-layout'
import type { DrawnPart } from '~/drawing/drawn-parts'
import { INDIGO, INK, SEAM, SOFT_INK } from '~/drawing/palette'
import { isLong, shortened } from '~/drawing/short-text'

/** How wide a letter of a name is, px. */
const LETTER_PX = 7.1
const props = defineProps<{
  layout: BenchLayout
  parts: readonly DrawnPart[]
  units: Reader['units']
  selectedId: string | null
}>()
const roomPx = computed(() => props.layout.nameX - props.layout.staffX - 6)
/** A box says how many frames are in it and its depth; all else says what it is. */
function under({ part }: NameLabel, detail: string): string {
  if (!isBox(part)) return detail
  const frames = detail
    .split(', ')
    .at(-1)
    ?.replace(/ frames( \+ \w+)$/, '$1')
  return `${frames}, ${showLength(part.faces.depthMm, props.units)}`
}
const labels = computed(() =>
  props.layout.names.map((label) => {
    const { id, name = '', detail = '' } = props.parts.find((one) => one.part === label.part) ?? { id: '' }
    return { label, id, name, detail: detail && under(label, detail), isSelected: id === props.selectedId }
  }),
)
</script>

<template>
  <g v-for="{ label, id, name, detail, isSelected } in labels" :key="id">
    <path
      :d="`M${layout.nameX + 4} ${label.y}L${label.edgeX - 4} ${label.jointY}`"
      :stroke="SEAM"
      stroke-width="1.2"
      fill="none"
    />
    <text
      :x="layout.nameX"
      :y="detail ? label.y - 3 : label.y + 5"
      text-anchor="end"
      :font-weight="isSelected ? 700 : 400"
      :fill="isSelected ? INDIGO : INK"
      font-size="14.5"
    >
      {{ shortened(name, roomPx, LETTER_PX) }}
      <title v-if="isLong(name, roomPx, LETTER_PX)">{{ name }}</title>
    </text>
    <text v-if="detail" :x="layout.nameX" :y="label.y + 13" text-anchor="end" font-size="12" :fill="SOFT_INK">
      {{ detail }}
    </text>
  </g>
</template>
