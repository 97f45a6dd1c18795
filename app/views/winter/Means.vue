<script setup lang="ts">
// The means outside of a yard, month by month: as usual in its climate, or its own.
import { winterMonths } from '#core/heat'
import { fahrenheitFrom, parseTemperature } from '#core/units'
import { monthWord } from '#core/words'
import type { Yard } from '#core/yard'
import * as deeds from '#core/yard/deeds'
import { yearOf } from '#core/year'

const props = defineProps<{ yard: Yard }>()
const yards = useYards()
const preferences = usePreferences()
const own = computed(() => props.yard.season?.winterMeansCelsius !== undefined)
const months = computed(() => {
  const { calendar, figures } = yearOf(props.yard)
  return winterMonths(calendar, props.yard.season?.winterMeansCelsius, figures)
})
const shownDegrees = (celsius: number) => Math.round(preferences.units === 'mm' ? celsius : fahrenheitFrom(celsius))
const readDegrees = (text: string) => parseTemperature(text, preferences.units)
function setMean(at: number, celsius: number | undefined) {
  if (celsius === undefined) return
  setMeans(months.value.map((month, i) => (i === at ? Math.round(celsius * 10) / 10 : month.celsius)))
}
function setMeans(winterMeansCelsius: readonly number[] | undefined) {
  const { winterMeansCelsius: _before, ...rest } = props.yard.season ?? {}
  yards.perform(props.yard.id, deeds.setYear({ ...rest, ...(winterMeansCelsius ? { winterMeansCelsius } : {}) }))
}
</script>

<template>
  <div v-if="months.length > 0" class="means" role="group" aria-label="Means outside in this yard">
    <label v-for="(month, i) in months" :key="month.month"
      >{{ monthWord(month.month) }}
      <UiNumber
        :model-value="month.celsius"
        look="bare"
        always
        lazy
        :name="`Mean outside in ${monthWord(month.month)}`"
        :of="{ min: shownDegrees(-60), max: shownDegrees(45), read: readDegrees, shown: shownDegrees }"
        :data-testid="`mean-${i}`"
        @update:model-value="setMean(i, $event)"
      />
    </label>
    <span class="soft"
      >{{ preferences.units === 'mm' ? '°C' : '°F' }} outside, month by month{{
        own ? '' : ', as usual in this climate'
      }}</span
    >
    <ElButton v-if="own" text @click="setMeans(undefined)">As usual in this climate</ElButton>
  </div>
</template>

<style scoped>
.means {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3) var(--space-3);
  align-items: center;
  margin: var(--space-3) 0 var(--space-3);
}

.means label {
  display: inline-flex;
  gap: var(--space-2);
  align-items: center;
}

.means .number {
  width: 64px;
}
</style>
