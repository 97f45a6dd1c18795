<script setup lang="ts">
// Room for brood, arrangement by arrangement, against what a queen fills; and how many sizes the yard keeps.
import { arrangements, uniformKit } from '#core/stack'
import { inWords } from '#core/parts'
import { broodNeed, broodRoomGrade, hiveRooms, type HiveRoom } from '#core/ask'
import { showInUnit, showLength, showVolume, there } from '#core/units'
import { capital, counted, rangeInWords } from '#core/words'

const view = useView()
const preferences = usePreferences()
const need = computed(() => broodNeed(view.context.figures, view.context.prolific))
const usual = computed(() => arrangements(view.catalogue, view.context.figures.cellWidthMm))
const own = computed(() => (view.yard ? hiveRooms(view.yard, view.catalogue, view.context.figures.cellWidthMm) : []))
const most = computed(() =>
  Math.max(
    need.value.watchCells,
    ...usual.value.map(({ room }) => room.cells),
    ...own.value.map(({ room }) => room.cells),
  ),
)
const kit = computed(() => (view.yard ? uniformKit(view.yard) : null))
const count = (value: number) => Math.round(value).toLocaleString('en-GB').replaceAll(',', ' ')
const gradeOf = (cells: number) => broodRoomGrade(cells, need.value)
const WORDS = {
  mend: 'too little: a second box is needed',
  watch: 'tight: a second box for a strong colony',
  good: 'enough',
} as const
const COLUMNS = columnsFor<HiveRoom>(
  { key: 'name', label: 'Brood space', width: 200, by: ({ name }) => name },
  { key: 'cells', label: 'Cells', width: 260, by: ({ room }) => room.cells },
  {
    key: 'comb',
    label: 'Comb a side',
    text: ({ room }) => showInUnit(Math.round(room.combDm2 * 10) / 10, 'dm²', preferences.units),
    by: ({ room }) => room.combDm2,
  },
  {
    key: 'inside',
    label: 'Inside',
    text: ({ room }) => showVolume(room.litres, preferences.units, 1),
    by: ({ room }) => room.litres,
  },
  { key: 'frames', label: 'Frames', text: ({ room }) => String(room.frames), by: ({ room }) => room.frames },
  { key: 'verdict', label: 'For the queen', width: 200, by: ({ room }) => room.cells },
)
</script>

<template>
  <section class="rooms">
    <p>
      A queen who lays {{ count(need.eggsADay) }} eggs a day fills {{ count(need.cellsFilled) }} cells in the
      {{ view.context.figures.broodDays }} days that brood takes. Pollen and food want combs beside it: under
      {{ count(need.mendCells) }} cells is too little and under {{ count(need.watchCells) }} tight. Cells are counted at
      {{ showLength(view.context.figures.cellWidthMm, preferences.units) }} wide. A common saying gives a colony
      {{
        rangeInWords(
          { low: view.context.figures.foodYearMinKg, high: view.context.figures.foodYearMaxKg },
          preferences,
          0,
        )
      }}
      of honey for its own use in a year, whatever its boxes; what a hive here needs stands in its Year.
    </p>
    <template
      v-for="group in [
        { title: 'Brood arrangements side by side', rows: usual.map((one) => ({ ...one, foodKg: null })) },
        { title: `${said('Brood boxes')} of ${view.yard?.name ?? 'this yard'}`, rows: own },
      ]"
      :key="group.title"
    >
      <h2>{{ group.title }}</h2>
      <UiTable v-if="group.rows.length > 0" :rows="group.rows" :columns="COLUMNS" :key-of="({ name }) => name">
        <template #name="{ row }"
          ><b>{{ capital(row.name) }}</b
          ><small v-if="row.foodKg && row.foodKg.high > 0">
            food box: {{ rangeInWords(row.foodKg, preferences, 0) }} when full</small
          ></template
        >
        <template #cells="{ row }"
          ><span class="bar"
            ><svg width="170" height="20" aria-hidden="true">
              <rect width="168" height="12" y="4" fill="#fdfbf6" stroke="#cbbfa6" />
              <rect :width="Math.max(1, (168 * row.room.cells) / most)" height="12" y="4" fill="#cf9a63" />
              <line
                :x1="(168 * need.mendCells) / most"
                :x2="(168 * need.mendCells) / most"
                y1="0"
                y2="20"
                stroke="#9e2a2f"
                stroke-width="2"
              />
              <line
                :x1="(168 * need.watchCells) / most"
                :x2="(168 * need.watchCells) / most"
                y1="0"
                y2="20"
                stroke="#8a5600"
                stroke-width="2"
                stroke-dasharray="3 2"
              />
            </svg>
            {{ count(row.room.cells) }}</span
          ></template
        >
        <template #verdict="{ row }"
          ><span class="verdict"
            ><ShellSeverityMark :grade="gradeOf(row.room.cells)" /> {{ WORDS[gradeOf(row.room.cells)] }}</span
          ></template
        >
      </UiTable>
      <p v-else>No hive has a brood box yet.</p>
    </template>
    <template v-if="kit && kit.boxes > 0">
      <h2>Sizes that {{ view.yard?.name }} keeps</h2>
      <p>
        {{ kit.depths.length }} box {{ kit.depths.length === 1 ? 'depth' : 'depths' }}:
        {{ kit.depths.map(({ depthMm, count: n }) => `${n} of ${showLength(depthMm, preferences.units)}`).join(', ') }}.
        {{ kit.frames.length }} frame {{ kit.frames.length === 1 ? 'size' : 'sizes' }}:
        {{
          kit.frames
            .map(
              ({ patternId, count: n }) =>
                `${n} ${view.catalogue.hanging.has(patternId) ? inWords(there(view.catalogue.hanging.get(patternId)).label, preferences.vocabulary) : patternId}`,
            )
            .join(', ')
        }}.
      </p>
      <p v-if="kit.boxesToReplace > 0">
        One size for all, keeping the depth there is most of: {{ kit.boxesToReplace }} of
        {{ counted(kit.boxes, 'box', 'boxes') }} and {{ counted(kit.framesToReplace, 'frame') }} would be replaced; then
        every frame goes into every box.
      </p>
      <p v-else>One size for all already: every frame goes into every box.</p>
    </template>
  </section>
</template>

<style scoped>
.rooms {
  max-width: 960px;
  padding: var(--space-2) var(--space-5) var(--space-6);
}

h2 {
  margin: var(--space-5) 0 var(--space-3);
  font-size: var(--type-4);
}

small {
  color: var(--soft-ink);
  font-weight: 400;
}

.bar,
.verdict {
  display: flex;
  gap: var(--space-3);
  align-items: center;
}
</style>
