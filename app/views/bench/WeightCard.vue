<script setup lang="ts">
// What the hive weighs and what that is made of; the selected part alone when one is selected.
import { type HiveMass, MASS_ITEMS } from '#core/loads'
import { showMass } from '#core/units'
import { ITEM_WORDS, capital, rangeInWords } from '#core/words'

const props = defineProps<{ mass: HiveMass; selectedId: string | null; names: ReadonlyMap<string, string> }>()
const preferences = usePreferences()
const shown = computed(() => {
  const part = props.selectedId ? props.mass.parts.get(props.selectedId) : undefined
  return part
    ? { title: capital(props.names.get(part.partId) ?? ''), kg: part.kg, items: part.items }
    : { title: 'The whole hive, above its stand', kg: props.mass.kg, items: props.mass.items }
})
const items = computed(() =>
  MASS_ITEMS.map((item) => ({ item, kg: shown.value.items[item] })).filter(({ kg }) => kg.high > 0.005),
)
const COLUMNS = columnsFor<(typeof items.value)[number]>(
  { key: 'what', label: 'What', text: ({ item }) => capital(ITEM_WORDS[item]) },
  { key: 'kg', label: 'Mass', number: true, text: ({ kg }) => showMass(kg.middle, preferences.units) },
  { key: 'range', label: 'Range', width: 110, text: ({ kg }) => rangeInWords(kg, preferences.reader) },
)
</script>

<template>
  <section class="on-sheet" aria-label="Weight" data-testid="weight-card">
    <h2>{{ shown.title }}</h2>
    <p class="total">
      <b>{{ showMass(shown.kg.middle, preferences.units) }}</b>
      <span>{{ rangeInWords(shown.kg, preferences.reader) }}</span>
    </p>
    <UiTable :rows="items" :columns="COLUMNS" :key-of="({ item }) => item" headless />
    <WeightWeighingChoices />
    <p class="caution">
      General guidance from usual figures, each bound from the figure it comes from. What the scale says counts.
    </p>
  </section>
</template>

<style scoped>
h2 {
  font-size: var(--type-3);
}

.total {
  font-size: var(--type-4);
}

.total span,
.range,
.caution {
  color: var(--soft-ink);
  font-size: var(--type-2);
}
</style>
