<script setup lang="ts">
// The year as one ribbon: every stage as wide as its days, its beginning dragged or moved by keys; today stands on it.
import type { Stage, Yard } from '#core/yard'
import { ANY_TIME, bordersOf, marksOf, periodsFromSpring, stageOn, withBeginning, yearOf } from '#core/year'
import { YEAR_DAYS, dayOfYear, daysFrom } from '#core/units'
import { capital, counted, monthWord } from '#core/words'
import { useElementSize } from '@vueuse/core'
import * as deeds from '#core/yard/deeds'

const props = defineProps<{ yard: Yard; chosen: Stage | null; today: string }>()
defineEmits<{ choose: [stage: Stage] }>()
const yards = useYards()
const preferences = usePreferences()
const ribbon = ref<HTMLElement | null>(null)
const { width } = useElementSize(ribbon)
const ofYard = computed(() => yearOf(props.yard))
const { held, year, start, grab, drag, letGo, key } = useBorders(ofYard, ribbon, (stage, day) =>
  yards.perform(
    props.yard.id,
    deeds.setYear({ ...props.yard.season, calendar: withBeginning(ofYard.value.calendar, stage, day) }),
  ),
)
const share = (day: string) => daysFrom(start.value, day) / YEAR_DAYS
const percent = (value: number) => `${(value * 100).toFixed(3)}%`
const pieces = computed(() =>
  periodsFromSpring(year.value).map((period, i) => {
    const at = i === 0 && share(period.from) > 0.5 ? share(period.from) - 1 : share(period.from)
    return { ...period, at, px: (period.days / YEAR_DAYS) * (width.value || 1200) }
  }),
)
const borders = computed(() => bordersOf(year.value))
const months = computed(() =>
  Array.from({ length: 12 }, (_, month) => ({
    word: monthWord(month + 1),
    at: share(`${String(month + 1).padStart(2, '0')}-01`),
  })),
)
const todayAt = computed(() => share(props.today.slice(5, 10) === '02-29' ? '02-28' : props.today.slice(5, 10)))
const bees = computed(() => marksOf(year.value, 'winter-bees'))

const saidOf = ({ stage, from, days }: (typeof pieces.value)[number]) =>
  `${capital(stageSaid(stage))}, from ${preferences.day(from)}, ${counted(days, 'day')}`
</script>

<template>
  <div class="year-ribbon" data-testid="year-strip">
    <div class="scroller" tabindex="0" role="group" aria-label="Stages of the year">
      <div ref="ribbon" class="ribbon">
        <ElButton
          v-for="piece in pieces"
          :key="piece.stage + piece.from"
          class="bare stage"
          :class="[piece.stage, { slim: piece.px < 76 }]"
          :style="{ left: percent(piece.at), width: percent(piece.days / YEAR_DAYS) }"
          :aria-pressed="piece.stage === chosen"
          :title="saidOf(piece)"
          :data-stage="piece.stage"
          @click="$emit('choose', piece.stage)"
        >
          <b>{{ capital(stageSaid(piece.stage)) }}</b><small :class="{ 'visually-hidden': piece.px < 76 }">{{
            preferences.day(piece.from)
          }}</small
          ><span class="visually-hidden">, {{ counted(piece.days, 'day') }}</span>
        </ElButton>
        <span
          v-for="border in borders"
          :key="border.stage"
          class="border"
          :class="{ moved: border.moved, held: held?.stage === border.stage }"
          :style="{ left: percent(share(border.from)) }"
          role="slider"
          tabindex="0"
          aria-valuemin="1"
          aria-valuemax="365"
          :aria-valuenow="dayOfYear(border.from)"
          :aria-valuetext="preferences.day(border.from)"
          :aria-label="`${capital(stageSaid(border.stage))} begins`"
          :data-border="border.stage"
          @pointerdown.prevent="grab($event, border)"
          @pointermove="drag"
          @pointerup="letGo"
          @pointercancel="held = null"
          @keydown="key($event, border)"
        />
        <span class="today" :style="{ left: percent(todayAt) }"><i>today</i></span>
        <span
          v-for="mark in bees"
          :key="mark.from"
          class="bees"
          :style="{ left: percent(share(mark.from)) }"
          title="Winter bees are raised from here on"
        />
      </div>
      <div class="months" aria-hidden="true">
        <span v-for="{ word, at } in months" :key="word" :style="{ left: percent(at) }">{{ word }}</span>
      </div>
    </div>
    <p class="under">
      <span v-if="held" role="status"
        ><b>{{ capital(stageSaid(held.stage)) }} from {{ preferences.day(held.day) }}</b></span
      >
      <span v-else
        >Today is {{ preferences.day(today.slice(5, 10)) }}: {{ stageSaid(stageOn(today, ofYard)) }}. Drag a border, or
        move it with the arrow keys; Home puts it back by its rule.</span
      >
      <span v-for="mark in bees" :key="mark.from"
        >Winter bees are raised from {{ preferences.day(mark.from) }} on: mites must be few before. Count them each
        month from building up on.</span
      >
      <ElButton
        v-for="stage in ANY_TIME"
        :key="stage"
        text
        class="any"
        :aria-pressed="stage === chosen"
        :data-stage="stage"
        @click="$emit('choose', stage)"
        >{{ capital(stageSaid(stage)) }}, any time</ElButton
      >
    </p>
  </div>
