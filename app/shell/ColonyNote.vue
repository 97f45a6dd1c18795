<script setup lang="ts">
// What the book says of the colony of a hive, where that is more than that it lives, and the way to say it is over.
import { colonyIn, type Hive, type Yard } from '#core/yard'
import { colonyInWords, heldBackInWords, capital } from '#core/words'

const props = defineProps<{ yard: Yard; hive: Hive }>()
const preferences = usePreferences()
const colony = computed(() => colonyIn(props.yard, props.hive.id))
</script>

<template>
  <p v-if="colony" class="colony" role="status" data-testid="colony">
    <ShellSeverityMark :grade="colony.holds === 'all' ? 'stop' : 'watch'" />
    <span
      ><b v-if="colony.holds === 'nothing'"
        >{{ hive.name }}: {{ capital(colonyInWords(colony, preferences.reader)) }}.</b
      >
      <template v-else>{{ heldBackInWords(hive, colony, preferences.reader) }}&nbsp;</template>
      <NuxtLink
        v-if="colony.holds !== 'nothing'"
        :to="{ path: hivePath(yard.id, hive.id, 'book'), query: { write: 'cleared' } }"
        data-testid="write-cleared"
        >It was looked at or cleaned</NuxtLink
      ></span
    >
  </p>
</template>

<style scoped>
.colony {
  display: flex;
  gap: var(--space-3);
  margin: 0;
  padding: var(--space-3) var(--space-5);
  border-bottom: 1px solid var(--seam);
  background: var(--sheet);
}
</style>
