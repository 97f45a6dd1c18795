<script setup lang="ts">
// What a word of the trade means, beside it.
defineProps<{ of: HTMLElement; shown: boolean; means: string }>()
</script>

<template>
  <ElTooltip
    :virtual-ref="of"
    virtual-triggering
    :visible="shown"
    placement="top"
    popper-class="term-note"
    effect="light"
  >
    <template #content>{{ means }}</template>
  </ElTooltip>
</template>

<style>
.term-note {
  max-width: 300px;
  font-size: var(--type-3);
}
</style>
