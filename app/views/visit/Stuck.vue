<script setup lang="ts">
// A step that cannot be done: why, and the rest is planned anew from what stands now.
import { catalogueOf } from '#core/parts'
import { CANNOT_WORDS } from '#core/words'
import type { Hive, Stage, Yard } from '#core/yard'
import * as deeds from '#core/yard/deeds'
import { CANNOT, planAgain, type Cannot } from '#core/year'

/** A note of a hive is no longer. */
const NOTE_LETTERS = 2000
const props = defineProps<{ yard: Yard; hive: Hive; step: string }>()
const emit = defineEmits<{ planned: [last: { hive: string; stage: Stage }]; close: [] }>()
const yards = useYards()
const view = useView()
const preferences = usePreferences()
const why = ref<Cannot>('not-here')
const what = ref('')
function cannot() {
  const { yard, hive, step } = props
  const edit = planAgain(yard, hive, catalogueOf(yard), why.value, view.places)
  const stage = hive.visit?.toStage ?? hive.stage
  emit('close')
  if (!edit) return
  const because = what.value.trim() || CANNOT_WORDS[why.value].toLowerCase()
  const line = `${preferences.day(localToday())}: could not do “${step}”: ${because}.`
  const note = deeds.setHive(hive, { note: [hive.note, line].filter(Boolean).join('\n').slice(-NOTE_LETTERS) })
  if (yards.perform(yard.id, deeds.together(edit, note))) emit('planned', { hive: hive.id, stage })
}
</script>

<template>
  <UiSheet title="What is in the way?" width="min(460px, 94vw)" @close="emit('close')">
    <ElRadioGroup v-model="why" class="reasons"
      ><ElRadio v-for="one in CANNOT" :key="one" :value="one" size="large">{{
        CANNOT_WORDS[one]
      }}</ElRadio></ElRadioGroup
    >
    <ElInput
      v-model="what"
      maxlength="200"
      aria-label="In your own words"
      placeholder="In your own words, if you like"
    />
    <p class="soft">
      The rest is planned anew from what stands now: what was to come stays in the van, and what cannot come off stays
      on. The hive is closed again.
    </p>
    <ElButton type="primary" size="large" data-testid="plan-again" @click="cannot">Plan the rest anew</ElButton>
  </UiSheet>
</template>

<style scoped>
.reasons {
  display: grid;
  margin-bottom: var(--space-3);
}
</style>
