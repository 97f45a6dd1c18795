<script setup lang="ts">
// How far something is.
const props = defineProps<{ done: number; of: number; name: string }>()
const percent = computed(() => Math.min(100, Math.round((props.done / Math.max(1, props.of)) * 100)))
</script>

<template>
  <ElProgress
    class="progress"
    :percentage="percent"
    :show-text="false"
    :stroke-width="10"
    color="#27408b"
    :aria-label="name"
  />
</template>

<style scoped>
.progress {
  display: inline-flex;
  width: 160px;
  vertical-align: middle;
}
</style>
