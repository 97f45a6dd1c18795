<script setup lang="ts">
// A form whose fields are checked by the schemas of the wire, with the sentence at the field that was touched.
import type { FormInstance } from 'element-plus'
import type { FieldRule } from './formRules'

const props = defineProps<{ model: object; rules: Readonly<Record<string, FieldRule>>; line?: boolean }>()
const emit = defineEmits<{ sound: [] }>()
const form = ref<FormInstance | null>(null)
const rules = computed(() => formRules(props.rules))
/** Checks every field; true when all of them may be sent. */
async function check(): Promise<boolean> {
  return (await form.value?.validate().catch(() => false)) === true
}
async function send() {
  if (await check()) emit('sound')
}
defineExpose({ check })
</script>

<template>
  <ElForm
    ref="form"
    :model="model"
    :rules="rules"
    label-position="top"
    hide-required-asterisk
    scroll-to-error
    :class="{ line }"
    @submit.prevent="send"
  >
    <slot />
  </ElForm>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
  align-items: end;
}

.line :deep(.el-form-item) {
  margin: 0;
}
</style>
