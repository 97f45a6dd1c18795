<script setup lang="ts">
// What was changed about a hive, when and on which device, newest first; pressing one shows how it stood after it.
import { useWindowVirtualizer } from '@tanstack/vue-virtual'
import { catalogueOf } from '#core/parts'
import { capital, counted, editInWords, patternName } from '#core/words'
import { isEdit, leavesOf, sittingsOf, type Edit, type HiveChange, type Sitting, type Yard } from '#core/yard'
import { clockOf, dayOf } from '~/composables/localTime'

const props = defineProps<{
  yard: Yard
  past: Yard | null
  changes: readonly HiveChange[]
  looked: number | undefined
}>()
const emit = defineEmits<{ look: [revision: number] }>()
const preferences = usePreferences()
/** The device's clock and the server's are both told where they differ by more than a minute. */
const clocksDiffer = ({ madeAt, receivedAt }: HiveChange) =>
  Math.abs(Date.parse(madeAt) - Date.parse(receivedAt)) > 60_000
const list = ref<HTMLElement | null>(null)
const virtualizer = useWindowVirtualizer(
  computed(() => ({
    count: props.changes.length,
    estimateSize: () => 50,
    overscan: 4,
    scrollMargin: list.value ? list.value.getBoundingClientRect().top + window.scrollY : 0,
  })),
)
const measureRow = (row: unknown) => {
  if (row instanceof Element) virtualizer.value.measureElement(row)
}
/** What was done in one go has one heading, over its newest change. */
const sittings = computed(
  () => new Map(sittingsOf(props.changes).map((one) => [one.changes[0]?.revision, headed(one)])),
)
function headed({ changes: all, visitTo }: Sitting): string {
  const [from, to] = [all.at(-1)?.happenedAt ?? '', all[0]?.happenedAt ?? '']
  const [began, ended] = [clockOf(from), clockOf(to)]
  const when = `${preferences.day(dayOf(from))}, ${began === ended ? began : `${began} to ${ended}`}`
  const count = `${counted(all.length, 'change')}`
  return visitTo ? `Visit to ${stageSaid(visitTo)}: ${when}, ${count}` : `${when}: ${count}`
}
const seen = computed(() =>
  virtualizer.value.getVirtualItems().flatMap((item) => {
    const change = props.changes[item.index]
    return change ? [{ item, change, begins: sittings.value.get(change.revision) }] : []
  }),
)
function said({ edit, kind }: HiveChange): string {
  const words = `${editInWords(edit)}${partsIn(edit)}`
  return capital({ do: '', undo: 'undone: ', redo: 'done again: ' }[kind] + words)
}
function partsIn(edit: Edit): string {
  const ids = patternsIn(edit)
  const names = [...new Set(ids)].map((id) => patternName(id, catalogueOf(props.yard), preferences.vocabulary))
  return names.length > 0
    ? ` (${names.join(', ')})`
    : isEdit(edit, 'set-hive') && edit.stage
      ? ` (${stageSaid(edit.stage)})`
      : ''
}
function patternsIn(edit: Edit): string[] {
  return leavesOf(edit).flatMap((leaf) => {
    if (isEdit(leaf, 'add-part', 'attach-part', 'set-part')) return [leaf.part.patternId]
    const partId = isEdit(leaf, 'place-part', 'set-placement')
      ? leaf.placement.partId
      : isEdit(leaf, 'take-off', 'move-part')
        ? leaf.partId
        : undefined
    const part = partId
      ? (props.yard.parts.find(({ id }) => id === partId) ?? props.past?.parts.find(({ id }) => id === partId))
      : undefined
    return part ? [part.patternId] : []
  })
}
</script>

<template>
  <p v-if="changes.length === 0">Nothing yet since it came here.</p>
  <ol ref="list" data-testid="log-changes" :style="{ height: `${virtualizer.getTotalSize()}px` }">
    <li
      v-for="{ item, change, begins } in seen"
      :key="change.revision"
      :ref="measureRow"
      :data-index="item.index"
      :style="{ top: `${item.start - virtualizer.options.scrollMargin}px` }"
    >
      <h3 v-if="begins" data-testid="sitting">{{ begins }}</h3>
      <ElButton class="bare" :aria-pressed="looked === change.revision" @click="emit('look', change.revision)">
        <b>{{ said(change) }}</b><small
          >{{ clockOf(change.happenedAt) }}, {{ change.by ? `${change.by}, ` : '' }}on
          {{ preferences.deviceWord(change.device) }}</small
        ><small v-if="clocksDiffer(change)" class="clocks"
          >Its clock said {{ preferences.day(dayOf(change.madeAt)) }}, {{ clockOf(change.madeAt) }}; it came in
          {{ preferences.day(dayOf(change.receivedAt)) }}, {{ clockOf(change.receivedAt) }}.</small
        >
      </ElButton>
    </li>
  </ol>
</template>

<style scoped>
h3 {
  padding: var(--space-4) var(--space-3) var(--space-1);
  font-size: var(--type-3);
}

ol {
  margin: var(--space-3) 0 0;
  padding: 0;
  position: relative;
  list-style: none;
}

li {
  position: absolute;
  left: 0;
  right: 0;
}

li .el-button {
  display: flex;
  flex-direction: column;
  width: 100%;
  min-height: 48px;
  padding: var(--space-2) var(--space-3);
  border: 1px solid transparent;
  border-bottom-color: var(--seam);
  background: none;
  color: var(--ink);
  text-align: left;
  cursor: pointer;
}

li .el-button[aria-pressed='true'] {
  border: 2px solid var(--indigo);
  border-radius: 7px;
  background: var(--indigo-wash);
}

small {
  color: var(--soft-ink);
  font-size: var(--type-1);
}
</style>
