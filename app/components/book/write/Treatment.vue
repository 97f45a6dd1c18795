<script setup lang="ts">
// A treatment, with what its label says typed in.
import type { Treatment } from '#core/book'
import { keysOf } from '#core/plain'
import { TREATMENT_CAUTION } from '#core/wording/book-words'

const body = defineModel<Treatment | null>({ required: true })
const typed = reactive<{ -readonly [K in keyof Treatment]: Treatment[K] }>({ product: '', ...body.value })
const LABEL = [
  ['labelDays', 'Days it stays on', 0, 400],
  ['fromCelsius', 'Not below, °C', -20, 50],
  ['toCelsius', 'Not above, °C', -20, 50],
  ['withdrawalDays', 'Withdrawal, days', 0, 400],
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
    <BookNumber
      v-for="[name, word, min, max] in LABEL"
      :key="name"
      v-model="typed[name]"
      :name="word"
      :min="min"
      :max="max"
    />
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
  gap: 4px 12px;
  align-items: center;
  justify-content: space-between;
}

label .el-input {
  max-width: 240px;
}
</style>
