<script setup lang="ts">
// Mites of all hives of a yard: month by month against its limits, and hive by hive as last counted.
import { daysLater, yardMites, type MiteRate } from '#core/book'
import { hasBees, type Yard } from '#core/yard'
import { yearOf } from '#core/year'
import { TREATMENT_CAUTION } from '#core/words'
import { localToday } from '~/composables/localTime'
import { hivePath } from '~/composables/paths'

const props = defineProps<{ yard: Yard }>()
const preferences = usePreferences()
const today = localToday()
const SPANS = [
  ['1', 'One year'],
  ['2', 'Two years'],
  ['5', 'Five years'],
] as const
const span = ref<(typeof SPANS)[number][0]>('2')
const from = computed(() => daysLater(today, -366 * Number(span.value)))
const { entries, problem, load } = useYardBook(() => ({
  yardId: props.yard.id,
  from: from.value,
  to: today,
  sorts: ['mites', 'treatment'],
}))
const mites = computed(
  () => entries.value && yardMites(entries.value, yearOf(props.yard), { from: from.value, to: today }),
)
const MEASURES = [
  ['day', 'Fall a day'],
  ['hundred', 'In 100 bees'],
] as const
const chosen = ref<MiteRate['in'] | undefined>()
const measure = computed({
  get: () => chosen.value ?? ((mites.value?.months.day.length ?? 0) > 0 ? 'day' : 'hundred'),
  set: (one) => {
    chosen.value = one
  },
})
const months = computed(() => mites.value?.months[measure.value] ?? [])
const canvas = ref<HTMLCanvasElement | null>(null)
useMiteChart({ canvas, months, from, today, mites })
const names = computed(() => new Map(props.yard.hives.map(({ id, name }) => [id, name])))
const rows = computed(() => (mites.value?.last ?? []).filter(({ hiveId }) => names.value.has(hiveId)))
const over = computed(() => rows.value.filter((row) => row.over).length)
const uncounted = computed(() => props.yard.hives.length - rows.value.length)
const columns = miteColumns(
  (id) => names.value.get(id) ?? '',
  (day) => preferences.day(day),
)
</script>

<template>
  <section class="mites" aria-label="Mites of the yard" data-testid="yard-mites">
    <p v-if="problem" role="alert">{{ problem }} <ElButton @click="load">Try again</ElButton></p>
    <p v-if="mites && rows.length === 0 && !yard.hives.some(({ id }) => hasBees(yard, id))" data-testid="no-mites">
      No colony lives in this yard now: there is nothing to count.
    </p>
    <p v-else-if="mites && rows.length === 0" data-testid="no-mites">
      Nobody has counted mites here yet. Put a tray in for three days, or wash half a cup of bees, and write the count
      into the book of its hive.
    </p>
    <template v-else-if="mites">
      <p>
        <b>{{
          over === 0
            ? 'No hive is over its limit'
            : over === 1
              ? 'One hive is over its limit'
              : `${over} hives are over their limit`
        }}</b>
        by the last count{{ uncounted > 0 ? `; ${uncounted} were not counted in this time` : '' }}. Over it: decide with
        the label and local law.
      </p>
      <div class="bar">
        <UiModes v-model="measure" :of="MEASURES" name="Counted how" />
        <UiModes v-model="span" :of="SPANS" name="How far back" />
      </div>
      <div class="chart">
        <canvas ref="canvas" role="img" aria-label="Mites by month: middle hive, worst hive and the limit" />
      </div>
      <p class="soft">Green: hives were treated. Grey: winter bees are reared. {{ TREATMENT_CAUTION }}</p>
      <UiTable :rows="rows" :columns="columns" :key-of="(row) => row.hiveId" :marked="(row) => row.over">
        <template #hive="{ row }">
          <NuxtLink :to="hivePath(yard.id, row.hiveId, 'book')">{{ names.get(row.hiveId) }}</NuxtLink>
        </template>
      </UiTable>
    </template>
  </section>
</template>

<style scoped>
.mites p {
  margin: 0 0 var(--space-3);
}

.mites .soft {
  color: var(--soft-ink);
  font-size: var(--type-1);
}

.bar {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-6);
}

.chart {
  position: relative;
  height: min(340px, 44vh);
  margin-bottom: var(--space-4);
}
</style>
