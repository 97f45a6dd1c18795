<script setup lang="ts">
// A treatment, with what its label says typed in.
import type { Treatment } from '#core/book'
import { keysOf } from '#core/units'
import { TREATMENT_CAUTION } from '#core/words'

const body = defineModel<Treatment | null>({ required: true })
const typed = reactive<{ -readonly [K in keyof Treatment]: Treatment[K] }>({ product: '', ...body.value })
const LABEL = [
  ['labelDays', 'Days it stays on', 0, 400],
  ['withdrawalDays', 'Withdrawal, days', 0, 400],
] as const
const WARMTH = [
  ['fromCelsius', 'Label: not below'],
  ['toCelsius', 'Label: not above'],
  ['highCelsius', 'High of these days, by the forecast'],
] as const
const RECORD = [
  ['batch', 'Batch', 40],
  ['supplier', 'Bought from', 80],
] as const
const DAYS = [
  ['boughtOn', 'Bought on'],
  ['expiresOn', 'Not used after'],
] as const
watchEffect(() => {
  const said = { ...typed, product: typed.product.trim() }
  for (const name of keysOf(said)) if (said[name] === undefined || said[name] === '') delete said[name]
  body.value = typed.product.trim() ? said : null
})
</script>

<template>
  <div class="form">
    <UiCaution>{{ TREATMENT_CAUTION }}</UiCaution>
    <EntryText v-model="typed.product" name="What, by its label" :most="80" />
    <EntryText v-model="typed.amount" name="How much" :most="80" />
    <EntryNumber
      v-for="[name, word, min, max] in LABEL"
      :key="name"
      v-model="typed[name]"
      :of="{ min, max }"
      :name="word"
    />
    <EntryDegrees
      v-for="[name, word] in WARMTH"
      :key="name"
      v-model="typed[name]"
      :name="word"
      :least-celsius="-20"
      :most-celsius="50"
    />
    <EntryText v-for="[name, word, most] in RECORD" :key="name" v-model="typed[name]" :name="word" :most="most" />
    <EntryDay v-for="[name, word] in DAYS" :key="name" v-model="typed[name]" :name="word" />
    <small>Keep this record: five years in Britain, elsewhere as local law says.</small>
    <EntryDay v-model="typed.until" name="Came out on" />
    <ElCheckbox v-model="typed.supersMayStay">Its label allows supers for people</ElCheckbox>
  </div>
</template>
