<script setup lang="ts">
// A number of an entry, unsaid until it is typed.
import type { NumberOf } from '~/kit/numberField'

defineProps<{ name: string; of: NumberOf; hint?: string }>()
const model = defineModel<number | undefined>({ required: true })
</script>

<template>
  <div class="number">
    {{ name }}
    <UiNumber v-model="model" :name="name" :of="of" /><small v-if="hint">{{ hint }}</small>
  </div>
</template>

<style scoped>
.number {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-4);
  align-items: center;
  justify-content: space-between;
}

small {
  flex-basis: 100%;
  color: var(--soft-ink);
  font-size: var(--type-1);
}
</style>
