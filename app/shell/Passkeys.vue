<script setup lang="ts">
// Keys of devices that sign one in: made, shown, forgotten.
import type { KeptPasskey } from '#wire/keepers'
import { hasPasskeys, makePasskey } from '~/client/passkeys'
import { server } from '~/client/server'

const preferences = usePreferences()
const kept = shallowRef<readonly KeptPasskey[]>([])
const told = ref('')
const busy = ref(false)
async function load() {
  const answer = await server.passkeys()
  if (answer.ok) kept.value = answer.value
}
onMounted(load)
async function make() {
  busy.value = true
  told.value = await makePasskey(preferences.device)
  busy.value = false
  await load()
}
async function forget(id: string) {
  const answer = await server.dropPasskey(id)
  told.value = answer.ok ? '' : answer.problem.sentence
  await load()
}
</script>

<template>
  <UiCard title="Keys of your devices">
    <p>
      A key signs you in by fingerprint, face or PIN of the device, in the place of the passphrase; it never leaves the
      device.
    </p>
    <ul v-if="kept.length > 0" data-testid="passkeys">
      <li v-for="one in kept" :key="one.id">
        <span
          ><b>{{ preferences.deviceWord(one.device) }}</b
          >, made {{ preferences.day(one.madeAt.slice(0, 10)) }} for {{ one.host }}</span
        >
        <ElButton text :aria-label="`Forget the key of ${one.device}`" @click="forget(one.id)">Forget</ElButton>
      </li>
    </ul>
    <ElButton v-if="hasPasskeys()" :loading="busy" data-testid="make-key" @click="make"
      >Make one on this device</ElButton
    >
    <p v-else class="soft">
      None can be made here: it takes a browser that has them, and an address with a name instead of numbers, by https.
    </p>
    <p v-if="told" class="wrong" role="alert">{{ told }}</p>
  </UiCard>
</template>

<style scoped>
.el-button {
  justify-self: start;
}

ul {
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  gap: var(--space-3);
  align-items: center;
  justify-content: space-between;
}
</style>
