<script setup lang="ts">
// A word of the trade; what it means is shown while it is pointed at, held by the keyboard, or pressed.
defineProps<{ word: string; means: string }>()
const term = ref<HTMLElement | null>(null)
const wanted = ref(false)
const shown = ref(false)
function show(on: boolean) {
  wanted.value ||= on
  shown.value = on
}
</script>

<template>
  <span
    ref="term"
    class="term"
    role="button"
    tabindex="0"
    :aria-label="`${word}: ${means}`"
    :aria-expanded="shown"
    data-term
    @pointerenter="show(true)"
    @pointerleave="show(false)"
    @focus="show(true)"
    @blur="show(false)"
    @keydown.esc.stop="show(false)"
    @keydown.enter.stop="show(true)"
    @click.stop="show(true)"
    >{{ word }}</span><LazyUiTermNote v-if="wanted && term" :of="term" :shown="shown" :means="means" />
</template>

<style scoped>
.term {
  text-decoration: underline dotted 1.5px;
  text-underline-offset: 3px;
  cursor: help;
}
</style>
