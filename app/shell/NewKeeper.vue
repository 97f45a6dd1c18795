<script setup lang="ts">
// A name and a passphrase for who keeps from now on.
import { keeperFields } from '#wire/keeper-schema'
import { NAME_MOST, PASSPHRASE } from '#wire/keepers'

const props = defineProps<{ go: string; take: (name: string, passphrase: string) => Promise<string> }>()
const model = reactive({ name: '', passphrase: '' })
const RULES = {
  name: {
    schema: keeperFields.name,
    sentence: `The name is empty: how the others call you, at most ${NAME_MOST} letters.`,
  },
  passphrase: {
    schema: keeperFields.passphrase,
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
      <ElInput
        id="keeper-name"
        v-model="model.name"
        :maxlength="NAME_MOST"
        autocomplete="username"
        data-testid="keeper-name"
      />
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
  margin-bottom: var(--space-3);
  color: var(--stop);
}
</style>
