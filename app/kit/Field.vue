<script setup lang="ts">
// A field of a form with its label, and what is wrong with it below.
defineProps<{ name: string; label: string; for?: string; wrong?: string | undefined }>()
</script>

<template>
  <ElFormItem :prop="name" :label="label" :for="$props.for" :error="wrong">
    <template v-if="$slots['label']" #label><slot name="label" /></template>
    <slot />
    <template #error="{ error }"
      ><p class="wrong" role="alert" :data-wrong="name">{{ error }}</p></template
    >
  </ElFormItem>
</template>

<style scoped>
.wrong {
  color: var(--stop);
  margin-top: var(--space-2);
  line-height: 1.35;
}
</style>
