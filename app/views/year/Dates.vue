<script setup lang="ts">
// The yard's own year: climate, hemisphere, dates; what cannot be is refused in a sentence, and nothing typed is lost.
import { CLIMATES, isSouthern, type Calendar, type Stage, type Yard } from '#core/yard'
import {
  CALENDARS,
  SPRING_CROP,
  autumnOf,
  calendarProblems,
  shifted,
  stagesOfYear,
  treatConflict,
  withBeginning,
  yearOf,
} from '#core/year'
import { HALF_YEAR_DAYS } from '#core/units'
import { CLIMATE_WORDS, autumnInWords, calendarProblemInWords, capital, treatConflictInWords } from '#core/words'
import { download, fileName } from '~/composables/download'
import * as deeds from '#core/yard/deeds'

const preferences = usePreferences()
const props = defineProps<{ yard: Yard }>()
const yards = useYards()
const typed = ref<Calendar>(yearOf(props.yard).calendar)
const yearWith = (calendar: Calendar) => ({ ...yearOf(props.yard), calendar })
watch(
  () => props.yard.season?.calendar,
  () => {
    typed.value = yearOf(props.yard).calendar
  },
)
const problems = computed(() => calendarProblems(yearWith(typed.value)))
/** Crop against winter bees, told where the days are written. */
const noTimeToTreat = computed(() => {
  const conflict = problems.value.some(({ problem }) => problem === 'no-date')
    ? undefined
    : treatConflict(yearWith(typed.value))
  return conflict && treatConflictInWords(conflict, preferences.reader)
})
const FIELDS = [
  ['firstPollen', 'First pollen'],
  ['flowStart', 'Flow from'],
  ['flowEnd', 'Flow to'],
  ['firstFrost', 'First frost'],
  ['lastFrost', 'Last frost'],
] as const

function take(calendar: Calendar) {
  typed.value = calendar
  if (calendarProblems(yearWith(calendar)).some(({ warning }) => !warning)) return
  yards.perform(props.yard.id, deeds.setYear({ ...props.yard.season, calendar }))
}
function takeDate(field: (typeof FIELDS)[number][0], value: string) {
  const day = value === '' ? null : value.slice(5)
  take({ ...typed.value, [field]: day ?? (field === 'firstFrost' || field === 'lastFrost' ? null : '') })
}
function takeSecond(which: 'start' | 'end', value: string) {
  const before = typed.value.secondFlow ?? { start: '08-20', end: '09-20' }
  take({ ...typed.value, secondFlow: { ...before, [which]: value.slice(5) } })
}
/** Its preset, in the hemisphere that the year is of. */
const springCrop = computed(() => (isSouthern(typed.value) ? shifted(SPRING_CROP, HALF_YEAR_DAYS) : SPRING_CROP))
function toggleSecond() {
  const { secondFlow, ...rest } = typed.value
  take(secondFlow ? rest : { ...rest, secondFlow: { start: '08-20', end: '09-20' } })
}
/** The stages with the day that each begins: by its rule, or where the keeper has moved it. */
const periods = computed(() =>
  problems.value.some(({ problem }) => problem === 'no-date')
    ? []
    : stagesOfYear(yearWith(typed.value)).filter(
        ({ stage }, i, all) => all.findIndex((one) => one.stage === stage) === i,
      ),
)
/** Packing, wrapping and closing are three things with days of their own. */
const autumn = computed(() =>
  problems.value.some(({ problem }) => problem === 'no-date')
    ? []
    : autumnInWords(
        undefined,
        { ...props.yard, season: { ...props.yard.season, calendar: typed.value } },
        preferences.reader,
      ),
)
function moveTo(stage: Stage, value: string) {
  take(withBeginning(typed.value, stage, value === '' ? null : value.slice(5)))
}
async function save() {
  const { yearAsCalendar } = await import('~/export/year-ics')
  download(
    `${fileName(props.yard.name)}-year.ics`,
    yearAsCalendar(props.yard, yearOf(props.yard), localToday(), autumnOf(props.yard), preferences.reader),
    'text/calendar',
  )
}
const asDate = (monthDay: string | null) => (monthDay ? `2025-${monthDay}` : '')
</script>

