<script setup lang="ts">
// A number of an entry, unsaid until it is typed.
// What else a number field takes, such as how it is read, goes on to it.
defineOptions({ inheritAttrs: false })
defineProps<{ name: string; min: number; max: number; precision?: number; hint?: string }>()
const model = defineModel<number | undefined>({ required: true })
</script>

<template>
  <div class="number">
    {{ name }}
    <UiNumber v-model="model" :name="name" :min="min" :max="max" :decimals="precision ?? 0" v-bind="$attrs" /><small
      v-if="hint"
      >{{ hint }}</small
    >
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
