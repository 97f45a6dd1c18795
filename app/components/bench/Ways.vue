<script setup lang="ts">
// Ways out as buttons: pressed once they are shown on the drawing, and done by a second press.
import type { Remedy } from '#core/checks'
import type { WayWords } from '~/composables/findingCards'

defineProps<{ ways: readonly WayWords[]; tried: Remedy | null }>()
const emit = defineEmits<{ try: [remedy: Remedy | null]; apply: [remedy: Remedy] }>()
</script>

<template>
  <template v-for="{ remedy, word } in ways" :key="word">
    <template v-if="tried === remedy">
      <span class="trying">Shown on the drawing: {{ word }}</span>
      <ElButton type="primary" @click="emit('apply', remedy)">Do it</ElButton>
      <ElButton @click="emit('try', null)">Leave it</ElButton>
    </template>
    <ElButton v-else @click="emit('try', remedy)">{{ word }}</ElButton>
  </template>
</template>

<style scoped>
.trying {
  width: 100%;
  color: var(--indigo);
}
</style>
