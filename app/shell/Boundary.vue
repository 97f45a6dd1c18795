<script setup lang="ts">
// What a view cannot work out is said in its place; the rest of the page goes on.
const route = useRoute()
</script>

<template>
  <NuxtErrorBoundary :key="route.path">
    <slot />
    <template #error="{ clearError: again }">
      <p class="failed" role="alert">
        This could not be worked out from what is noted here. Nothing was changed.
        <ElButton @click="again()">Try again</ElButton>
      </p>
    </template>
  </NuxtErrorBoundary>
</template>

<style scoped>
.failed {
  margin: var(--space-5);
  padding: var(--space-4) var(--space-5);
  border: 2px solid var(--watch);
  border-radius: 9px;
  background: #fff8e8;
}
</style>
