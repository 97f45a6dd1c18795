<script setup lang="ts">
// A sentence in which words of the trade are underlined with dots: what they mean stands behind them.
const props = defineProps<{ text: string }>()
const terms = useTerms()
const pieces = computed(() => terms.split(props.text))
</script>

<template>
  <template v-for="({ text: piece, means }, i) in pieces" :key="i"
    ><UiTerm v-if="means" :word="piece" :means="means" /><template v-else>{{ piece }}</template></template
  >
</template>
