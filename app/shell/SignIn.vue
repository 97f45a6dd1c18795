<script setup lang="ts">
// Who is it? What waits on this device is kept meanwhile.
import { counted } from '#core/words'
import { hasPasskeys } from '~/client/passkeys'

const me = useMe()
const journal = useJournal()
const carry = useCarry()
const model = reactive({ name: '', passphrase: '' })
const filled = { isValidSync: (text: unknown) => typeof text === 'string' && text.length > 0 }
const RULES = {
  name: { schema: filled, sentence: 'The name is empty: the one that you chose here.' },
  passphrase: { schema: filled, sentence: 'The passphrase is empty: the words that you chose here.' },
}
const wrong = ref('')
const busy = ref(false)
const byKey = ref('')
async function enter() {
  busy.value = true
  wrong.value = await me.signIn(model.name.trim(), model.passphrase)
  busy.value = false
}
async function enterByKey() {
  busy.value = true
  byKey.value = await me.signInByKey()
  busy.value = false
}
</script>

<template>
  <UiAlone title="Sign in" data-testid="sign-in">
    <p>These yards are kept by several. Who are you?</p>
    <p v-if="journal.count > 0" class="waits">
      {{ counted(journal.count, 'thing') }} that {{ journal.count === 1 ? 'was' : 'were' }} done on this device
      {{ journal.count === 1 ? 'is' : 'are' }} kept and {{ journal.count === 1 ? 'goes' : 'go' }} in, under your name,
      once you are signed in.
    </p>
    <div v-if="journal.count > 0" class="ways">
      <ElButton data-testid="save-waiting" @click="carry.save()">Save it as a file</ElButton>
      <ElPopconfirm
        width="280"
        title="What waits here is gone then, unless it was saved as a file."
        confirm-button-text="Drop it"
        cancel-button-text="Keep it"
        @confirm="me.forget()"
      >
        <template #reference><ElButton text>Drop it</ElButton></template>
      </ElPopconfirm>
    </div>
    <UiForm :model="model" :rules="RULES" @sound="enter">
      <UiField name="name" label="Name" for="sign-in-name">
        <ElInput id="sign-in-name" v-model="model.name" autocomplete="username" data-testid="sign-in-name" />
      </UiField>
      <UiField name="passphrase" label="Passphrase" for="sign-in-words" :wrong="wrong">
        <ElInput
          id="sign-in-words"
          v-model="model.passphrase"
          type="password"
          show-password
          autocomplete="current-password"
          data-testid="sign-in-words"
        />
      </UiField>
      <ElButton type="primary" native-type="submit" :loading="busy" data-testid="sign-in-go">Sign in</ElButton>
    </UiForm>
    <template v-if="hasPasskeys()">
      <ElButton class="by-key" :disabled="busy" data-testid="sign-in-key" @click="enterByKey"
        >Sign in with a key of this device</ElButton
      >
      <p v-if="byKey" class="wrong" role="alert">{{ byKey }}</p>
    </template>
    <p class="soft">
      Forgotten? The owner of a yard invites you anew, under another name. On the machine where Duvet runs,
      <code>npm run keeper -- reset NAME</code> gives you a new passphrase. No answer here tells whether a name is
      known.
    </p>
  </UiAlone>
</template>

<style scoped>
.el-form :deep(.el-input) {
  width: 100%;
}

.waits {
  padding: var(--space-3) var(--space-4);
  border: 2px solid var(--watch);
  border-radius: 9px;
  background: #fff8e8;
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
}

.by-key {
  justify-self: start;
}
</style>
