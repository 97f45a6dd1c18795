<script setup lang="ts">
// One yard as one sees it walking up: every hive to one scale on one ground line. Draws only what is in sight.
import { useElementSize, useScroll } from '@vueuse/core'
import { catalogueOf } from '#core/catalogue'
import { SEVERITIES } from '#core/checks'
import type { Hive, Stage, Yard } from '#core/hive'
import { yardAsPlanned } from '#core/season'
import { showFigure } from '#core/units'
import { severityWord, stageWord } from '#core/wording'
import { useYardGrades } from '~/composables/useYardGrades'
import type { HiveAction } from '~/components/row/Hive.vue'
import { GRADE_COLOURS, SEAM, SOFT_INK } from '~/drawing/palette'
import { hiveIn, plannedHiveIn } from '#core/hive-in'

const props = defineProps<{ yard: Yard; tallestMm: number; stage: Stage | null }>()
defineEmits<{ add: []; settings: []; exportYard: []; act: [hive: Hive, action: HiveAction] }>()

const SLOT_PX = 196
const DRAWING_PX = 204
const preferences = usePreferences()
const view = useView()
const strip = ref<HTMLElement | null>(null)
const { width } = useElementSize(strip)
const { x: scrolled } = useScroll(strip)

const weighing = useWeighing()
/** Written only once a stage of the year is asked for. */
const planning = computed(() => (props.stage ? props.yard : undefined))
const { year, running: writing } = usePlannedYear(
  planning,
  computed(() => weighing.own),
)
/** What is drawn: the hives as they stand, or as this stage has them. */
const shown = computed<Yard>(() => {
  const { stage } = props
  if (!stage || !year.value) return props.yard
  return yardAsPlanned(props.yard, ...year.value.hives.flatMap(({ stages }) => stages.get(stage) ?? []))
})
const planned = computed(
  () => props.stage !== null && (year.value?.hives.some(({ stages }) => stages.has(props.stage!)) ?? false),
)
/** Tall enough for the flow as it is planned, so that the row grows and shrinks to one scale. */
const tallest = computed(() => {
  if (!props.stage || !year.value) return props.tallestMm
  const all = year.value.hives.flatMap(({ stages }) =>
    [...stages.values()].filter(({ stage }) => stage === 'flow' || stage === 'winter'),
  )
  return Math.max(props.tallestMm, ...all.map((one) => plannedHiveIn(props.yard, one).layout.heightMm))
})
const inSight = computed(() => Math.ceil((width.value || 1200) / SLOT_PX) + 3)
const shownNow = useInTurn(inSight)
const visible = computed(() => {
  const first = Math.max(0, Math.floor(scrolled.value / SLOT_PX) - 1)
  const last = Math.min(shown.value.hives.length, Math.ceil((scrolled.value + (width.value || 1200)) / SLOT_PX) + 1)
  return shown.value.hives.slice(first, Math.min(last, first + shownNow.value)).map((hive, i) => ({
    hive,
    at: first + i,
    known: hiveIn(shown.value, hive, props.stage ? { planned: true } : { today }),
  }))
})

const today = new Date().toISOString().slice(0, 10)

const scale = computed(() => Math.min((DRAWING_PX - 34) / tallest.value, (SLOT_PX - 28) / 600))
const staff = computed(() => Array.from({ length: Math.floor(tallest.value / 200) + 1 }, (_, i) => i * 200))

const { grades, done, running, cancel } = useYardGrades(shown)
const counts = computed(() => {
  const all = grades.value ?? []
  return [...SEVERITIES.filter((grade) => grade !== 'note'), 'good' as const]
    .map((grade) => ({
      grade,
      count: all.filter(({ worst }) => worst === grade || (grade === 'good' && worst === 'note')).length,
    }))
    .filter(({ count }) => count > 0)
})
const COUNT_WORDS = { stop: 'to stop', mend: 'to mend', watch: 'to watch', note: 'with a note', good: 'good' } as const
</script>

