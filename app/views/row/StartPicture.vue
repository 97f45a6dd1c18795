<script setup lang="ts">
// What a start looks like, as it would be drawn.
import { CATALOGUE } from '#core/parts'
import { laidIn } from '#core/ask'
import { emptyYard, startHive, type StartName } from '#core/yard'
import { sectionOf } from '~/drawing/section'

const props = defineProps<{ start: StartName }>()
const shapes = computed(() => {
  let n = 0
  const { hive, parts } = startHive(props.start, '', CATALOGUE, () => String(n++))
  return laidIn({ ...emptyYard('', ''), hives: [hive], parts }, hive).layout.parts.flatMap((part) =>
    sectionOf(part, 'along'),
  )
})
</script>

<template>
  <svg viewBox="-300 -570 600 580" height="130" aria-hidden="true"><DrawingShapes :shapes="shapes" /></svg>
</template>
