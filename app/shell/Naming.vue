<script setup lang="ts">
// Asks for one name.
import { nameSchema, noteSchema } from '#wire/names-schema'

const props = defineProps<{ title: string; value: string; required?: boolean; long?: boolean }>()
const emit = defineEmits<{ take: [value: string]; close: [] }>()
const model = reactive({ text: props.value })
const RULES = {
  text: {
    // A part without a name has that of its pattern.
    schema: props.required ? nameSchema : noteSchema,
    sentence: 'The name is empty: give it one, such as Twill.',
  },
}
</script>

<template>
  <UiSheet :title="title" width="min(420px, 94vw)" @close="emit('close')">
    <UiForm :model="model" :rules="RULES" @sound="emit('take', model.text.trim())">
      <UiField name="text" :label="title" for="name-input">
        <ElInput
          id="name-input"
          v-model="model.text"
          :type="long ? 'textarea' : 'text'"
          :rows="4"
          :maxlength="long ? 2000 : 80"
          autofocus
          data-testid="name-input"
        />
      </UiField>
      <ElButton type="primary" native-type="submit">Save</ElButton>
    </UiForm>
  </UiSheet>
</template>
