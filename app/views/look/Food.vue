<script setup lang="ts">
// What it hefts, and how the supers and the combs are.
import { entriesOf } from '#core/units'
import { HEFT_WORDS } from '#core/words'
import { YES_NO, type LookDraft } from './lookDraft'

const props = defineProps<{ draft: LookDraft }>()
const { field, yesNo } = props.draft
const [heft, superSealed, undrawn, toRenew] = [
  field('heft'),
  field('superSealed'),
  field('undrawnLeft'),
  field('toRenew'),
]
const isCross = yesNo('crossComb')
const sealedPercent = computed({
  get: () => (superSealed.value === undefined ? undefined : Math.round(superSealed.value * 100)),
  set: (percent: number | undefined) => {
    superSealed.value = percent === undefined ? undefined : percent / 100
  },
})
</script>

<template>
  <EntryPick v-model="heft" name="It hefts" :of="entriesOf(HEFT_WORDS)" />
  <EntryCount v-model="sealedPercent" name="Of the supers sealed, %" :step="10" />
  <EntryCount v-model="undrawn" name="Frames not drawn yet" />
  <EntryCount v-model="toRenew" name="Combs to renew" />
  <EntryPick v-model="isCross" name="Cross comb" :of="YES_NO" />
</template>