<template>
  <section class="dates">
    <label
      >Climate
      <ElSelect :model-value="typed.climate" data-testid="climate" @change="take(CALENDARS[picked(CLIMATES, $event)])">
        <ElOption v-for="one in CLIMATES" :key="one" :value="one" :label="CLIMATE_WORDS[one]" /> </ElSelect
    ></label>
    <label v-for="[field, word] in FIELDS" :key="field"
      >{{ word }}
      <UiDay
        every-year
        :name="word"
        :value="asDate(typed[field])"
        :data-testid="`year-${field}`"
        @change="takeDate(field, $event)"
    /></label>
    <template v-if="typed.secondFlow">
      <label
        >Second flow from
        <UiDay
          every-year
          name="Second flow from"
          :value="asDate(typed.secondFlow.start)"
          @change="takeSecond('start', $event)"
      /></label>
      <label
        >Second flow to
        <UiDay
          every-year
          name="Second flow to"
          :value="asDate(typed.secondFlow.end)"
          @change="takeSecond('end', $event)"
      /></label>
    </template>
    <ElButton @click="toggleSecond">
      {{ typed.secondFlow ? 'No second flow' : 'A second flow' }}
    </ElButton>
    <ElButton v-if="typed.climate === SPRING_CROP.climate" data-testid="spring-crop" @click="take(springCrop)">
      A spring crop: rape, orchards
    </ElButton>
    <ElButton data-testid="other-hemisphere" @click="take(shifted(typed, HALF_YEAR_DAYS))">
      The other hemisphere
    </ElButton>
    <ElButton type="primary" data-testid="save-calendar" @click="save"> Save as a calendar file </ElButton>
    <ul class="problems">
      <li
        v-for="one in problems"
        :key="one.field + one.problem"
        :class="{ wrong: !one.warning }"
        :role="one.warning ? 'status' : 'alert'"
      >
        {{ calendarProblemInWords(one) }}
      </li>
      <li v-if="noTimeToTreat" class="wrong" role="status" data-testid="no-time-to-treat">
        {{ noTimeToTreat.what }} {{ noTimeToTreat.fate }}
      </li>
    </ul>
    <fieldset class="begins">
      <legend>Where each stage begins</legend>
      <label v-for="{ stage, from, days } in periods" :key="stage"
        >{{ capital(stageSaid(stage)) }}
        <UiDay
          every-year
          :name="`${capital(stageSaid(stage))} begins`"
          :value="asDate(from)"
          :data-testid="`begins-${stage}`"
          @change="moveTo(stage, $event)"
        />
        <small
          >{{ days }} days<template v-if="typed.moved?.[stage]"
            >, moved by you
            <ElButton text :data-testid="`rule-${stage}`" @click="moveTo(stage, '')"> by its rule </ElButton></template
          ></small
        >
      </label>
    </fieldset>
    <ul v-if="autumn.length > 0" class="autumn" data-testid="autumn-days">
      <li v-for="one in autumn" :key="one">{{ one }}</li>
    </ul>
    <p class="soft">Days only: the year written in a date does not count, and nothing hangs on the name of a month.</p>
  </section>
</template>

<style scoped>
.dates {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3) var(--space-5);
  align-items: end;
  padding: 0 var(--space-5) var(--space-6);
}

label {
  display: flex;
  flex-direction: column;
  font-size: var(--type-2);
}

.begins {
  display: flex;
  flex: 1 0 100%;
  flex-wrap: wrap;
  gap: var(--space-3) var(--space-5);
  align-items: start;
  margin: var(--space-3) 0 0;
  padding: var(--space-3) 0 0;
  border: 0;
  border-top: 2px dashed var(--seam);
}

.begins legend {
  float: left;
  width: 100%;
  margin-bottom: var(--space-3);
  font-weight: 700;
}

small {
  color: var(--soft-ink);
}

.autumn {
  flex: 1 0 100%;
  max-width: 75ch;
  margin: 0;
  padding: 0;
  list-style: none;
}

.problems,
.soft {
  flex-basis: 100%;
  margin: 0;
}
</style>
