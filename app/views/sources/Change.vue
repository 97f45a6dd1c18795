<script setup lang="ts">
// A figure of one's own is typed here: what it would change is told before it is kept.
import type { Yard } from '#core/yard'
import { counted, effectInWords, typedFigure, type ListedFigure, type ToldEffect } from '#core/words'

const props = defineProps<{ row: ListedFigure; yard: Yard }>()
const emit = defineEmits<{ close: [] }>()
/** Gaps that are named; of more it is told how many there are. */
const MOST_NAMED = 6
const yards = useYards()
const preferences = usePreferences()
const model = reactive({ text: '' })
const read = (text: unknown) => typedFigure(props.row, String(text), props.yard, preferences.reader)
const problemOf = (text: unknown) => {
  const typed = read(text)
  return 'problem' in typed ? typed.problem : ''
}
const rules = { text: { schema: { isValidSync: (text: unknown) => problemOf(text) === '' }, sentence: problemOf } }
const typed = computed(() => read(model.text))
/** Nothing while nothing sound is typed. */
const effect = computed<ToldEffect | null>(() => {
  if (model.text.trim() === '' || 'problem' in typed.value) return null
  return effectInWords(props.yard, typed.value.edit, preferences.reader)
})

function save() {
  if ('problem' in typed.value) return
  yards.perform(props.yard.id, typed.value.edit)
  emit('close')
}
</script>

<template>
  <UiForm :model="model" :rules="rules" line class="edit" @sound="save">
    <UiField name="text" label="Your own figure" for="own-figure">
      <ElInput id="own-figure" v-model="model.text" :placeholder="row.value" data-testid="own-figure" />
    </UiField>
    <ElButton type="primary" native-type="submit">Use it</ElButton>
    <ElButton text @click="emit('close')">Cancel</ElButton>
    <template v-if="effect">
      <p v-for="one in effect.verdicts" :key="one" class="effect" data-testid="verdict-effect">
        <b>{{ one }}.</b>
      </p>
      <div class="effect" data-testid="effect">
        <b>{{
          effect.gaps.length === 0 ? 'No gap of this yard changes.' : `Changes ${counted(effect.gaps.length, 'gap')}:`
        }}</b>
        <span v-for="(gap, i) in effect.gaps.slice(0, MOST_NAMED)" :key="i">{{ gap }}</span>
      </div>
    </template>
  </UiForm>
</template>

<style scoped>
.edit {
  /* Where the table is wider than the screen, what is typed and told stays on it. */
  position: sticky;
  left: 0;
  padding: var(--space-3);
  max-width: calc(100vw - 40px);
}

.effect {
  display: grid;
  flex-basis: 100%;
}
</style>
