<script setup lang="ts">
// Ways on from where nothing is, or something went wrong.
defineProps<{ title: string }>()
</script>

<template>
  <main class="way-on">
    <h1>{{ title }}</h1>
    <slot />
    <p class="ways">
      <NuxtLink to="/">To the row of hives</NuxtLink>
    </p>
  </main>
</template>

<style scoped>
.way-on {
  display: grid;
  gap: 12px;
  max-width: 620px;
  margin: 12vh auto 0;
  padding: 24px;
  border: 2px dashed var(--seam);
  border-radius: 12px;
  background: var(--paper);
}

h1 {
  font-size: 24px;
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 20px;
}

.ways a {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  color: var(--indigo);
}
</style>
