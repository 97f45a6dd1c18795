<script setup lang="ts">
// What is tried: cold outside, damp inside, bees; or a month of the yard's winter.
import { TYPED } from '#core/yard'
import { type CombOfBees, type WinterMonth, beesInSeamsKg, beesOf, seamsOfBees } from '#core/heat'
import type { Figures } from '#core/figures'
import { showMass, showTemperature } from '#core/units'
import { monthWord, showHumidity } from '#core/words'

const props = defineProps<{
  months: readonly WinterMonth[]
  comb: CombOfBees | undefined
  figures: Figures
  /** A sensor in the hive says how damp it is. */
  measured: boolean
}>()
const outside = defineModel<number>('outside', { required: true })
const humidity = defineModel<number>('humidity', { required: true })
const bees = defineModel<number>('bees', { required: true })
const emit = defineEmits<{ counted: [] }>()
const preferences = usePreferences()
const COUNTED_BY = [
  ['seams', 'Seams'],
  ['frames', 'Frames'],
  ['kg', 'Weight'],
] as const
const by = ref<(typeof COUNTED_BY)[number][0]>('seams')
const seams = computed(() => (props.comb ? seamsOfBees(bees.value, props.comb, props.figures) : undefined))
const beesSaid = computed(() => {
  const mass = showMass(bees.value, preferences.units)
  const number = `${Math.round(beesOf(bees.value, props.figures) / 100) * 100} bees`
  return seams.value === undefined || by.value === 'kg'
    ? `${mass}, ${number}`
    : `${seams.value.toFixed(1)} ${by.value}, ${mass}`
})
/** A seam of bees covers as much comb as a frame with bees on both its sides. */
const stepKg = computed(() => (by.value === 'kg' || !props.comb ? 0.1 : beesInSeamsKg(0.5, props.comb, props.figures)))
</script>

<template>
  <section class="sliders" aria-label="Try">
    <div v-if="months.length > 0" class="months" role="group" aria-label="A month of this yard’s winter">
      <ElButton
        v-for="one in months"
        :key="one.month"
        size="small"
        :aria-pressed="outside === one.celsius"
        :data-month="one.month"
        @click="outside = one.celsius"
        ><span class="month"
          >{{ monthWord(one.month) }}<small>{{ showTemperature(one.celsius, preferences.units) }}</small></span
        ></ElButton
      >
    </div>
    <label
      ><span>Outside</span>
      <ElSlider
        v-model="outside"
        :min="-30"
        :max="25"
        :step="1"
        :show-tooltip="false"
        :format-value-text="(c: number) => showTemperature(c, preferences.units)"
        aria-label="Outside"
        data-testid="outside"
      /><span class="value">{{ showTemperature(outside, preferences.units) }}</span></label
    >
    <label
      ><span>Damp inside</span>
      <ElSlider
        v-model="humidity"
        :min="0.3"
        :max="1"
        :step="0.01"
        :show-tooltip="false"
        :format-value-text="showHumidity"
        aria-label="Damp inside"
        data-testid="humidity"
      /><span class="value">{{ showHumidity(humidity) }}{{ measured ? ', measured' : '' }}</span></label
    >
    <label
      ><span>Bees</span>
      <ElSlider
        v-model="bees"
        :min="0.1"
        :max="TYPED.cluster.mostKg"
        :step="stepKg"
        :show-tooltip="false"
        :format-value-text="() => beesSaid"
        aria-label="Bees"
        data-testid="bees"
        @change="emit('counted')"
      /><span class="value">{{ beesSaid }}</span></label
    >
    <UiModes v-model="by" :of="COUNTED_BY" name="Bees counted by" />
  </section>
</template>

<style scoped>
.sliders {
  display: flex;
  flex-direction: column;
  gap: var(--space-3);
}

label {
  display: grid;
  grid-template-columns: 84px minmax(80px, 1fr) 136px;
  gap: var(--space-3);
  align-items: center;
}

.value {
  font-variant-numeric: tabular-nums;
  font-weight: 700;
}

.months {
  display: grid;
  grid-template-columns: repeat(6, minmax(0, 1fr));
  gap: var(--space-2);
}

.months .el-button {
  margin: 0;
  min-height: 44px;
  padding: var(--space-2) var(--space-1);
}

.month {
  display: grid;
  justify-items: center;
  white-space: nowrap;
}

small {
  color: var(--soft-ink);
  font-weight: 400;
}

@media (max-width: 760px) {
  label {
    grid-template-columns: 84px minmax(0, 1fr);
  }

  .value {
    grid-column: 2;
  }

  .months {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
}
</style>
