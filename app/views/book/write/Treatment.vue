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
    <label
      >What, by its label <ElInput v-model="typed.product" :maxlength="80" aria-label="What, by its label"
    /></label>
    <label>How much <ElInput v-model="typed.amount" :maxlength="80" aria-label="How much" /></label>
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
    <label v-for="[name, word, most] in RECORD" :key="name"
      >{{ word }} <ElInput v-model="typed[name]" :maxlength="most" :aria-label="word"
    /></label>
    <label v-for="[name, word] in DAYS" :key="name"
      >{{ word }} <UiDay :name="word" :value="typed[name] ?? ''" @change="typed[name] = $event || undefined"
    /></label>
    <small>Keep this record: five years in Britain, elsewhere as local law says.</small>
    <label
      >Came out on <UiDay name="Came out on" :value="typed.until ?? ''" @change="typed.until = $event || undefined"
    /></label>
    <ElCheckbox v-model="typed.supersMayStay">Its label allows supers for people</ElCheckbox>
  </div>
</template>

<style scoped>
label {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-4);
  align-items: center;
  justify-content: space-between;
}

label .el-input {
  max-width: 240px;
}
</style>
