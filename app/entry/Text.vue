<script setup lang="ts">
// A few words of an entry, as long as may be sent.
const props = defineProps<{
  name: string
  most: number
  modelValue: string | undefined
  rows?: number
  hint?: string
}>()
defineEmits<{ 'update:modelValue': [typed: string] }>()
const kind = computed(() => (props.rows ? { type: 'textarea', rows: props.rows } : {}))
</script>

<template>
  <label class="said asked-row" :class="{ long: rows }"
    >{{ name }}
    <ElInput
      :model-value="modelValue"
      v-bind="kind"
      :maxlength="most"
      :aria-label="name"
      :placeholder="hint"
      @update:model-value="$emit('update:modelValue', $event)"
    />
  </label>
</template>

<style scoped>
.said:not(.long) .el-input {
  max-width: 240px;
}
</style>
