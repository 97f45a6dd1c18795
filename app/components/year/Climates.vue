<script setup lang="ts">
// What year it is here, asked as a climate, with the days it means.
import { CLIMATES, type Calendar, type Yard } from '#core/hive'
import { CALENDARS, HALF_YEAR_DAYS, shifted } from '#core/season'
import { CLIMATE_WORDS, capital } from '#core/wording'
import * as deeds from '#core/hive/deeds'

const props = defineProps<{ yard: Yard }>()
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
    }
  }),
)
function take(calendar: Calendar) {
  yards.perform(props.yard.id, deeds.setYear({ ...props.yard.season, calendar }))
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
          ><small>{{ one.frost }}</small></span
        ></ElButton
      >
    </div>
  </section>
</template>

<style scoped>
.climates {
  margin: 4px 16px 10px;
  padding: 10px 14px;
  border: 2px dashed var(--indigo);
  border-radius: 9px;
  background: var(--paper);
}

.south {
  display: inline-flex;
  gap: 8px;
  align-items: center;
  min-height: 44px;
}

h2 {
  font-size: 18px;
}

.choices {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(230px, 1fr));
  gap: 8px;
  margin-top: 8px;
}

.choices .el-button {
  justify-content: flex-start;
  margin: 0;
  padding: 8px 14px;
}

.choice {
  display: block;
  text-align: left;
}

.choice small {
  display: block;
  color: var(--soft-ink);
  font-size: 13px;
  font-weight: 400;
}
</style>
