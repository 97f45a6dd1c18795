<script setup lang="ts">
// Winters of a yard held against each other, year by year and school by school, each share with its interval.
import {
  byHiveOf,
  coldTimes,
  comparedGroups,
  daysLater,
  groupWinters,
  schoolOf,
  SCHOOL_FIELDS,
  winterOfHive,
  type SchoolField,
  type WinterGroup,
} from '#core/book'
import type { Yard } from '#core/yard'
import { yearOf } from '#core/year'
import { comparedInWords, SCHOOL_FIELD_WORDS, schoolWord, shareInWords } from '#core/words'
import { columnsFor } from '~/kit/tableColumn'
import { localToday } from '~/composables/localTime'

const props = defineProps<{ yard: Yard }>()
const today = localToday()
const YEARS = 6
const from = daysLater(today, -366 * YEARS)
const { entries, problem, load } = useYardBook(() => ({
  yardId: props.yard.id,
  from,
  to: today,
  sorts: ['look', 'mites', 'fate'],
}))
const year = computed(() => yearOf(props.yard))
const colds = computed(() => coldTimes(year.value, from, today))
const winters = computed(() => {
  const books = [...byHiveOf(entries.value ?? []).values()]
  return colds.value.flatMap((cold) => books.flatMap((own) => winterOfHive(own, cold, year.value.figures) ?? []))
})
const gone = usePast()
/** The yard as it stood in the middle of each winter: a hive is of the school that it was kept by then. */
const stood = shallowRef<ReadonlyMap<number, Yard>>(new Map())
watch(
  winters,
  async (all) => {
    const known = new Map<number, Yard>()
    for (const winter of new Set(all.map((one) => one.winter))) {
      const cold = colds.value.find((one) => one.winter === winter)
      const answer = cold && (await gone.stood(props.yard.id, { at: `${daysLater(cold.from, 60)}T12:00:00.000Z` }))
      if (answer?.ok) known.set(winter, answer.value)
    }
    stood.value = known
  },
  { immediate: true },
)
const FIELDS: readonly SchoolField[] = [...SCHOOL_FIELDS, 'strain']
const field = ref<SchoolField>('winterTop')
const byYear = computed(() =>
  [...groupWinters(winters.value, ({ winter }) => `${winter}/${String(winter + 1).slice(2)}`)].sort((a, b) =>
    a.key < b.key ? -1 : 1,
  ),
)
const bySchool = computed(() =>
  groupWinters(winters.value, ({ winter, hiveId }) => {
    const then = stood.value.get(winter)
    const hive = then?.hives.find(({ id }) => id === hiveId)
    return then && hive ? schoolWord(schoolOf(then, hive, field.value)) : 'not known how it was kept'
  }),
)
const compared = computed(() => comparedGroups(bySchool.value, year.value.figures))
const told = computed(() => {
  const [a, b] = bySchool.value
  return compared.value && a && b ? comparedInWords(compared.value, a.key, b.key) : ''
})
const WIDE = 320
const number = (value: number | undefined, digits = 1) => value?.toFixed(digits) ?? 'not known'
const columns = (first: string) =>
  columnsFor<WinterGroup>(
    { key: 'key', label: first, text: ({ key }) => key, by: ({ key }) => key, width: 170 },
    { key: 'alive', label: 'Alive in spring', width: 220 },
    { key: 'drawn', label: 'With its interval', width: WIDE + 20 },
    { key: 'fall', label: 'Mites a day in autumn', text: (one) => number(one.autumnFall), number: true },
    { key: 'food', label: 'Frames of food gone', text: (one) => number(one.framesEaten), number: true },
  )
const tables = computed(() => [
  { name: 'Winter', rows: byYear.value },
  { name: SCHOOL_FIELD_WORDS[field.value], rows: bySchool.value },
])
</script>

<template>
  <section class="winters" aria-label="Winters compared" data-testid="winters">
    <p v-if="problem" role="alert">{{ problem }} <ElButton @click="load">Try again</ElButton></p>
    <p v-if="entries && winters.length === 0" data-testid="no-winters">
      No winter can be told of yet: write down an inspection in autumn and one in spring, or what became of the colony.
    </p>
    <template v-else-if="entries">
      <template v-for="(table, i) in tables" :key="i">
        <p v-if="i === 1" class="by">
          <label
            >Held against each other by
            <ElSelect v-model="field" aria-label="Held against each other by" data-testid="school-field">
              <ElOption v-for="one in FIELDS" :key="one" :value="one" :label="SCHOOL_FIELD_WORDS[one]" />
            </ElSelect>
          </label>
          <b data-testid="winters-told">{{ told }}</b>
        </p>
        <UiTable :rows="table.rows" :columns="columns(table.name)" :key-of="(row) => row.key">
          <template #alive="{ row }">{{ shareInWords(row.alive) }}</template>
          <template #drawn="{ row }">
            <svg :viewBox="`0 0 ${WIDE} 20`" :width="WIDE" height="20" aria-hidden="true">
              <line class="scale" x1="0" :x2="WIDE" y1="10" y2="10" />
              <line class="range" :x1="row.alive.low * WIDE" :x2="row.alive.high * WIDE" y1="10" y2="10" />
              <circle :cx="row.alive.middle * (WIDE - 10) + 5" cy="10" r="5" />
            </svg>
          </template>
        </UiTable>
      </template>
      <p class="soft">
        Each share with its 95 % interval. Only hives that somebody wrote of before the winter and after it are counted.
        A difference is no cause: draw a trial by lot to find one.
      </p>
    </template>
  </section>
</template>

<style scoped>
.winters {
  display: flex;
  flex-direction: column;
  gap: var(--space-3);
}

p {
  margin: 0;
}

.by {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3) var(--space-6);
  align-items: center;
}

.by .el-select {
  width: 190px;
}

.scale {
  stroke: var(--seam);
  stroke-width: 2;
}

.range {
  stroke: var(--indigo);
  stroke-width: 6;
}

circle {
  fill: var(--sheet);
  stroke: var(--indigo);
  stroke-width: 3;
}
</style>
