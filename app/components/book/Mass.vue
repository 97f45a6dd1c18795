<script setup lang="ts">
// A mass of an entry in the reader's unit; kept in kilograms.
import { KG_PER_POUND, massUnit, poundsFromKg } from '#core/units'

const props = defineProps<{ name: string; mostKg: number }>()
const kg = defineModel<number | undefined>({ required: true })
const preferences = usePreferences()
const times = computed(() => (preferences.units === 'mm' ? 1 : KG_PER_POUND))
const shown = computed({
  get: () => {
    if (kg.value === undefined) return undefined
    return Math.round((preferences.units === 'mm' ? kg.value : poundsFromKg(kg.value)) * 10) / 10
  },
  set: (typed: number | undefined) => {
    kg.value = typed === undefined ? undefined : typed * times.value
  },
})
const most = computed(() => Math.floor(props.mostKg / times.value))
</script>

<template>
  <BookNumber v-model="shown" :name="`${name}, ${massUnit(preferences.units)}`" :min="0" :max="most" :precision="1" />
</template>
