<script setup lang="ts">
// One yard as one sees it walking up: every hive to one scale on one ground line, or close together. Draws only what is in sight.
import { useElementSize, useScroll } from '@vueuse/core'
import { SEVERITIES, type Grade } from '#core/stack'
import type { Hive, Stage, Yard } from '#core/yard'
import { counted, severityWord } from '#core/words'
import { laidIn } from '#core/ask'
import type { HiveAction } from './Hive.vue'
import { useRowOrder, type RowLayout, type RowLook } from './useRowOrder'
import { GRADE_COLOURS } from '~/drawing/palette'

const props = defineProps<{ yard: Yard; tallestMm: number; stage: Stage | null; look: RowLook; layout: RowLayout }>()
defineEmits<{
  add: []
  settings: []
  exportYard: []
  act: [hive: Hive, action: HiveAction]
  grade: [grade: Exclude<Grade, 'note'> | null]
}>()

const SLOT_PX = 196
const DRAWING_PX = 204
const preferences = usePreferences()
const view = useView()
const row = useRow()
const strip = ref<HTMLElement | null>(null)
const { width } = useElementSize(strip)
const { x: scrolled } = useScroll(strip)

const { shown, year, writing, planned, tallest } = usePlannedRow(props)
const today = localToday()
const { verdicts, complete, looked, running, cancel } = useVerdicts(
  shown,
  computed(() => (props.stage ? { planned: true } : { today })),
  computed(() => preferences.reader),
)
const knownOf = computed(() => {
  const yard = shown.value
  return (hive: Hive) => laidIn(yard, hive)
})
const ordered = useRowOrder(
  shown,
  computed(() => props.look),
  complete,
  computed(() => props.stage),
  knownOf,
)
const inSight = computed(() => Math.ceil((width.value || 1200) / SLOT_PX) + 3)
const shownNow = useInTurn(inSight)
const first = computed(() => Math.max(0, Math.floor(scrolled.value / SLOT_PX) - 1))
const visible = computed(() => {
  const last = Math.min(ordered.value.length, Math.ceil((scrolled.value + (width.value || 1200)) / SLOT_PX) + 1)
  return ordered.value
    .slice(first.value, Math.min(last, first.value + shownNow.value))
    .map((hive) => ({ hive, known: knownOf.value(hive) }))
})
/** The words under the hives take the room they need; it does not shrink again while one looks along. */
const list = ref<HTMLElement | null>(null)
const { height } = useElementSize(list)
const lowest = ref(DRAWING_PX + 124)
watch(height, (now) => {
  lowest.value = Math.max(lowest.value, now)
})
watch([() => props.look, () => preferences.reader, () => props.yard.id], () => {
  lowest.value = DRAWING_PX + 124
})

const scale = computed(() => Math.min((DRAWING_PX - 34) / tallest.value, (SLOT_PX - 28) / 600))
const counts = computed(() => {
  const all = [...complete.value.values()].map(({ worst }) => worst)
  return [...SEVERITIES.filter((grade) => grade !== 'note'), 'good' as const]
    .map((grade) => ({ grade, count: all.filter((one) => one === grade).length }))
    .filter(({ grade, count }) => count > 0 || grade === props.look.grade)
})
const COUNT_WORDS = { stop: 'to stop', mend: 'to mend', watch: 'to watch', good: 'good' } as const
const narrowed = computed(() => props.look.grade !== null || props.look.search.trim() !== '')
const allPicked = computed(() => ordered.value.every(({ id }) => row.isPicked(props.yard.id, id)))
</script>

