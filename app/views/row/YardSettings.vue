<script setup lang="ts">
// A yard's name, note, and what it takes for bee space.
import { catalogueOf } from '#core/parts'
import { bandOf } from '#core/stack'
import { BAND_PRESETS, type Yard } from '#core/yard'
import { showFigure, showLength } from '#core/units'
import { nameSchema, noteSchema } from '#wire/names-schema'
import * as deeds from '#core/yard/deeds'

const props = defineProps<{ yard: Yard }>()
const emit = defineEmits<{ close: [] }>()
const yards = useYards()
const preferences = usePreferences()
const form = reactive({
  name: props.yard.name,
  note: props.yard.note,
  band: props.yard.band,
  prolific: props.yard.prolific,
})
const RULES = {
  name: { schema: nameSchema, sentence: 'The name is empty: give the yard one, such as Sallow Quay.' },
  note: { schema: noteSchema, sentence: 'The note is too long: 2000 signs at most.' },
}
const WORDS = {
  range: 'The published range',
  'single-figure': 'One figure, give or take',
  metric: 'Metric practice',
} as const
const { figures } = catalogueOf(props.yard)
const bandText = (preset: (typeof BAND_PRESETS)[number]) =>
  `${WORDS[preset]}: ${showFigure(bandOf(preset, figures).minMm, preferences.units)} to ` +
  showLength(bandOf(preset, figures).maxMm, preferences.units)
function save() {
  yards.perform(
    props.yard.id,
    deeds.setYard({ name: form.name.trim(), note: form.note, band: form.band, prolific: form.prolific }),
  )
  emit('close')
}

function removeYard(): void {
  void yards.removeYard(props.yard.id)
  emit('close')
}
</script>

<template>
  <UiSheet :title="`Yard ${yard.name}`" width="min(520px, 94vw)" @close="emit('close')">
    <UiForm class="settings" :model="form" :rules="RULES" @sound="save">
      <UiField name="name" label="Name" for="yard-name">
        <ElInput id="yard-name" v-model="form.name" maxlength="80" />
      </UiField>
      <UiField name="note" label="Note" for="yard-note">
        <ElInput id="yard-note" v-model="form.note" type="textarea" :rows="3" maxlength="2000" />
      </UiField>
      <fieldset>
        <legend>What counts as bee space here</legend>
        <ElRadioGroup v-model="form.band" aria-label="What counts as bee space here">
          <ElRadio v-for="preset in BAND_PRESETS" :key="preset" :value="preset">{{ bandText(preset) }}</ElRadio>
        </ElRadioGroup>
      </fieldset>
      <ElCheckbox v-model="form.prolific">A prolific strain: half as much room again for brood</ElCheckbox>
      <div class="ways">
        <ElButton type="primary" native-type="submit">Save</ElButton>
        <ElButton data-testid="remove-yard" @click="removeYard"> Remove this yard </ElButton>
      </div>
      <p class="soft">A yard that is removed can be brought back from the foot of the Row.</p>
    </UiForm>
  </UiSheet>
</template>

<style scoped>
.settings {
  display: grid;
  gap: var(--space-3);
  justify-items: stretch;
}

fieldset {
  border: 1px solid var(--seam);
  border-radius: 7px;
}

fieldset label {
  display: block;
  min-height: 40px;
}

.ways {
  display: flex;
  gap: var(--space-3);
}
</style>
