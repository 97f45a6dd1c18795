<script setup lang="ts">
// What can be done with the selected part: beside the drawing, or from below on a phone.
import { useMediaQuery } from '@vueuse/core'
import UiSheet from '~/kit/Sheet.vue'

const bench = useBench()
const open = useBenchOpen()
const selected = useSelectedPart()
const small = useMediaQuery('(max-width: 760px)')
</script>

<template>
  <template v-if="selected.one">
    <div v-if="small" class="acting" role="group" :aria-label="`Selected: ${selected.name}`">
      <b>{{ selected.name }}</b>
      <ElButton type="primary" data-testid="what-to-do" @click="open.acting = true">What to do…</ElButton>
      <ElButton text aria-label="Select nothing" @click="bench.selectedId = null">×</ElButton>
    </div>
    <component
      :is="small ? UiSheet : 'div'"
      v-if="open.acting || !small"
      :title="selected.name"
      @close="open.acting = false"
    >
      <BenchPartActions />
    </component>
  </template>
</template>

<style scoped>
.acting {
  display: flex;
  gap: var(--space-3);
  align-items: center;
  min-height: 48px;
  padding: var(--space-1) var(--space-3);
}

.acting b {
  margin-right: auto;
}
</style>
