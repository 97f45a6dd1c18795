<script setup lang="ts">
// The year under the whole row: as the hives stand, or as a stage of the year has them.
import { STAGES, type Stage, type Yard } from '#core/yard'
import { stagesOf } from '#core/year'
import { capital } from '#core/words'

const props = defineProps<{ yards: readonly Yard[]; chosen: Stage | null }>()
const emit = defineEmits<{ choose: [stage: Stage | null] }>()
const stages = computed(() => {
  const there = new Set(props.yards.flatMap((yard) => stagesOf(yard)))
  return [null, ...STAGES.filter((stage) => there.has(stage))]
})
function step(by: 1 | -1) {
  const next = stages.value[Math.min(Math.max(stages.value.indexOf(props.chosen) + by, 0), stages.value.length - 1)]
  if (next !== undefined) emit('choose', next)
}
function slide(event: PointerEvent, stage: Stage | null) {
  if (event.buttons === 1 && event.pointerType !== 'touch') emit('choose', stage)
}
</script>

<template>
  <div
    class="strip"
    role="group"
    aria-label="All hives through the year"
    @keydown.left.prevent="step(-1)"
    @keydown.right.prevent="step(1)"
  >
    <ElButton
      v-for="stage in stages"
      :key="stage ?? 'now'"
      class="bare"
      :aria-pressed="stage === chosen"
      :data-row-stage="stage ?? 'now'"
      @click="emit('choose', stage)"
      @pointerenter="slide($event, stage)"
    >
      {{ stage ? capital(stageSaid(stage)) : 'As they stand' }}
    </ElButton>
    <NuxtLink v-if="chosen" :to="{ path: yardPath(yards[0]!.id, 'year'), query: { stage: chosen } }"
      >What changes, and what goes in the van</NuxtLink
    >
  </div>
</template>

<style scoped>
.strip {
  position: sticky;
  bottom: var(--foot);
  z-index: 5;
  display: flex;
  gap: var(--space-2);
  align-items: center;
  padding: var(--space-3) var(--space-5);
  overflow-x: auto;
  border-top: 2px dashed var(--seam);
  background: var(--paper);
}

.el-button {
  flex: 1 0 auto;
  min-height: 44px;
  padding: var(--space-2) var(--space-3);
  border: 1px solid var(--seam);
  border-radius: 7px;
  background: var(--linen);
  color: var(--ink);
  white-space: nowrap;
  cursor: pointer;
}

.el-button[aria-pressed='true'] {
  border: 2px solid var(--indigo);
  background: var(--indigo-wash);
  color: var(--indigo);
  font-weight: 700;
}

a {
  flex: none;
  padding: 0 var(--space-3);
  color: var(--indigo);
}
</style>
