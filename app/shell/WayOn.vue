<script setup lang="ts">
// Ways on from where nothing is, or something went wrong.
defineProps<{ title: string }>()
</script>

<template>
  <UiAlone :title="title" :width="620">
    <slot />
    <p class="ways">
      <NuxtLink to="/">To the row of hives</NuxtLink>
    </p>
  </UiAlone>
</template>

<style scoped>
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3) var(--space-5);
}

.ways a {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  color: var(--indigo);
}
</style>
