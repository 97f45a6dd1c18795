<script setup lang="ts">
// What is seen at the entrance and on the floor, and the weather.
import { entriesOf } from '#core/units'
import { DAMP_WORDS, DEAD_WORDS, VISITOR_WORDS } from '#core/words'
import type { LookDraft } from './lookDraft'

const props = defineProps<{ draft: LookDraft }>()
const { field } = props.draft
const [dead, damp, mould] = [field('deadOnFloor'), field('damp'), field('mould')]
const [visitors, wind, celsius] = [field('visitors'), field('wind'), field('celsius')]
const tray = computed({
  get: () => props.draft.tray,
  set: (typed) => props.draft.set({ tray: typed }),
})
const WINDS = [
  ['calm', 'calm'],
  ['breeze', 'breeze'],
  ['wind', 'wind'],
] as const
</script>

<template>
  <EntryPick v-model="dead" name="Dead on the floor" :of="entriesOf(DEAD_WORDS)" />
  <EntryCount
    :model-value="tray.mites"
    name="Mites on the tray"
    @update:model-value="tray = { ...tray, mites: $event }"
  />
  <EntryCount
    v-if="tray.mites !== undefined"
    :model-value="tray.days"
    name="Days the tray was in"
    :least="1"
    @update:model-value="tray = { ...tray, days: $event }"
  />
  <EntryPick v-model="damp" many name="Damp at" :of="entriesOf(DAMP_WORDS)" />
  <EntryPick v-model="mould" many name="Mould at" :of="entriesOf(DAMP_WORDS)" />
  <EntryPick v-model="visitors" many name="Visitors" :of="entriesOf(VISITOR_WORDS)" />
  <EntryPick v-model="wind" name="Wind" :of="WINDS" />
  <EntryDegrees v-model="celsius" name="Outside" :least-celsius="-50" :most-celsius="60" />
</template>
