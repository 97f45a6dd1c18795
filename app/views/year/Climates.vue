<script setup lang="ts">
// What year it is here, asked as a climate, with the days it means.
import { CLIMATES, type Calendar, type Yard } from '#core/yard'
import { CALENDARS, shifted, foodNeedOf } from '#core/year'
import { HALF_YEAR_DAYS, showTemperature } from '#core/units'
import { SHIPPED_FIGURES } from '#core/figures'
import { winterMonths } from '#core/heat'
import { CLIMATE_WORDS, capital, rangeInWords } from '#core/words'
import * as deeds from '#core/yard/deeds'

const props = defineProps<{ yard: Yard }>()
const emit = defineEmits<{ chosen: [] }>()
const yards = useYards()
const preferences = usePreferences()
const south = ref(false)
const choices = computed(() =>
  CLIMATES.map((climate) => {
    const calendar: Calendar = south.value ? shifted(CALENDARS[climate], HALF_YEAR_DAYS) : CALENDARS[climate]
    return {
      climate,
      calendar,
      flow: `Flow ${preferences.day(calendar.flowStart)} to ${preferences.day(calendar.flowEnd)}`,
      second: calendar.secondFlow
        ? `and ${preferences.day(calendar.secondFlow.start)} to ${preferences.day(calendar.secondFlow.end)}`
        : '',
      frost: calendar.firstFrost ? `First frost ${preferences.day(calendar.firstFrost)}` : 'No frost',
      means: winterMonths(calendar, undefined, SHIPPED_FIGURES).map(({ celsius }) => celsius),
      food: `${rangeInWords(foodNeedOf({ climate, prolific: false, figures: SHIPPED_FIGURES }), preferences.reader, 0)} of food ${calendar.firstFrost ? 'for its winter' : 'for a dearth'}`,
    }
  }),
)
const meansInWords = (means: readonly number[]) =>
  `Months’ means ${showTemperature(Math.min(...means), preferences.units)} to ${showTemperature(Math.max(...means), preferences.units)} in winter`
function take(calendar: Calendar) {
  yards.perform(props.yard.id, deeds.setYear({ ...props.yard.season, calendar }))
  emit('chosen')
}
</script>

<template>
  <section class="climates" data-testid="assumed-year" aria-label="Choose your climate">
    <h2>Choose your climate</h2>
    <p>
      Nobody has said what year it is at {{ yard.name }}: until then it is the year of a cool place by the sea in the
      north.
    </p>
    <label class="south"><ElSwitch v-model="south" aria-label="South of the equator" /> South of the equator</label>
    <div class="choices">
      <ElButton v-for="one in choices" :key="one.climate" :data-climate="one.climate" @click="take(one.calendar)"
        ><span class="choice"
          ><b>{{ capital(CLIMATE_WORDS[one.climate]) }}</b
          ><small>{{ one.flow }} {{ one.second }}</small
          ><small>{{ one.frost }}</small
          ><svg
            v-if="one.means.length > 0"
            class="means"
            viewBox="0 0 132 46"
            role="img"
            :aria-label="meansInWords(one.means)"
          >
            <line x1="2" x2="130" y1="28" y2="28" />
            <rect
              v-for="(mean, i) in one.means"
              :key="i"
              :class="{ cold: mean < 0 }"
              :x="4 + i * 21"
              :y="mean < 0 ? 28 : 28 - mean * 1.6"
              width="17"
              :height="Math.max(1, Math.abs(mean) * 1.6)"
            /></svg
          ><small v-if="one.means.length > 0">{{ meansInWords(one.means) }}</small
          ><small
            ><b>{{ one.food }}</b></small
          ></span
        ></ElButton
      >
    </div>
  </section>
</template>

<style scoped>
.climates {
  margin: var(--space-2) var(--space-5) var(--space-3);
  padding: var(--space-3) var(--space-4);
  border: 2px dashed var(--indigo);
  border-radius: 9px;
  background: var(--paper);
}

.south {
  display: inline-flex;
  gap: var(--space-3);
  align-items: center;
  min-height: 44px;
}

.choices {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(230px, 1fr));
  gap: var(--space-3);
  margin-top: var(--space-3);
}

.choices .el-button {
  justify-content: flex-start;
  margin: 0;
  padding: var(--space-3) var(--space-4);
}

.choice {
  display: block;
  text-align: left;
}

.means {
  width: 132px;
  height: 46px;
}

.means line {
  stroke: var(--seam);
}

.means rect {
  fill: #e0b45a;
}

.means rect.cold {
  fill: #5f7d92;
}

.choice small {
  display: block;
  color: var(--soft-ink);
  font-size: var(--type-1);
  font-weight: 400;
}
</style>
