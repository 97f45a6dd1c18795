<script setup lang="ts">
// A sheet of paper on the linen: one thing with its name.
defineProps<{ title: string }>()
</script>

<template>
  <section class="card" :aria-label="title">
    <h2>{{ title }}</h2>
    <slot />
  </section>
</template>

<style scoped>
.card {
  display: flex;
  flex-direction: column;
  gap: var(--space-3);
  padding: var(--space-3) var(--space-4);
  border: 1px solid var(--seam);
  border-radius: 8px;
  background: var(--sheet);
}

.card :deep(> p),
.card :deep(> ol),
.card :deep(> ul) {
  margin-top: 0;
  margin-bottom: 0;
}
</style>
