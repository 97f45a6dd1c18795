<script setup lang="ts">
// A day of an entry, unsaid until it is typed.
defineProps<{ name: string; last?: string }>()
const model = defineModel<string | undefined>({ required: true })
</script>

<template>
  <label class="asked-row"
    >{{ name }} <UiDay :name="name" :value="model ?? ''" :last="last" @change="model = $event || undefined"
  /></label>
</template>
