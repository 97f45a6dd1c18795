<script setup lang="ts">
// One thing in the middle of the view, where there is nothing else to do.
defineProps<{ title: string; width?: number }>()
</script>

<template>
  <main class="alone" :style="{ maxWidth: `${width ?? 460}px` }">
    <h1>{{ title }}</h1>
    <slot />
  </main>
</template>

<style scoped>
.alone {
  display: grid;
  gap: var(--space-4);
  width: calc(100% - 24px);
  margin: 8vh auto 0;
  padding: var(--space-6);
  border: 2px dashed var(--seam);
  border-radius: 12px;
  background: var(--paper);
}

h1 {
  font-size: var(--type-6);
}
</style>
