<script setup lang="ts">
// The year as a strip: every stage as wide as its days, today marked; a stage is pressed to see the hives as they are then.
import type { Calendar, Stage } from '#core/hive'
import { ANY_TIME, marksOf, periodsFromSpring, stageOn } from '#core/season'
import { capital, dayInWords, stageWord } from '#core/wording'

const props = defineProps<{ calendar: Calendar; chosen: Stage | null; today: string }>()
defineEmits<{ choose: [stage: Stage] }>()
const periods = computed(() => periodsFromSpring(props.calendar))
const bees = computed(() => marksOf(props.calendar, 'winter-bees'))
</script>

<template>
  <div class="strip" data-testid="year-strip">
    <div class="stages" role="group" aria-label="Stages of the year">
      <button
        v-for="period in periods"
        :key="period.stage + period.from"
        type="button"
        :style="{ flexGrow: Math.round(Math.sqrt(period.days)) }"
        :class="period.stage"
        :aria-pressed="period.stage === chosen"
        :data-stage="period.stage"
        @click="$emit('choose', period.stage)"
      >
        <b>{{ capital(stageWord(period.stage)) }}</b><small
          >{{ dayInWords(period.from) }}<br />{{ period.days }} days</small
        >
      </button>
      <button
        v-for="stage in ANY_TIME"
        :key="stage"
        type="button"
        class="any"
        :aria-pressed="stage === chosen"
        :data-stage="stage"
        @click="$emit('choose', stage)"
      >
        <b>{{ capital(stageWord(stage)) }}</b><small>any time</small>
      </button>
    </div>
    <p class="under">
      <span>Today is {{ dayInWords(today.slice(5, 10)) }}: {{ stageWord(stageOn(today, calendar)) }}.</span>
      <span v-for="mark in bees" :key="mark.from"
        >Winter bees are raised from {{ dayInWords(mark.from) }} on: mites must be few before. Count them each month
        from building up on.</span
      >
    </p>
  </div>
</template>

<style scoped>
.strip {
  position: relative;
  padding: 0 16px;
}

.stages {
  display: flex;
  gap: 4px;
}

button {
  display: flex;
  flex: 1 1 0;
  flex-direction: column;
  gap: 1px;
  min-width: 92px;
  min-height: 52px;
  padding: 5px 8px;
  border: 1px solid var(--seam);
  border-radius: 8px;
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
  text-align: left;
  cursor: pointer;
}

.any {
  border-style: dashed;
}

button[aria-pressed='true'] {
  border: 2px solid var(--indigo);
  background: var(--indigo-wash);
}

small,
.under {
  color: var(--soft-ink);
  font-size: 13px;
}

.under {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 18px;
  margin-top: 5px;
}

@media (max-width: 1020px) {
  .stages {
    overflow-x: auto;
    padding-bottom: 6px;
  }

  button {
    flex: 0 0 auto;
  }
}
</style>