<template>
  <section class="yard" :aria-label="yard.name">
    <header>
      <h2>{{ yard.name }}</h2>
      <p class="counts">
        {{ counted(yard.hives.length, 'hive') }}
        <b v-if="stage && writing && !year">writing the year…</b>
        <b v-else-if="stage" :data-testid="`row-planned-${yard.id}`">{{
          planned ? `as planned: ${stageSaid(stage)}` : `no ${stageSaid(stage)} in this yard’s year: as they stand`
        }}</b>
        <template v-if="running && yard.hives.length > 60">
          <LazyUiProgress :done="looked" :of="yard.hives.length" name="Hives looked at" /> {{ looked }} of
          {{ yard.hives.length }} looked at
          <ElButton text @click="cancel">Stop</ElButton>
        </template>
        <ElButton
          v-for="{ grade, count } in running && yard.hives.length > 60 ? [] : counts"
          :key="grade"
          class="bare count"
          :style="{ color: GRADE_COLOURS[grade] }"
          :title="severityWord(grade)"
          :aria-pressed="look.grade === grade"
          :data-testid="`show-${grade}`"
          @click="$emit('grade', look.grade === grade ? null : grade)"
          ><ShellSeverityMark :grade="grade" /> {{ count }} {{ COUNT_WORDS[grade] }}</ElButton
        >
        <span v-if="narrowed" role="status">{{ ordered.length }} of them shown</span>
      </p>
      <span v-if="row.picking" class="ways">
        <ElButton
          text
          :data-testid="`pick-all-${yard.id}`"
          @click="
            row.pick(
              yard.id,
              ordered.map(({ id }) => id),
              !allPicked,
            )
          "
          >{{ allPicked ? 'Pick none of these' : 'Pick all of these' }}</ElButton
        >
      </span>
      <span v-else-if="stage === null" class="ways">
        <ElButton :data-testid="`add-hive-${yard.id}`" @click="$emit('add')"> Add a hive </ElButton>
        <ElButton text @click="$emit('exportYard')">Save as plan file</ElButton>
        <ElButton text @click="$emit('settings')">Yard…</ElButton>
      </span>
    </header>
    <p v-if="yard.hives.length > 0 && ordered.length === 0" class="nothing">
      No hive of {{ yard.name }} {{ look.grade ? `is ${COUNT_WORDS[look.grade]}` : 'is called that'
      }}<template v-if="look.grade && look.search">, by that name</template>.
      <ElButton text @click="$emit('grade', null)">Show all of them</ElButton>
    </p>
    <LazyRowGrid
      v-else-if="layout === 'grid' && yard.hives.length > 0"
      :hives="ordered"
      :known-of="knownOf"
      :tallest-mm="tallest"
      :verdict-of="({ id }) => verdicts.get(id)"
      :stage="planned ? stage : null"
      :yard-id="yard.id"
      :name="yard.name"
      @click.capture="view.chosen = yard.id"
    />
    <div v-else class="ground">
      <RowStaff class="staff" :height="DRAWING_PX" :scale="scale" :tallest-mm="tallest" />
      <div ref="strip" class="strip" tabindex="0" role="group" :aria-label="`Hives of ${yard.name}`">
        <ul
          ref="list"
          :style="{
            width: `${Math.max(1, ordered.length) * SLOT_PX}px`,
            minHeight: `${lowest}px`,
            paddingLeft: `${first * SLOT_PX}px`,
          }"
        >
          <li
            v-for="{ hive, known } in visible"
            :key="hive.id"
            :style="{ width: `${SLOT_PX}px` }"
            @click.capture="view.chosen = yard.id"
          >
            <RowHive
              :hive="hive"
              :known="known"
              :scale="scale"
              :width="SLOT_PX"
              :height="DRAWING_PX"
              :verdict="verdicts.get(hive.id)"
              :stage="planned ? stage : null"
              :picked="row.picking ? row.isPicked(yard.id, hive.id) : null"
              @act="$emit('act', hive, $event)"
              @pick="row.pick(yard.id, [hive.id], $event)"
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
  padding: var(--space-3) var(--space-5) 0;
}

header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-1) var(--space-5);
}

h2 {
  font-size: var(--type-5);
}

.counts {
  display: inline-flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-3);
  align-items: center;
  color: var(--soft-ink);
}

.el-button.bare.count {
  display: inline-flex;
  gap: var(--space-3);
  align-items: center;
  min-height: 36px;
  padding: var(--space-1) var(--space-3);
  border-radius: 7px;
  font-weight: 700;
}

.el-button.bare.count:hover {
  background: var(--paper);
}

.el-button.bare.count[aria-pressed='true'] {
  background: var(--sheet);
  box-shadow: inset 0 -3px 0 currentcolor;
}

.nothing {
  padding: var(--space-4) 0 var(--space-5);
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
  background: linear-gradient(#7a6a45, #7a6a45) 0 192px / 100% 2px no-repeat;
}

ul {
  display: flex;
  margin: 0;
  padding: 0;
  list-style: none;
  min-width: 100%;
}

li {
  flex: none;
}

.none {
  position: absolute;
  top: 90px;
  left: 20px;
  color: var(--soft-ink);
  font-size: var(--type-4);
}
</style>
