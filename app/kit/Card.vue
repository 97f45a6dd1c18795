<script setup lang="ts">
// A sheet of paper on the linen: one thing with its name.
defineProps<{ title: string }>()
</script>

<template>
  <section class="card on-sheet" :aria-label="title">
    <h2>{{ title }}</h2>
    <slot />
  </section>
</template>

<style scoped>
.card :deep(> p),
.card :deep(> ol),
.card :deep(> ul) {
  margin-top: 0;
  margin-bottom: 0;
}
</style>
