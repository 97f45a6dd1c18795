<script setup lang="ts">
// How the brood lies, or that there is none.
import { entriesOf } from '#core/units'
import { PATTERN_WORDS } from '#core/words'
import { YES_NO, type LookDraft } from './lookDraft'

const props = defineProps<{ draft: LookDraft }>()
const [pattern, broodFrames] = [props.draft.field('pattern'), props.draft.field('broodFrames')]
const hasDrones = props.draft.yesNo('droneBrood')
const noBrood = computed({
  get: () => (broodFrames.value ? ('none' as const) : undefined),
  set: (none: 'none' | readonly 'none'[] | undefined) => {
    broodFrames.value = none ? { eggs: 0, larvae: 0, sealed: 0 } : undefined
  },
})
</script>

<template>
  <EntryPick v-model="pattern" name="Pattern" :of="entriesOf(PATTERN_WORDS)" />
  <EntryPick v-model="noBrood" name="Brood" :of="[['none', 'no brood at all']]" />
  <EntryPick v-model="hasDrones" name="Drone brood" :of="YES_NO" />
</template>