<template>
  <section class="yard" :aria-label="yard.name">
    <header>
      <h2>{{ yard.name }}</h2>
      <p v-if="running && yard.hives.length > 60" class="counts">
        <progress :max="yard.hives.length" :value="done" /> {{ done }} of {{ yard.hives.length }} looked at
        <button class="plain-button quiet" type="button" @click="cancel">Stop</button>
      </p>
      <p v-else class="counts">
        {{ yard.hives.length }} {{ yard.hives.length === 1 ? 'hive' : 'hives' }}
        <b v-if="stage && writing && !year">writing the year…</b>
        <b v-else-if="stage" :data-testid="`row-planned-${yard.id}`">{{
          planned ? `as planned: ${stageWord(stage)}` : `no ${stageWord(stage)} in this yard’s year: as they stand`
        }}</b>
        <span
          v-for="{ grade, count } in counts"
          :key="grade"
          class="count"
          :style="{ color: GRADE_COLOURS[grade] }"
          :title="severityWord(grade)"
          ><ShellSeverityMark :grade="grade" /> {{ count }} {{ COUNT_WORDS[grade] }}</span
        >
      </p>
      <span v-if="stage === null" class="ways">
        <button class="plain-button" type="button" :data-testid="`add-hive-${yard.id}`" @click="$emit('add')">
          Add a hive
        </button>
        <button class="plain-button quiet" type="button" @click="$emit('exportYard')">Save as plan file</button>
        <button class="plain-button quiet" type="button" @click="$emit('settings')">Yard…</button>
      </span>
    </header>
    <div class="ground">
      <svg class="staff" width="44" :height="DRAWING_PX" aria-hidden="true">
        <g v-for="mm in staff" :key="mm">
          <line
            x1="36"
            x2="43"
            :y1="DRAWING_PX - 12 - mm * scale"
            :y2="DRAWING_PX - 12 - mm * scale"
            :stroke="SEAM"
            stroke-width="1.5"
          />
          <text
            v-if="mm % 400 === 0"
            x="33"
            :y="DRAWING_PX - 8 - mm * scale"
            text-anchor="end"
            font-size="12"
            :fill="SOFT_INK"
          >
            {{ showFigure(mm, preferences.units) }}
          </text>
        </g>
      </svg>
      <div ref="strip" class="strip" tabindex="0" role="group" :aria-label="`Hives of ${yard.name}`">
        <ul :style="{ width: `${Math.max(1, yard.hives.length) * SLOT_PX}px`, height: `${DRAWING_PX + 138}px` }">
          <li
            v-for="{ hive, at, known } in visible"
            :key="hive.id"
            :style="{ left: `${at * SLOT_PX}px`, width: `${SLOT_PX}px` }"
            @click.capture="view.chosen = yard.id"
          >
            <RowHive
              :hive="hive"
              :known="known"
              :scale="scale"
              :width="SLOT_PX"
              :height="DRAWING_PX"
              :catalogue="catalogueOf(yard)"
              :stage="planned ? stage : null"
              @act="$emit('act', hive, $event)"
            />
          </li>
        </ul>
        <p v-if="yard.hives.length === 0" class="none">No hive stands here yet.</p>
      </div>
    </div>
  </section>
</template>

<style scoped>
.yard {
  padding: 8px 16px 0;
}

header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 2px 18px;
}

h2 {
  font-size: 20px;
}

.counts,
.count {
  display: inline-flex;
  gap: 6px;
  align-items: center;
}

.counts {
  gap: 14px;
  color: var(--soft-ink);
}

.count {
  font-weight: 700;
}

.ways {
  margin-left: auto;
}

.ground {
  display: flex;
}

.staff {
  flex: none;
}

.strip {
  position: relative;
  flex: 1;
  min-width: 0;
  overflow-x: auto;
}

ul {
  position: relative;
  margin: 0;
  padding: 0;
  list-style: none;
  min-width: 100%;
  background: linear-gradient(#7a6a45, #7a6a45) 0 192px / 100% 2px no-repeat;
}

li {
  position: absolute;
  top: 0;
}

.none {
  position: absolute;
  top: 90px;
  left: 20px;
  color: var(--soft-ink);
  font-size: 17px;
}
</style>
