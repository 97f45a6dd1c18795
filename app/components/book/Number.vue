<script setup lang="ts">
// A number of an entry, unsaid until it is typed.
defineProps<{ name: string; min: number; max: number; precision?: number; hint?: string }>()
const model = defineModel<number | undefined>({ required: true })
</script>

<template>
  <label class="number"
    >{{ name }}
    <ElInputNumber
      :model-value="model ?? null"
      :min="min"
      :max="max"
      :precision="precision ?? 0"
      :aria-label="name"
      @update:model-value="model = $event ?? undefined"
    /><small v-if="hint">{{ hint }}</small></label
  >
</template>

<style scoped>
.number {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
  justify-content: space-between;
}

small {
  flex-basis: 100%;
  color: var(--soft-ink);
  font-size: 13px;
}
</style>
