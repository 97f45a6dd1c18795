<script setup lang="ts">
// Three hints for the first time, gone for good when they are closed.
import { useKept } from '~/composables/kept'

const seen = useKept('duvet.hints-seen', false)
</script>

<template>
  <aside v-if="!seen" class="hints" aria-label="Hints" data-testid="hints">
    <ol>
      <li><b>Press a hive</b> to see what the bees will do with every gap.</li>
      <li><b>Move along the year</b> at the foot: the hives change as they should.</li>
      <li><b>Press / to find</b> a hive, <b>?</b> for the words of the trade and the keys.</li>
    </ol>
    <ElButton text data-testid="close-hints" @click="seen = true">I know</ElButton>
  </aside>
</template>

<style scoped>
.hints {
  display: flex;
  gap: var(--space-4);
  align-items: center;
  margin: var(--space-3) var(--space-5) 0;
  padding: var(--space-2) var(--space-4);
  border: 1px dashed var(--seam);
  border-radius: 9px;
  background: var(--paper);
}

ol {
  display: flex;
  flex: 1;
  flex-wrap: wrap;
  gap: var(--space-1) var(--space-6);
  margin: 0;
  padding-left: var(--space-5);
}
</style>
