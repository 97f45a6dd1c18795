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
  padding: 0 20px;
}

h2 {
  font-size: 30px;
}

p {
  max-width: 640px;
  margin-top: 8px;
  font-size: 17px;
}

.ways {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(240px, 1fr));
  gap: 16px;
  margin: 26px 0 20px;
}

.start,
.ways :deep(.start) {
  display: flex;
  flex-direction: column;
  gap: 6px;
  min-height: 128px;
  padding: 18px;
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
  font-size: 20px;
}

.hint {
  color: var(--soft-ink);
  font-size: 15px;
}

.hint .el-button {
  color: var(--indigo);
  text-decoration: underline;
}
</style>
