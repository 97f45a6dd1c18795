<script setup lang="ts">
// A mass of an entry in the reader's unit, or in the one that is typed with it; kept in kilograms.
import { KG_PER_POUND, massUnit, parseMass, poundsFromKg } from '#core/units'

const props = defineProps<{ name: string; mostKg: number }>()
const kg = defineModel<number | undefined>({ required: true })
const preferences = usePreferences()
const isMetric = computed(() => preferences.units === 'mm')
const shown = (mass: number) => (isMetric.value ? mass : poundsFromKg(mass))
const kept = (typed: number) => (isMetric.value ? typed : typed * KG_PER_POUND)
const most = computed(() => Math.floor(shown(props.mostKg)))
const label = computed(() => `${props.name}, ${massUnit(preferences.units)}`)
function read(text: string) {
  const parsed = parseMass(text, preferences.units, { leastKg: 0, mostKg: Infinity })
  return parsed.ok ? parsed.kg : undefined
}
</script>

<template>
  <EntryNumber
    v-model="kg"
    :of="{ min: 0, max: most, decimals: 1, read, shown, kept, example: isMetric ? '12.5, or 28 lb' : '28, or 12.5 kg' }"
    :name="label"
  />
</template>
