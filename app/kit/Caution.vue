<script setup lang="ts">
// What can hurt bees or keeper, beside what is written.
</script>

<template>
  <p class="caution" role="note"><slot /></p>
</template>

<style scoped>
.caution {
  margin: 0;
  padding: var(--space-3) var(--space-3);
  border-left: 5px solid var(--stop);
  font-size: var(--type-1);
}
</style>
