<script setup lang="ts">
// How the bees are.
import { entriesOf } from '#core/units'
import { SOUND_WORDS, TEMPER_WORDS } from '#core/words'
import type { LookDraft } from './lookDraft'

const props = defineProps<{ draft: LookDraft }>()
const [temper, sound] = [props.draft.field('temper'), props.draft.field('sound')]
</script>

<template>
  <EntryPick v-model="temper" name="Temper" :of="entriesOf(TEMPER_WORDS)" />
  <EntryPick v-model="sound" name="Sound" :of="entriesOf(SOUND_WORDS)" />
</template>
