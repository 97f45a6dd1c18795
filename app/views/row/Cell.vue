<script setup lang="ts">
// One hive of many, small: its drawing, its name, its heaviest lift, and its worst finding in words.
import type { Hive, Stage } from '#core/yard'
import type { LaidHive } from '#core/ask'
import type { Verdict } from '#core/words'
import { showMass } from '#core/units'

const props = defineProps<{
  hive: Hive
  known: LaidHive
  verdict?: Verdict
  scale: number
  height: number
  stage: Stage | null
  picking: boolean
  picked: boolean
}>()
const emit = defineEmits<{ pick: [on: boolean] }>()
const preferences = usePreferences()
const { shapes, weight } = useHiveInRow(props)
function press(event: MouseEvent) {
  if (!props.picking) return
  event.preventDefault()
  emit('pick', !props.picked)
}
</script>

<template>
  <article class="cell" :class="{ picked }" :data-hive="hive.name">
    <LazyRowPick v-if="picking" class="pick" :name="hive.name" :picked="picked" @pick="emit('pick', $event)" />
    <NuxtLink
      :to="{ path: hivePath(known.yard.id, hive.id, 'bench'), query: stage ? { stage } : {} }"
      class="open"
      @click.capture="press"
    >
      <svg width="140" :height="height" aria-hidden="true">
        <g :transform="`translate(70 ${height - 3}) scale(${scale})`"><DrawingShapes :shapes="shapes" /></g>
      </svg>
      <b class="name"><span class="visually-hidden">Open </span>{{ hive.name }}</b>
      <span v-if="weight.heaviest" class="lift">lift {{ showMass(weight.heaviest, preferences.units) }}</span>
      <ShellVerdict class="says" :verdict="verdict" />
    </NuxtLink>
  </article>
</template>

<style scoped>
.cell {
  position: relative;
  border: 1px solid var(--seam);
  border-radius: 8px;
  background: var(--paper);
}

.cell.picked {
  border-color: var(--indigo);
  background: var(--indigo-wash);
}

.pick {
  position: absolute;
  top: 0;
  left: 8px;
}

.open {
  display: block;
  height: 100%;
  padding: var(--space-2) var(--space-3) var(--space-3);
  border-radius: 8px;
  color: var(--ink);
  text-decoration: none;
}

.open:hover {
  background: rgb(39 64 139 / 7%);
}

svg {
  display: block;
  max-width: 100%;
  margin: 0 auto;
}

.name,
.lift {
  display: block;
  overflow-wrap: anywhere;
}

.name {
  border-top: 2px solid #7a6a45;
}

.lift {
  color: var(--soft-ink);
  font-size: var(--type-1);
}

.says :deep(svg) {
  width: 16px;
  height: 16px;
  margin: 0;
}
</style>
