<script setup lang="ts">
// The empty state: three honest starts.
import type { StartName } from '#core/yard'

defineEmits<{ start: [kind: StartName] }>()
</script>

<template>
  <section class="starts" aria-label="Start">
    <h2>Stack your first hive</h2>
    <p>
      Duvet draws a hive to scale from the ground up and tells what the bees will do with every gap: keep it open, glue
      it, or fill it with comb.
    </p>
    <div class="ways">
      <ElButton class="bare start" data-testid="start-langstroth" @click="$emit('start', 'langstroth')">
        <RowStartPicture start="langstroth" /><b>A Langstroth</b
        ><span>Stand, floor, one deep with ten frames, inner cover, roof.</span>
      </ElButton>
      <ElButton class="bare start" data-testid="start-national" @click="$emit('start', 'national')">
        <RowStartPicture start="national" /><b>A National</b
        ><span>Stand, floor, one brood box with eleven frames and a dummy, crown board, roof.</span>
      </ElButton>
      <RowImport large />
    </div>
    <p class="hint">
      Bare ground instead?
      <ElButton text data-testid="start-empty" @click="$emit('start', 'empty')"> Start with nothing </ElButton>
    </p>
    <RowExamples />
  </section>
</template>

<style scoped>
.starts {
  max-width: 960px;
  margin: 7vh auto 0;
  padding: 0 var(--space-5);
}

h2 {
  font-size: var(--type-6);
}

p {
  max-width: 640px;
  margin-top: var(--space-3);
  font-size: var(--type-4);
}

.ways {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(240px, 1fr));
  gap: var(--space-5);
  margin: var(--space-6) 0 var(--space-5);
}

.start,
.ways :deep(.start) {
  display: flex;
  flex-direction: column;
  gap: var(--space-3);
  min-height: 128px;
  padding: var(--space-5);
  border: 2px dashed var(--indigo);
  border-radius: 11px;
  background: var(--sheet);
  color: var(--ink);
  text-align: left;
  cursor: pointer;
}

.start:hover,
.ways :deep(.start:hover) {
  background: var(--indigo-wash);
}

.start b,
.ways :deep(.start b) {
  color: var(--indigo);
  font-size: var(--type-5);
}

.hint {
  color: var(--soft-ink);
  font-size: var(--type-3);
}

.hint .el-button {
  color: var(--indigo);
  text-decoration: underline;
}
</style>
