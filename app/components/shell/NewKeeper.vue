<script setup lang="ts">
// A name and a passphrase for who keeps from now on.
import { PASSPHRASE } from '#wire/keepers'

const props = defineProps<{ go: string; take: (name: string, passphrase: string) => Promise<string> }>()
const model = reactive({ name: '', passphrase: '' })
const isName = { isValidSync: (text: unknown) => typeof text === 'string' && /\S/.test(text) && text.length <= 60 }
const isLong = { isValidSync: (text: unknown) => typeof text === 'string' && text.length >= PASSPHRASE.least }
const RULES = {
  name: { schema: isName, sentence: 'The name is empty: how the others call you, at most 60 letters.' },
  passphrase: {
    schema: isLong,
    sentence: `The passphrase has fewer than ${PASSPHRASE.least} characters: take four or five words that only you know.`,
  },
}
const wrong = ref('')
const busy = ref(false)
async function send() {
  busy.value = true
  wrong.value = await props.take(model.name.trim(), model.passphrase)
  busy.value = false
}
</script>

<template>
  <UiForm :model="model" :rules="RULES" @sound="send">
    <UiField name="name" label="Your name, as the others see it" for="keeper-name">
      <ElInput id="keeper-name" v-model="model.name" maxlength="60" autocomplete="username" data-testid="keeper-name" />
    </UiField>
    <UiField name="passphrase" label="Passphrase: four or five words that only you know" for="keeper-words">
      <ElInput
        id="keeper-words"
        v-model="model.passphrase"
        type="password"
        show-password
        autocomplete="new-password"
        data-testid="keeper-words"
      />
    </UiField>
    <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
    <ElButton type="primary" native-type="submit" :loading="busy" data-testid="keeper-go">{{ go }}</ElButton>
  </UiForm>
</template>

<style scoped>
:deep(.el-input) {
  width: 100%;
}

.wrong {
  margin-bottom: 8px;
  color: var(--stop);
}
</style>
