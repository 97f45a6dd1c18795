<script setup lang="ts">
// A number of an entry, unsaid until it is typed.
import type { NumberOf } from '~/kit/numberField'

defineProps<{ name: string; of: NumberOf; hint?: string }>()
const model = defineModel<number | undefined>({ required: true })
</script>

<template>
  <div class="asked-row">
    {{ name }}
    <UiNumber v-model="model" :name="name" :of="of" /><small v-if="hint">{{ hint }}</small>
  </div>
</template>

<style scoped>
small {
  flex-basis: 100%;
  color: var(--soft-ink);
  font-size: var(--type-1);
}
</style>
