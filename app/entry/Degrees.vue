<script setup lang="ts">
// A temperature in the reader's unit, kept as °C; unsaid until it is typed.
import { celsiusFrom, fahrenheitFrom, parseTemperature } from '#core/units'

const props = defineProps<{ name: string; leastCelsius: number; mostCelsius: number }>()
const model = defineModel<number | undefined>({ required: true })
const preferences = usePreferences()
const isMetric = computed(() => preferences.units === 'mm')
const shown = (celsius: number) => Math.round(isMetric.value ? celsius : fahrenheitFrom(celsius))
/** A tenth of a degree is kept, so that what was typed in °F is told back as it was. */
const kept = (typed: number) => (isMetric.value ? typed : Math.round(celsiusFrom(typed) * 10) / 10)
const read = (text: string) => {
  const celsius = parseTemperature(text, preferences.units)
  return celsius === undefined ? undefined : Math.round(celsius * 10) / 10
}
const label = computed(() => `${props.name}, ${isMetric.value ? '°C' : '°F'}`)
</script>

<template>
  <EntryNumber
    v-model="model"
    :of="{
      min: shown(leastCelsius),
      max: shown(mostCelsius),
      read,
      shown,
      kept,
      example: isMetric ? '12, or 54 °F' : '54, or 12 °C',
    }"
    :name="label"
  />
</template>
