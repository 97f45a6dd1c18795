<script setup lang="ts">
// Brings a plan file in: says what is wrong with it, and changes nothing then.
import { readPlan } from '#wire/read'
import { PLAN_LIMITS } from '#core/hive'

defineProps<{ large?: boolean }>()
const yards = useYards()
const input = ref<HTMLInputElement | null>(null)
const busy = ref(false)
const wrong = ref('')

async function bring(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  busy.value = true
  wrong.value = await take(file)
  busy.value = false
  input.value!.value = ''
}
async function take(file: File): Promise<string> {
  if (file.size > PLAN_LIMITS.fileBytes) return `The file is larger than ${PLAN_LIMITS.fileBytes / 1_000_000} MB, which no plan is: export fewer yards at a time.`
  const text = await file.text()
  const read = readPlan(text)
  if (!read.ok) return read.problem.sentence
  const { ok, sentence } = await yards.importPlan(text)
  if (!ok) return sentence
  yards.message = sentence
  return ''
}
</script>

<template>
  <div class="import">
    <button :class="large ? 'start' : 'plain-button'" type="button" :disabled="busy" data-testid="import" @click="input?.click()">
      <template v-if="large"><svg class="sheet" viewBox="0 0 120 130" height="130" aria-hidden="true"><path d="M20 6H76L100 30V124H20Z" fill="#fff" stroke="#27408b" stroke-width="3" stroke-dasharray="9 6" /><path d="M38 50H82V62H38ZM38 66H82V78H38ZM38 82H82V104H38Z" fill="#ead9b6" stroke="#7d6233" stroke-width="2" /></svg><b>From a plan file</b><span>One that was saved here or on another machine (JSON).</span></template>
      <template v-else>{{ busy ? 'Reading…' : 'Bring in a plan file' }}</template>
    </button>
    <input ref="input" class="visually-hidden" type="file" accept=".json,application/json" tabindex="-1" aria-label="Plan file" data-testid="import-file" @change="bring">
    <p v-if="wrong" class="wrong" role="alert">Not brought in. {{ wrong }} Nothing was changed.</p>
  </div>
</template>

<style scoped>
.import {
  display: contents;
}

.wrong {
  flex-basis: 100%;
  max-width: 640px;
  color: var(--stop);
}
</style>
