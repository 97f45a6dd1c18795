<script setup lang="ts">
// Ways out as buttons: pressed once they are shown on the drawing, and done by a second press.
import type { Remedy } from '#core/rules'
import type { WayWords } from './findingCards'

const props = defineProps<{ ways: readonly WayWords[]; tried: Remedy | null }>()
const isSame = (a: Remedy | null, b: Remedy | null) => a === b || JSON.stringify(a) === JSON.stringify(b)
/** A way that was shown and gave place to another one: nothing of it was done, and that is said. */
const onlyShown = ref('')
watch(
  () => props.tried,
  (now, before) => {
    // What is found may be told anew meanwhile: a way is the same as long as it does the same.
    if (isSame(now, before)) return
    const left = props.ways.find(({ remedy }) => isSame(remedy, before))
    onlyShown.value = now && left ? left.word : ''
  },
)
const emit = defineEmits<{ try: [remedy: Remedy | null]; apply: [remedy: Remedy] }>()
</script>

<template>
  <template v-for="{ remedy, word } in ways" :key="word">
    <template v-if="isSame(tried, remedy)">
      <span class="trying">Shown on the drawing: {{ word }}</span>
      <ElButton type="primary" @click="emit('apply', remedy)">Do it</ElButton>
      <ElButton @click="emit('try', null)">Leave it</ElButton>
    </template>
    <ElButton v-else @click="emit('try', remedy)">{{ word }}</ElButton>
  </template>
  <span v-if="onlyShown" class="trying" role="status" data-testid="only-shown"
    >“{{ onlyShown }}” was only shown, nothing was done. Show it again and press “Do it” first.</span
  >
</template>

<style scoped>
.trying {
  width: 100%;
  color: var(--indigo);
}
</style>
