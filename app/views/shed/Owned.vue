<script setup lang="ts">
// What is owned, pattern by pattern: so many of each, and each part under it.
import type { Pattern, Part } from '#core/parts'
import type { Hive } from '#core/yard'
import type { Owned } from './owned'

const props = defineProps<{
  rows: readonly Owned[]
  yardId: string
  lying: ReadonlySet<string>
  hiveOf: ReadonlyMap<string, Hive>
}>()
const opened = defineModel<string | null>('opened', { required: true })
const emit = defineEmits<{
  more: [pattern: Pattern, count: number]
  drop: [parts: readonly Part[]]
  change: [parts: readonly Part[]]
  size: [part: Part]
  lend: [parts: readonly Part[]]
}>()
const MOST = 500
const typed = reactive<Record<string, string>>({})
const problems = reactive<Record<string, string>>({})
/** Those that cannot be dropped here. */
const boundOf = (row: Owned) => row.parts.length - row.free.length

/** One more on the shelf, or one that lies there less. */
function oneMore(row: Owned) {
  if (row.pattern) emit('more', row.pattern, 1)
}
function oneLess(row: Owned) {
  const last = row.free.at(-1)
  if (last) emit('drop', [last])
}
/** Sets how many of a pattern are owned in all: more go to the shed, fewer come out of it, never those that stand. */
function own(row: Owned) {
  const text = (typed[row.patternId] ?? '').trim()
  delete problems[row.patternId]
  if (!/^\d{1,3}$/.test(text) || Number(text) > MOST) {
    problems[row.patternId] =
      `Owned in all is not a whole number from 0 to ${MOST}: type how many there are, such as ${row.parts.length}.`
    return
  }
  const wanted = Number(text)
  if (wanted < boundOf(row)) {
    problems[row.patternId] =
      `Owned in all is ${wanted}, but ${boundOf(row)} stand on hives, are lent or borrowed: it cannot be fewer.`
    return
  }
  if (wanted > row.parts.length && row.pattern) emit('more', row.pattern, wanted - row.parts.length)
  const surplus = row.free.slice(0, Math.max(0, row.parts.length - wanted))
  if (surplus.length > 0) emit('drop', surplus)
  delete typed[row.patternId]
}
function countIn(row: Owned) {
  typed[row.patternId] = String(boundOf(row))
  own(row)
}
const COLUMNS = columnsFor<Owned>(
  { key: 'name', label: 'Pattern', width: 260, text: ({ name }) => name, by: ({ name }) => name },
  {
    key: 'standing',
    label: 'On hives',
    number: true,
    text: ({ standing }) => String(standing),
    by: ({ standing }) => standing,
  },
  {
    key: 'inShed',
    label: 'In the shed',
    number: true,
    text: ({ inShed }) => String(inShed),
    by: ({ inShed }) => inShed,
  },
  { key: 'own', label: 'Owned in all', width: 260 },
  { key: 'more', label: 'More', unsaid: true, width: 120 },
)
/** Rows with something under them: those that are open, and those with something wrong. */
const under = computed(() =>
  props.rows.map(({ patternId }) => patternId).filter((id) => opened.value === id || problems[id]),
)
</script>

<template>
  <div class="wide" tabindex="0" role="group" aria-label="What the yard owns">
    <UiTable :rows="rows" :columns="COLUMNS" :key-of="({ patternId }) => patternId" :open="under">
      <template #name="{ row }"
        ><span class="named"
          ><DrawingPatternPicture v-if="row.pattern" :pattern="row.pattern" />{{ row.name }}</span
        ></template
      >
      <template #own="{ row }"
        ><UiForm :model="typed" :rules="{}" class="own" @sound="own(row)">
          <ElButton
            :aria-label="`One ${row.name} less in the shed`"
            :disabled="row.free.length === 0"
            class="step"
            @click="oneLess(row)"
            >−</ElButton
          >
          <ElInput
            v-model="typed[row.patternId]"
            inputmode="numeric"
            :placeholder="String(row.parts.length)"
            :aria-label="`${row.name}, owned in all`"
          />
          <ElButton
            :aria-label="`One ${row.name} more in the shed`"
            :disabled="!row.pattern"
            class="step"
            @click="oneMore(row)"
            >+</ElButton
          >
          <ElButton v-if="typed[row.patternId]" native-type="submit">Set</ElButton>
        </UiForm></template
      >
      <template #more="{ row }"
        ><ElButton
          text
          :aria-expanded="opened === row.patternId"
          :data-shed-row="row.patternId"
          @click="opened = opened === row.patternId ? null : row.patternId"
        >
          {{ opened === row.patternId ? 'Close' : 'Each part' }}
        </ElButton></template
      >
      <template #under="{ row }">
        <p v-if="problems[row.patternId]" class="wrong" role="alert">
          {{ problems[row.patternId] }}
          <ElButton v-if="problems[row.patternId]?.includes('stand on hives')" @click="countIn(row)">
            Count those {{ boundOf(row) }} in
          </ElButton>
        </p>
        <ShedEach
          v-if="opened === row.patternId"
          :parts="row.parts"
          :yard-id="yardId"
          :lying="lying"
          :hive-of="hiveOf"
          @change="emit('change', $event)"
          @drop="emit('drop', $event)"
          @size="emit('size', $event)"
          @lend="emit('lend', $event)"
        />
      </template>
    </UiTable>
  </div>
</template>

<style scoped>
.named {
  display: flex;
  gap: var(--space-3);
  align-items: center;
}

.own {
  display: flex;
  align-items: center;
  gap: var(--space-3);
  flex-wrap: nowrap;
}

.step {
  min-width: 40px;
}

.wide {
  position: relative;
  overflow-x: auto;
}

.el-input {
  width: 74px;
}
</style>
