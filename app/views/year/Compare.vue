<script setup lang="ts">
// Two ways of keeping side by side over the whole year.
import type { Stage, Way, Yard } from '#core/yard'
import { stagesOfYear, yearOf } from '#core/year'
import { showLength, showMass, there } from '#core/units'
import { capital, wayFields, wayValue } from '#core/words'
import { yearFigures, type PlannedYear, type YearFigures } from '#core/ask'

const props = defineProps<{ yard: Yard; year: PlannedYear }>()
const preferences = usePreferences()
const weighing = useWeighing()
const stages = computed(() => [...new Set(stagesOfYear(yearOf(props.yard)).map((period) => period.stage))])
/** Drawn when the hives are highest, unless another stage is asked for. */
const stage = ref<Stage>('flow')
const other = ref<Partial<Way>>({ broodForm: 'single' })
const fields = computed(() => wayFields(preferences.reader))
const field = ref<keyof Way>('broodForm')
const choices = computed(() => there(fields.value.find((one) => one.field === field.value)).choices)
const otherYard = computed<Yard>(() => ({
  ...props.yard,
  season: { ...props.yard.season, way: { ...props.yard.season?.way, ...other.value } },
  hives: props.yard.hives.map((hive) => ({
    ...hive,
    season: { ...hive.season, way: { ...hive.season?.way, ...other.value } },
  })),
}))
const { year: second, running } = usePlannedYear(
  otherYard,
  computed(() => weighing.own),
)
function take(text: string) {
  other.value = { [field.value]: wayValue(field.value, text) }
}
watch(field, () => take(choices.value[0]!.value))
const sums = ({ figures }: PlannedYear) => {
  const all = figures.map(({ stages }) => yearFigures(stages))
  const total = (one: (figures: YearFigures) => number) => all.reduce((sum, figures) => sum + one(figures), 0)
  return {
    boxes: total(({ boxes }) => boxes),
    highestMm: Math.max(0, ...all.map(({ highestMm }) => highestMm)),
    heaviestKg: Math.max(0, ...all.map(({ heaviestKg }) => heaviestKg)),
    lifts: total(({ lifts }) => lifts),
    movedKg: total(({ movedKg }) => movedKg),
    winterKg: total(({ winterKg }) => winterKg) / Math.max(1, all.length),
    broodCells: total(({ broodCells }) => broodCells) / Math.max(1, all.length),
    findings: total(({ findings }) => findings),
  }
}
const rows = computed(() => {
  const [a, b] = [sums(props.year), second.value ? sums(second.value) : null]
  const cells = (count: number) =>
    `${(Math.round(count / 1000) * 1000).toLocaleString('en-GB').replaceAll(',', ' ')} cells`
  const mass = (kg: number) => showMass(kg, preferences.units)
  return [
    { word: 'Boxes needed at once', a: String(a.boxes), b: b && String(b.boxes) },
    {
      word: 'Highest stack',
      a: showLength(a.highestMm, preferences.units),
      b: b && showLength(b.highestMm, preferences.units),
    },
    { word: 'Heaviest lift', a: mass(a.heaviestKg), b: b && mass(b.heaviestKg) },
    { word: 'Lifts, looked through once at every stage', a: String(a.lifts), b: b && String(b.lifts) },
    { word: 'Moved in them', a: mass(a.movedKg), b: b && mass(b.movedKg) },
    { word: 'Stores in winter, a hive', a: mass(a.winterKg), b: b && mass(b.winterKg) },
    { word: 'Room for brood, a hive', a: cells(a.broodCells), b: b && cells(b.broodCells) },
    { word: 'Findings over the year', a: String(a.findings), b: b && String(b.findings) },
  ]
})
const columns = computed(() =>
  columnsFor<(typeof rows.value)[number]>(
    { key: 'word', label: `All hives of ${props.yard.name}`, width: 200, text: ({ word }) => word },
    { key: 'a', label: 'As now', text: ({ a }) => a },
    { key: 'b', label: 'What if' },
  ),
)
</script>

<template>
  <section class="compare" data-testid="compare-ways">
    <p class="pick">
      <label
        >What if:
        <ElSelect v-model="field" data-testid="compare-field">
          <ElOption v-for="one in fields" :key="one.field" :value="one.field" :label="one.word" /> </ElSelect
      ></label>
      <label
        ><span class="visually-hidden">Choice</span
        ><ElSelect :model-value="String(other[field])" data-testid="compare-choice" @change="take(String($event))">
          <ElOption
            v-for="choice in choices"
            :key="choice.value"
            :value="choice.value"
            :label="choice.word"
          /> </ElSelect
      ></label>
      <label
        >at
        <ElSelect v-model="stage" data-testid="compare-stage" aria-label="Stage that is drawn">
          <ElOption v-for="one in stages" :key="one" :value="one" :label="capital(stageSaid(one))" /> </ElSelect
      ></label>
    </p>
    <YearTwoRows
      :yard="yard"
      :other="otherYard"
      :first="year.hives"
      :second="running ? null : (second?.hives ?? null)"
      :stage="stage"
    />
    <UiTable :rows="rows" :columns="columns" :key-of="({ word }) => word">
      <template #b="{ row }"
        ><b v-if="row.b && !running">{{ row.b }}</b
        ><span v-else>…</span></template
      >
    </UiTable>
  </section>
</template>

<style scoped>
.compare {
  padding: 0 var(--space-5) var(--space-6);
}

.pick {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
}
</style>
