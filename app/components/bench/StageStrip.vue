<script setup lang="ts">
// The stages of the year, set by hand: what is right for a hive depends on it.
import { STAGES, type Stage } from '#core/hive'
import { capital, stageWord } from '#core/wording'

defineProps<{ stage: Stage }>()
defineEmits<{ choose: [stage: Stage] }>()
</script>

<template>
  <div class="strip" role="group" aria-label="Stage of the year of this hive">
    <button v-for="one in STAGES" :key="one" type="button" :aria-pressed="one === stage" :data-stage="one" @click="$emit('choose', one)">
      {{ capital(stageWord(one)) }}
    </button>
  </div>
</template>

<style scoped>
.strip {
  display: flex;
  gap: 5px;
  padding: 8px 12px;
  overflow-x: auto;
  border-top: 2px dashed var(--seam);
  background: var(--paper);
}

button {
  flex: 1 0 auto;
  min-height: 44px;
  padding: 4px 10px;
  border: 1px solid var(--seam);
  border-radius: 7px;
  background: var(--linen);
  color: var(--ink);
  white-space: nowrap;
  cursor: pointer;
}

button[aria-pressed='true'] {
  border: 2px solid var(--indigo);
  background: var(--indigo-wash);
  color: var(--indigo);
  font-weight: 700;
}
</style>
