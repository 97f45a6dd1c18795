<script setup lang="ts">
// On every view of a hive: what its book says of its colony, where that is more than that it lives.
import { colonyIn } from '#core/hive'
import { colonyInWords, heldBackInWords } from '#core/wording/colony-words'
import { capital } from '#core/wording'

const view = useView()
const route = useRoute()
const preferences = usePreferences()
const place = computed(() => {
  const id = route.params.hive
  return typeof id === 'string' ? view.placeOf(id) : null
})
const colony = computed(() => (place.value ? colonyIn(place.value.yard, place.value.hive.id) : undefined))
</script>

<template>
  <p v-if="place && colony" class="colony" role="status" data-testid="colony">
    <ShellSeverityMark :grade="colony.holds === 'all' ? 'stop' : 'watch'" />
    <span
      ><b v-if="colony.holds === 'nothing'"
        >{{ place.hive.name }}: {{ capital(colonyInWords(colony, preferences.reader)) }}.</b
      >
      <template v-else>{{ heldBackInWords(place.hive, colony, preferences.reader) }}&nbsp;</template>
      <NuxtLink
        v-if="colony.holds !== 'nothing'"
        :to="{ path: hivePath(place.yard.id, place.hive.id, 'book'), query: { write: 'cleared' } }"
        data-testid="write-cleared"
        >It was looked at or cleaned</NuxtLink
      ></span
    >
  </p>
</template>

<style scoped>
.colony {
  display: flex;
  gap: 8px;
  margin: 0;
  padding: 8px 16px;
  border-bottom: 1px solid var(--seam);
  background: var(--sheet);
}
</style>
