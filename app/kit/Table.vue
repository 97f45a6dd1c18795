<script setup lang="ts" generic="T extends object">
// The kit asks a column for a cell of no row to find columns in it: no slot is drawn for that one.
// A table that sorts where its columns say by what; a slot draws a cell, or the text of its column stands there.
import { compareBy, type TableColumn } from './tableColumn'

const props = defineProps<{
  rows: readonly T[]
  columns: readonly TableColumn<T>[]
  /** Names a row, so that it keeps its place and what is open under it. */
  keyOf: (row: T) => string
  /** Rows that are looked at or changed stand out. */
  marked?: (row: T) => boolean
  /** Rows with more under them: those that are open. */
  open?: readonly string[]
  headless?: boolean
}>()
defineSlots<Record<string, (cell: { row: T; index: number }) => unknown>>()
/** More rows than this are drawn only where they are in sight; what opens under a row wants its own height. */
const MANY = 200
const long = computed(() => props.rows.length > MANY && props.open === undefined)
const LongTable = defineAsyncComponent(() => import('./LongTable.vue'))
/**
 * Made anew only when the rows are others, or the kit would lay them all out again; not to be looked into, or the kit
 * would walk through every part that a row knows.
 */
const data = computed(() => markRaw(props.rows.map((row) => (Object.isExtensible(row) ? markRaw(row) : row))))
const opened = computed(() => props.open && [...props.open])
const rowClass = ({ row }: { row: T }) => (props.marked?.(row) ? 'marked' : '')
</script>

<template>
  <LongTable v-if="long" :rows="rows" :columns="columns" :key-of="keyOf" :marked="marked">
    <template v-for="name in columns.map(({ key }) => key).filter((key) => $slots[key])" :key="name" #[name]="cell"
      ><slot :name="name" v-bind="cell"
    /></template>
  </LongTable>
  <ElTable
    v-else
    :data="data"
    :row-key="keyOf"
    :row-class-name="rowClass"
    :show-header="!headless"
    :expand-row-keys="opened"
    class="ui-table"
  >
    <ElTableColumn v-if="open" type="expand" width="1" class-name="opener">
      <template #default="{ row, $index }"
        ><slot v-if="$index >= 0" name="under" :row="row" :index="$index"
      /></template>
    </ElTableColumn>
    <ElTableColumn
      v-for="column in columns"
      :key="column.key"
      :label="column.label"
      :sortable="column.by !== undefined"
      :sort-method="(a: T, b: T) => compareBy(column, a, b)"
      :min-width="column.width ?? 90"
      :align="column.number ? 'right' : 'left'"
    >
      <template #header
        ><span :class="{ 'visually-hidden': column.unsaid }">{{ column.label }}</span></template
      >
      <template #default="{ row, $index }"
        ><slot v-if="$index >= 0" :name="column.key" :row="row" :index="$index">{{
          column.text?.(row)
        }}</slot></template
      >
    </ElTableColumn>
  </ElTable>
</template>

<style scoped>
.ui-table {
  --el-table-bg-color: transparent;
  --el-table-tr-bg-color: transparent;
  --el-table-header-bg-color: transparent;
  --el-table-header-text-color: var(--soft-ink);
  --el-table-text-color: var(--ink);
  --el-table-border-color: var(--seam);
  --el-table-row-hover-bg-color: var(--indigo-wash);
  --el-table-expanded-cell-bg-color: var(--paper);

  font-size: var(--type-3);
}

.ui-table :deep(th .cell) {
  font-weight: 700;
  font-size: var(--type-1);
  line-height: 1.2;
  word-break: normal;
}

.ui-table :deep(td .cell) {
  line-height: 1.35;
  word-break: normal;
}

.ui-table :deep(.el-table__cell) {
  padding: var(--space-2) 0;
}

.ui-table :deep(.cell) {
  padding: 0 var(--space-3);
}

.ui-table :deep(.marked) {
  background: var(--indigo-wash);
}

.ui-table :deep(.opener .cell) {
  display: none;
}
</style>
