<script setup lang="ts">
// A line of text that is taken when it is left or Enter is pressed; until then nothing typed is lost.
const props = defineProps<{ value: string }>()
const emit = defineEmits<{ change: [text: string] }>()
const draft = ref(props.value)
watch(
  () => props.value,
  (value) => {
    draft.value = value
  },
)
</script>

<template>
  <ElInput v-model="draft" @change="emit('change', String($event))" />
</template>
