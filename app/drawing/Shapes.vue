<script setup lang="ts">
// Draws the shapes of a section; knows materials, not hives.
import { MATERIALS } from '~/drawing/palette'
import type { Material, Shape } from '~/drawing/shape'

defineProps<{ shapes: readonly Shape[] }>()

const HATCHED: ReadonlySet<Material> = new Set([
  'timber',
  'plywood',
  'brood',
  'honey',
  'foam',
  'polystyrene',
  'chips',
  'masonry',
  'unknown',
])
const fillOf = (material: Material) => (HATCHED.has(material) ? `url(#hatch-${material})` : MATERIALS[material].fill)
const LINES = {
  mesh: { stroke: '#3f454d', width: 3, dash: '3 3' },
  screen: { stroke: '#3f454d', width: 2.5, dash: '3 3' },
  sheet: { stroke: '#3b4148', width: 4, dash: '22 6' },
  rods: { stroke: '#3b4148', width: 5.5, dash: '1 9' },
  cladding: { stroke: '#6f7881', width: 5, dash: 'none' },
} as const
</script>

<template>
  <template v-for="(shape, i) in shapes" :key="i">
    <path
      v-if="shape.type === 'area'"
      :d="shape.path"
      :fill="fillOf(shape.material)"
      :stroke="MATERIALS[shape.material].edge"
      stroke-width="2"
      paint-order="stroke"
      vector-effect="non-scaling-stroke"
      stroke-linejoin="round"
    />
    <line
      v-else
      :x1="shape.x1"
      :x2="shape.x2"
      :y1="shape.y"
      :y2="shape.y"
      :stroke="LINES[shape.look].stroke"
      :stroke-width="LINES[shape.look].width"
      :stroke-dasharray="LINES[shape.look].dash"
      :stroke-linecap="shape.look === 'rods' ? 'round' : 'butt'"
    />
  </template>
</template>