</template>

<style scoped>
.year-ribbon {
  padding: 0 var(--space-5);
}

.scroller {
  overflow-x: auto;
  overflow-y: hidden;
}

.ribbon {
  position: relative;
  height: 66px;
  min-width: 860px;
  margin-top: var(--space-4);
  overflow: visible;
  border-radius: 9px;
}

.el-button.bare.stage {
  position: absolute;
  top: 0;
  height: 66px;
  padding: var(--space-3) var(--space-3) var(--space-3) var(--space-4);
  overflow: hidden;
  border-top: 2px solid var(--seam);
  border-bottom: 2px solid var(--seam);
  background: var(--paper);
  color: var(--ink);
  font-size: var(--type-1);
  line-height: 1.15;
  text-align: left;
}

.el-button.stage.flow {
  background: #fbe7b1;
}

.el-button.stage.crop,
.el-button.stage.supering {
  background: #f8efd2;
}

.el-button.stage.building-up,
.el-button.stage.late-winter-check {
  background: #e5ecd8;
}

.el-button.stage.winter,
.el-button.stage.pack-down {
  background: #e3e8ee;
}

.el-button.stage b,
.el-button.stage small {
  display: block;
}

.el-button.stage.slim {
  padding: var(--space-2) var(--space-1) var(--space-2) var(--space-3);
}

.el-button.stage.slim b {
  height: 56px;
  margin: 0 auto;
  overflow: hidden;
  writing-mode: vertical-rl;
}

.el-button.bare.stage[aria-pressed='true'] {
  z-index: 1;
  outline: 3px solid var(--indigo);
  outline-offset: -3px;
}

.border {
  position: absolute;
  top: -2px;
  z-index: 2;
  width: 24px;
  height: 70px;
  margin-left: -12px;
  cursor: ew-resize;
  touch-action: none;
}

@media (pointer: coarse) {
  .border {
    width: 44px;
    margin-left: -22px;
  }
}

.border::before {
  position: absolute;
  inset: 0 calc(50% - 1.5px);
  border-left: 3px dashed var(--indigo);
  content: '';
}

.border::after {
  position: absolute;
  top: 28px;
  left: calc(50% - 6px);
  width: 12px;
  height: 16px;
  border: 2px solid var(--indigo);
  border-radius: 4px;
  background: var(--sheet);
  content: '';
}

.border.moved::after,
.border.held::after {
  background: var(--indigo);
}

.today {
  position: absolute;
  top: -12px;
  z-index: 1;
  height: 78px;
  border-left: 2px solid var(--stop);
  pointer-events: none;
}

.today i {
  position: absolute;
  top: -3px;
  left: 3px;
  padding: 0 var(--space-2);
  background: var(--linen);
  color: var(--stop);
  font-size: var(--type-1);
  font-style: normal;
  line-height: 1.1;
}

.bees {
  position: absolute;
  bottom: -4px;
  width: 70px;
  border-bottom: 4px dotted var(--watch);
  pointer-events: none;
}

.months {
  position: relative;
  height: 24px;
  min-width: 860px;
  color: var(--soft-ink);
  font-size: var(--type-1);
}

.months span {
  position: absolute;
  top: 5px;
  padding-left: var(--space-2);
  border-left: 1px solid var(--seam);
}

.under {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-1) var(--space-5);
  align-items: center;
  color: var(--soft-ink);
  font-size: var(--type-1);
}

.any[aria-pressed='true'] {
  background: var(--indigo-wash);
  font-weight: 700;
}
</style>
