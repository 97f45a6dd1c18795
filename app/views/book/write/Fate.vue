<script setup lang="ts">
// What became of a colony, and of what, as far as it is known.
import { FATES, type Fate } from '#core/book'
import { entriesOf } from '#core/units'
import { CAUSE_WORDS } from '#core/words'

const body = defineModel<Fate | null>({ required: true })
const WORDS = {
  alive: 'Alive',
  dead: 'Dead',
  merged: said('United with another'),
  sold: 'Sold',
  absconded: 'It left',
} as const
const typed = reactive<{ fate: Fate['fate'] | undefined; of: Fate['of']; cause: string }>({
  fate: undefined,
  of: undefined,
  cause: '',
  ...body.value,
})
watchEffect(() => {
  const cause = typed.cause.trim()
  body.value = typed.fate
    ? {
        fate: typed.fate,
        ...(typed.fate === 'dead' && typed.of ? { of: typed.of } : {}),
        ...(cause ? { cause } : {}),
      }
    : null
})
</script>

<template>
  <div class="form">
    <EntryPick v-model="typed.fate" name="It is" :of="FATES.map((fate) => [fate, WORDS[fate]] as const)" />
    <template v-if="typed.fate === 'dead'">
      <EntryPick v-model="typed.of" name="Of what" :of="entriesOf(CAUSE_WORDS)" />
      <UiCaution>
        Where it may be a disease, or you do not know: close it, move nothing of it, and have it looked at. Some
        diseases must be reported.
      </UiCaution>
    </template>
    <EntryText v-model="typed.cause" name="In your words" :most="200" />
  </div>
</template>
