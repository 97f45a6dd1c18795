<script setup lang="ts">
// A file of the keeper's own; what stands in it looks like a button and is pressed as one. Nothing is sent from here.
defineProps<{ name: string; accept: string; disabled?: boolean }>()
const emit = defineEmits<{ file: [file: File] }>()
</script>

<template>
  <ElUpload
    :accept="accept"
    :disabled="disabled"
    :auto-upload="false"
    :show-file-list="false"
    :aria-label="name"
    @change="({ raw }) => raw && emit('file', raw)"
  >
    <slot />
  </ElUpload>
</template>
