<script setup lang="ts" generic="T extends object">
// The same table where its rows are many: only those in sight are drawn, the head stays, and a press on it sorts.
import { useElementSize } from '@vueuse/core'
import type { VNode } from 'vue'
import { type Column, type SortBy, TableV2SortOrder } from 'element-plus'
import type { TableColumn } from './tableColumn'
import { sortedBy } from './tableColumn'

const props = defineProps<{
  rows: readonly T[]
  columns: readonly TableColumn<T>[]
  keyOf: (row: T) => string
  marked?: ((row: T) => boolean) | undefined
}>()
const slots = defineSlots<Record<string, (cell: { row: T; index: number }) => VNode[]>>()
const HEIGHT = 520
const ROW = 44
const holder = ref<HTMLElement | null>(null)
const { width } = useElementSize(holder)
const sort = ref<SortBy | undefined>()
const sorted = computed(() => {
  const column = props.columns.find(({ key }) => key === sort.value?.key)
  return column ? sortedBy(props.rows, column, sort.value?.order === TableV2SortOrder.DESC) : [...props.rows]
})
/** Columns share what is left over by how wide they want to be. */
const drawn = computed<Column<T>[]>(() => {
  const asked = props.columns.map((column) => column.width ?? 90)
  const grow = Math.max(1, (width.value - 12) / asked.reduce((sum, one) => sum + one, 0))
  return props.columns.map((column, i) => ({
    key: column.key,
    dataKey: column.key,
    title: column.unsaid ? '' : column.label,
    width: Math.floor(asked[i]! * grow),
    align: column.number ? 'right' : 'left',
    sortable: column.by !== undefined,
    cellRenderer: ({ rowData, rowIndex }: { rowData: T; rowIndex: number }) =>
      h('span', {}, slots[column.key]?.({ row: rowData, index: rowIndex }) ?? column.text?.(rowData)),
  }))
})
const data = computed(() => sorted.value.map((row) => ({ ...row, id: props.keyOf(row) })))
const rowClass = ({ rowData }: { rowData: T }) => (props.marked?.(rowData) ? 'marked' : '')
</script>

<template>
  <div ref="holder" class="long" data-testid="long-table">
    <ElTableV2
      v-if="width > 0"
      :columns="drawn"
      :data="data"
      :width="Math.max(width, 320)"
      :height="Math.min(HEIGHT, ROW * (rows.length + 1))"
      :row-height="ROW"
      :header-height="ROW"
      :row-class="rowClass"
      :sort-by="sort"
      @column-sort="sort = $event"
    />
  </div>
</template>

<style scoped>
.long {
  --el-table-bg-color: transparent;
  --el-table-tr-bg-color: transparent;
  --el-table-header-bg-color: var(--paper);
  --el-table-header-text-color: var(--soft-ink);
  --el-table-text-color: var(--ink);
  --el-table-border-color: var(--seam);
  --el-table-row-hover-bg-color: var(--indigo-wash);

  font-size: var(--type-3);
}

.long :deep(.el-table-v2__main) {
  background: none;
}

.long :deep(.marked) {
  background: var(--indigo-wash);
}
</style>
