<script setup lang="ts">
// A day of an entry, unsaid until it is typed.
defineProps<{ name: string; last?: string }>()
const model = defineModel<string | undefined>({ required: true })
</script>

<template>
  <label class="day"
    >{{ name }} <UiDay :name="name" :value="model ?? ''" :last="last" @change="model = $event || undefined"
  /></label>
</template>

<style scoped>
.day {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-4);
  align-items: center;
  justify-content: space-between;
}
</style>
