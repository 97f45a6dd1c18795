<script setup lang="ts">
// The worst that is found in a hive, in words; until it is known, that it was not looked at.
import type { Verdict } from '#core/words'
import { GRADE_COLOURS } from '~/drawing/palette'

defineProps<{ verdict?: Verdict }>()
</script>

<template>
  <span class="verdict" :style="verdict && { color: GRADE_COLOURS[verdict.worst] }">
    <ShellSeverityMark v-if="verdict" :grade="verdict.worst" /><span>{{ verdict?.says ?? 'Not looked at yet' }}</span>
  </span>
</template>

<style scoped>
.verdict {
  display: flex;
  gap: var(--space-3);
  min-height: 32px;
  color: var(--soft-ink);
  font-size: var(--type-1);
  font-weight: 700;
  line-height: 1.25;
}
</style>
