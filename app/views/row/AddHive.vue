<script setup lang="ts">
// A new hive in a yard: its name and what it starts from.
import type { StartName } from '#core/yard'
import { nameSchema } from '#wire/names-schema'
import type UiForm from '~/kit/Form.vue'

const emit = defineEmits<{ start: [kind: StartName, name: string]; close: [] }>()
const model = reactive({ name: '' })
const form = ref<InstanceType<typeof UiForm> | null>(null)
const RULES = { name: { schema: nameSchema, sentence: 'The name is empty: give the hive one, such as Twill.' } }
async function go(kind: StartName) {
  if (await form.value?.check()) emit('start', kind, model.name.trim())
}
</script>

<template>
  <UiSheet title="A new hive" width="min(520px, 94vw)" @close="emit('close')">
    <UiForm ref="form" :model="model" :rules="RULES" @sound="go('langstroth')">
      <UiField name="name" label="Name" for="new-hive-name">
        <ElInput
          id="new-hive-name"
          v-model="model.name"
          maxlength="80"
          placeholder="Twill"
          autofocus
          data-testid="new-hive-name"
        />
      </UiField>
      <div class="ways">
        <ElButton type="primary" data-testid="new-langstroth" @click="go('langstroth')"> A Langstroth </ElButton>
        <ElButton type="primary" data-testid="new-national" @click="go('national')"> A National </ElButton>
        <ElButton data-testid="new-empty" @click="go('empty')">Bare ground</ElButton>
      </div>
    </UiForm>
  </UiSheet>
</template>

<style scoped>
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
  margin-top: var(--space-3);
}
</style>
