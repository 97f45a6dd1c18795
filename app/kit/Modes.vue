<script setup lang="ts" generic="T extends string">
// Faces of one view side by side, the one that is looked at underlined.
defineProps<{ of: readonly (readonly [mode: T, word: string])[]; name: string }>()
const mode = defineModel<T>({ required: true })
</script>

<template>
  <div class="tabs" role="group" :aria-label="name">
    <ElButton
      v-for="[one, word] in of"
      :key="one"
      class="bare"
      :aria-pressed="mode === one"
      :data-mode="one"
      @click="mode = one"
    >
      {{ said(word) }}
    </ElButton>
  </div>
</template>
