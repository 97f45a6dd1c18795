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
  gap: 12px;
  width: calc(100% - 24px);
  margin: 8vh auto 0;
  padding: 24px;
  border: 2px dashed var(--seam);
  border-radius: 12px;
  background: var(--paper);
}

h1 {
  font-size: 24px;
}
</style>
