<script setup lang="ts">
// How the frames of a box are spaced, what is painted on them, what is hung in.
const hanging = ref('')
defineExpose({ hanging })
</script>

<template>
  <div class="tools">
    <FramesSpacingOf />
    <FramesHangIn v-model="hanging" />
    <FramesPaint />
  </div>
</template>

<style scoped>
.tools,
.tools :deep(section) {
  display: flex;
  flex-direction: column;
  gap: var(--space-3);
}
</style>
