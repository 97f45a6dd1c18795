<script setup lang="ts">
// Frames as stock: counted by make and comb, what wider spacing frees, nuclei, and the combs of a colony that died.
import { combsToRenew, daysLater, framesInStock, freedBySpacing, type FrameStock } from '#core/book'
import { catalogueOf, inWords } from '#core/parts'
import type { Yard } from '#core/yard'
import { capital, counted } from '#core/words'
import { columnsFor } from '~/kit/tableColumn'
import { localToday } from '~/composables/localTime'

const props = defineProps<{ yard: Yard }>()
const preferences = usePreferences()
const today = localToday()
const { entries, problem, load } = useYardBook(() => ({
  yardId: props.yard.id,
  from: daysLater(today, -400),
  to: today,
  sorts: ['look', 'treatment', 'fate', 'cleared'],
}))
const stock = computed(() => framesInStock(props.yard, combsToRenew(entries.value ?? [])))
const makeOf = ({ patternId }: FrameStock) => {
  const label = catalogueOf(props.yard).hanging.get(patternId)?.label
  return label ? capital(inWords(label, preferences.vocabulary)) : patternId
}
const count = (key: keyof Omit<FrameStock, 'patternId'>, label: string) => ({
  key,
  label,
  text: (row: FrameStock) => String(row[key]),
  by: (row: FrameStock) => row[key],
  number: true as const,
  width: 80,
})
const columns = columnsFor<FrameStock>(
  { key: 'make', label: 'Frame', text: makeOf, by: makeOf, width: 210 },
  count('onHives', 'On hives'),
  count('inShed', 'In the shed'),
  count('drawn', 'Drawn'),
  count('foundation', 'Foundation'),
  count('bare', 'Bare'),
  count('toRenew', 'To renew'),
  count('unknown', 'Not said'),
)
const spacing = reactive({ boxes: 10, before: 10, after: 9 })
const freed = computed(() =>
  spacing.after > spacing.before ? null : freedBySpacing(spacing.boxes, spacing.before, spacing.after),
)
const FIELDS = [
  ['boxes', 'Boxes', 0, 1000],
  ['before', 'Frames in each now', 1, 14],
  ['after', 'Frames in each then', 1, 14],
] as const
</script>

<template>
  <section class="frames" aria-label="Frames as stock" data-testid="frames-stock">
    <p v-if="problem" role="alert">{{ problem }} <ElButton @click="load">Try again</ElButton></p>
    <UiCard class="wide" title="Frames of this yard">
      <UiTable :rows="stock" :columns="columns" :key-of="(row) => row.patternId" />
    </UiCard>
    <UiCard title="Freed by wider spacing">
      <p class="fields">
        <span v-for="[key, word, min, max] in FIELDS" :key="key"
          >{{ word }} <UiNumber v-model="spacing[key]" always :name="word" :of="{ min, max }" />
        </span>
      </p>
      <p v-if="freed" data-testid="freed">
        <b>{{ counted(freed.frames, 'frame') }} freed</b>: they fill {{ counted(freed.boxes, 'box', 'boxes') }} of
        {{ spacing.after }}{{ freed.left > 0 ? `, and ${freed.left} are left` : '' }}. Wider only in drawn comb.
      </p>
      <p v-else class="wrong" role="alert">More frames would hang than now: choose fewer.</p>
    </UiCard>
    <RecordsNuclei :yard="yard" :entries="entries ?? []" />
    <UiCard title="Uniting">
      <RecordsMerge v-if="entries" :yard="yard" :entries="entries" @changed="load" />
    </UiCard>
    <RecordsDeadCombs :yard="yard" :entries="entries ?? []" />
  </section>
</template>

<style scoped>
.frames {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(360px, 100%), 1fr));
  gap: var(--space-5);
  align-items: start;
}

.wide {
  grid-column: 1 / -1;
}

.fields {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3) var(--space-5);
  align-items: end;
}

.fields .number {
  width: 140px;
}

.frames :deep(.el-button) {
  min-height: 44px;
}
</style>
