<script setup lang="ts">
// What is done at one hive to bring it to a stage: step by step, why, with what; and to begin it.
import { catalogueOf } from '#core/catalogue'
import { assembleHive } from '#core/geometry'
import type { Yard } from '#core/hive'
import { reasonOf, type HiveChangeover } from '#core/season'
import { REASON_WORDS, capital, partNames, patternName, stageCautions, stageWord, visitStepInWords, workInWords } from '#core/wording'

const props = defineProps<{ yard: Yard; changeover: HiveChangeover; name: string; begun: boolean; fromNow: boolean }>()
defineEmits<{ begin: [] }>()
const preferences = usePreferences()
const steps = computed(() => {
  const catalogue = catalogueOf(props.yard)
  const standing = props.yard.hives.find(({ id }) => id === props.changeover.hiveId)
  const names = standing ? partNames(assembleHive(standing, props.changeover.parts, catalogue), preferences.vocabulary) : new Map<string, string>()
  return props.changeover.steps.map((step) => {
    const pattern = catalogue.patterns.get(step.patternId)
    const role = step.placement?.role ?? standing?.stack.find(({ partId }) => partId === step.partId)?.role
    const change = props.changeover.changes.find(({ partId }) => partId === step.partId)?.change
    return { text: visitStepInWords(step, names.get(step.partId) ?? patternName(step.patternId, catalogue, preferences.vocabulary), change, preferences.reader, pattern?.kind === 'roof'), why: REASON_WORDS[reasonOf(step, pattern, role, props.changeover.toStage)] }
  })
})
</script>

<template>
  <section class="changes" data-testid="changes">
    <h2>{{ name }}: to {{ stageWord(changeover.toStage) }}</h2>
    <p v-if="steps.length === 0">Nothing to do: it stands as it should.</p>
    <template v-else>
      <p><b>{{ workInWords(changeover.work, preferences.reader) }}</b>{{ changeover.provedLeast ? ', the least there is' : `; no plan has less than ${workInWords(changeover.atLeast, preferences.reader)}` }}.</p>
      <ol>
        <li v-for="({ text, why }, i) in steps" :key="i" data-step><b>{{ capital(text) }}</b><span class="why">{{ why }}</span></li>
      </ol>
      <ul class="caution"><li v-for="caution in stageCautions(changeover.toStage)" :key="caution">{{ caution }}</li></ul>
      <p v-if="begun">A visit is under way at this hive. <NuxtLink :to="`/visit/${encodeURIComponent(changeover.hiveId)}`">Go on with it</NuxtLink></p>
      <button v-else-if="fromNow" class="plain-button filled" type="button" data-testid="begin-visit" @click="$emit('begin')">Do this at the hive</button>
    </template>
  </section>
</template>

<style scoped>
.changes {
  display: flex;
  flex-direction: column;
  gap: 6px;
}

h2 {
  font-size: 17px;
}

ol {
  margin: 0;
  padding-left: 26px;
}

ol li {
  padding: 3px 0;
  border-bottom: 1px solid var(--seam);
}

.why {
  display: block;
  color: var(--soft-ink);
  font-size: 13.5px;
}

.caution {
  padding-left: 18px;
  color: var(--soft-ink);
  font-size: 13.5px;
}
</style>
