<script setup lang="ts">
// Brings a plan file in: says how far it is and what is wrong with it; nothing is changed then.
import { there } from '#core/units'
import { PLAN_LIMITS } from '#core/yard'

defineProps<{ large?: boolean }>()
const yards = useYards()
const importing = useImporting()
const wrong = ref('')
const busy = computed(() => importing.running !== null)
const progress = computed(() => {
  const now = importing.running
  return now?.state === 'writing' && now.of > 0
    ? `${now.yards} of ${now.of} ${now.of === 1 ? 'yard' : 'yards'} written`
    : 'looking through the file'
})

async function take(file: File) {
  wrong.value = ''
  if (file.size > PLAN_LIMITS.fileBytes)
    wrong.value = `The file is larger than ${PLAN_LIMITS.fileBytes / 1_000_000} MB, which no plan is: export fewer yards at a time.`
  else {
    const { ok, sentence } = await importing.bring(file)
    if (ok) yards.message = sentence
    else wrong.value = sentence
  }
}
</script>

<template>
  <div class="import">
    <UiFile name="Plan file" accept=".json,application/json" data-testid="import-file" :disabled="busy" @file="take">
      <span :class="large ? 'start' : 'plain-button'" data-testid="import">
        <template v-if="large"
          ><svg class="sheet" viewBox="0 0 120 130" height="130" aria-hidden="true">
            <path d="M20 6H76L100 30V124H20Z" fill="#fff" stroke="#27408b" stroke-width="3" stroke-dasharray="9 6" />
            <path
              d="M38 50H82V62H38ZM38 66H82V78H38ZM38 82H82V104H38Z"
              fill="#ead9b6"
              stroke="#7d6233"
              stroke-width="2"
            /></svg
          ><b>From a plan file</b><span>One that was saved here or on another machine (JSON).</span></template
        >
        <template v-else>Bring in a plan file</template>
      </span>
    </UiFile>
    <p v-if="busy" class="running" role="status" data-testid="importing">
      <UiProgress
        :done="there(importing.running).yards"
        :of="there(importing.running).of || 1"
        name="Bringing the file in"
      />
      Bringing the file in: {{ progress }}
      <ElButton text data-testid="stop-import" @click="importing.stop()">Stop</ElButton>
    </p>
    <p v-if="wrong" class="wrong" role="alert">Not brought in. {{ wrong }} Nothing was changed.</p>
  </div>
</template>

<style scoped>
.import {
  display: contents;
}

.running,
.wrong {
  flex-basis: 100%;
  max-width: 640px;
}
</style>
