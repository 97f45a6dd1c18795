<script setup lang="ts">
// A box cut across its frames: how thick the combs are and what is left between them.
import type { ResolvedPart } from '#core/parts'
import { lonePart } from '~/drawing/lone-part'
import { halfOutsideMm, sectionOf } from '~/drawing/section'

const props = defineProps<{ box: ResolvedPart; title: string }>()
const view = useView()
const placed = computed(() => (props.box.pattern ? lonePart(props.box.part, props.box.pattern, view.yard) : undefined))
const shapes = computed(() => (placed.value ? sectionOf(placed.value, 'across') : []))
const seen = computed(() => {
  if (!placed.value) return '0 0 1 1'
  const half = halfOutsideMm(placed.value, 'across') + 6
  const { topMm, hangsToMm } = placed.value
  return `${-half} ${-topMm - 6} ${2 * half} ${topMm - hangsToMm + 12}`
})
</script>

<template>
  <figure>
    <figcaption>{{ title }}</figcaption>
    <svg :viewBox="seen" role="img" :aria-label="`${title}, cut across the frames`">
      <DrawingShapes :shapes="shapes" />
    </svg>
  </figure>
</template>

<style scoped>
figure {
  flex: 1 1 280px;
  max-width: 460px;
  margin: 0;
}

figcaption {
  padding-bottom: var(--space-2);
  font-weight: 700;
}

svg {
  display: block;
  width: 100%;
  max-height: 220px;
}
</style>
