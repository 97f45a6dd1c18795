<script setup lang="ts">
// The computed table: a cell for every pair, with its mark, its word and the figure that decides.
import { useVirtualizer } from '@tanstack/vue-virtual'
import type { Pattern } from '#core/parts'
import { there } from '#core/units'
import type { FitCell } from '#core/words'

interface Named {
  readonly id: string
  readonly name: string
  readonly pattern?: Pattern | undefined
}

const props = defineProps<{
  caption: string
  rows: readonly Named[]
  columns: readonly Named[]
  cellAt: (row: number, column: number) => FitCell
  chosen: readonly [string, string] | null
}>()
defineEmits<{ choose: [rowId: string, columnId: string] }>()

/** A table of fewer cells is there as a whole; of a larger one what is in sight, and what is worked out with it. */
const MOST_CELLS = 350
const COLUMN_PX = 106
const ROW_PX = 50
const scroll = ref<HTMLElement | null>(null)
const whole = computed(() => props.rows.length * props.columns.length <= MOST_CELLS)
const rowsSeen = useVirtualizer(
  computed(() => ({
    count: props.rows.length,
    getScrollElement: () => scroll.value,
    estimateSize: () => ROW_PX,
    overscan: whole.value ? props.rows.length : 2,
  })),
)
const columnsSeen = useVirtualizer(
  computed(() => ({
    count: props.columns.length,
    horizontal: true,
    getScrollElement: () => scroll.value,
    estimateSize: () => COLUMN_PX,
    overscan: whole.value ? props.columns.length : 2,
  })),
)
const across = computed(() => columnsSeen.value.getVirtualItems())
const down = computed(() => rowsSeen.value.getVirtualItems())
const before = computed(() => across.value[0]?.start ?? 0)
const after = computed(() => columnsSeen.value.getTotalSize() - (across.value.at(-1)?.end ?? 0))
const above = computed(() => down.value[0]?.start ?? 0)
const below = computed(() => rowsSeen.value.getTotalSize() - (down.value.at(-1)?.end ?? 0))
const ROWS_A_TURN = 4
const turns = useInTurn(computed(() => Math.ceil(down.value.length / ROWS_A_TURN)))
const seen = computed(() =>
  down.value.slice(0, turns.value * ROWS_A_TURN).map(({ index }) => ({
    row: props.rows[index]!,
    index,
    cells: across.value.map((column) => ({
      column: props.columns[column.index]!,
      cell: props.cellAt(index, column.index),
    })),
  })),
)
</script>

<template>
  <div ref="scroll" class="scroll" :class="{ whole }" tabindex="0" role="group" :aria-label="caption">
    <div
      class="grid"
      role="table"
      :aria-label="caption"
      :aria-rowcount="rows.length + 1"
      :aria-colcount="columns.length + 1"
    >
      <div class="heads" role="rowgroup">
        <div role="row" class="line">
          <div class="head corner" role="columnheader"><slot name="corner" /></div>
          <div v-if="before > 0" class="head" :style="{ minWidth: `${before}px` }" aria-hidden="true" />
          <div v-for="{ index, key } in across" :key="String(key)" class="head" role="columnheader">
            <DrawingPatternPicture v-if="whole && columns[index]!.pattern" :pattern="there(columns[index]?.pattern)" />
            {{ columns[index]!.name }}
          </div>
          <div v-if="after > 0" class="head" :style="{ minWidth: `${after}px` }" aria-hidden="true" />
        </div>
      </div>
      <div class="body" role="rowgroup">
        <div v-if="above > 0" role="row" class="line" aria-hidden="true">
          <div class="cell" :style="{ height: `${above}px` }" />
        </div>
        <div v-for="{ row, index, cells } in seen" :key="row.id" role="row" class="line" :aria-rowindex="index + 2">
          <div class="head" role="rowheader">{{ row.name }}</div>
          <div v-if="before > 0" class="cell" aria-hidden="true" />
          <div v-for="{ column, cell } in cells" :key="column.id" class="cell" role="cell">
            <ElButton
              class="bare"
              :class="cell.grade"
              :aria-pressed="chosen?.[0] === row.id && chosen[1] === column.id"
              :data-cell="`${row.id}|${column.id}`"
              :title="cell.line"
              @click="$emit('choose', row.id, column.id)"
            >
              <ShellSeverityMark :grade="cell.grade" :marginal="cell.marginal" />
              <span
                >{{ cell.word }}<small>{{ cell.figure }}</small></span
              >
            </ElButton>
          </div>
          <div v-if="after > 0" class="cell" aria-hidden="true" />
        </div>
        <div v-if="below > 0" role="row" class="line" aria-hidden="true">
          <div class="cell" :style="{ height: `${below}px` }" />
        </div>
      </div>
    </div>
  </div>
</template>

<style scoped>
.scroll {
  flex: 1;
  min-width: 0;
  overflow: auto;
}

/* A whole table is as wide as it is; one of which only a part is there must not ask its own width. */
.scroll.whole {
  flex: 0 1 auto;
}

.grid {
  display: table;
  border-collapse: separate;
  border-spacing: 2px;
}

.line {
  display: table-row;
}

.heads {
  display: table-header-group;
}

.body {
  display: table-row-group;
}

.cell {
  display: table-cell;
}

.head {
  display: table-cell;
  vertical-align: middle;
  font-weight: 700;
  padding: var(--space-2) var(--space-3);
  background: var(--paper);
  font-size: var(--type-2);
  line-height: 1.15;
  text-align: left;
}

.heads .head {
  position: sticky;
  top: 0;
  z-index: 2;
  width: 104px;
  min-width: 104px;
  vertical-align: bottom;
}

.body .head,
.corner {
  position: sticky;
  left: 0;
  z-index: 1;
  width: 150px;
  min-width: 150px;
}

.heads .head :deep(.picture) {
  display: block;
  margin-bottom: var(--space-2);
}

.corner {
  z-index: 3;
  color: var(--soft-ink);
  font-weight: 400;
}

.cell .el-button {
  display: flex;
  gap: var(--space-2);
  align-items: center;
  width: 104px;
  min-height: 46px;
  padding: var(--space-1) var(--space-2);
  border: 1px solid var(--seam);
  border-radius: 6px;
  background: var(--sheet);
  color: var(--ink);
  font-size: var(--type-1);
  line-height: 1.1;
  text-align: left;
  cursor: pointer;
}

.cell .el-button.good {
  background: #eef4ea;
}

.cell .el-button.stop {
  background: #f7e8e6;
}

.cell .el-button[aria-pressed='true'] {
  border: 3px solid var(--indigo);
}

small {
  display: block;
  color: var(--soft-ink);
  font-size: var(--type-1);
}
</style>
