<script setup lang="ts">
// A temperature in the reader's unit, kept as °C; unsaid until it is typed.
import { celsiusFrom, fahrenheitFrom } from '#core/units'

const props = defineProps<{ name: string; leastCelsius: number; mostCelsius: number }>()
const model = defineModel<number | undefined>({ required: true })
const preferences = usePreferences()
const isMetric = computed(() => preferences.units === 'mm')
const shown = (celsius: number) => Math.round(isMetric.value ? celsius : fahrenheitFrom(celsius))
/** A tenth of a degree is kept, so that what was typed in °F is told back as it was. */
const kept = (typed: number) => (isMetric.value ? typed : Math.round(celsiusFrom(typed) * 10) / 10)
const label = computed(() => `${props.name}, ${isMetric.value ? '°C' : '°F'}`)
</script>

<template>
  <label class="degrees"
    >{{ label }}
    <ElInputNumber
      :model-value="model === undefined ? null : shown(model)"
      :min="shown(leastCelsius)"
      :max="shown(mostCelsius)"
      :precision="0"
      :aria-label="label"
      @update:model-value="model = $event === null || $event === undefined ? undefined : kept($event)"
    />
  </label>
</template>

<style scoped>
.degrees {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
  justify-content: space-between;
}
</style>
