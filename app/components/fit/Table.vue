<script setup lang="ts">
// The computed table: a cell for every pair, with its mark, its word and the figure that decides.
import { useVirtualizer } from '@tanstack/vue-virtual'
import type { Grade } from '#core/checks'

interface Named {
  readonly id: string
  readonly name: string
}

export interface FitCell {
  readonly grade: Grade
  readonly marginal: boolean
  readonly word: string
  readonly figure: string
  readonly line: string
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
  <div ref="scroll" class="scroll" tabindex="0" role="group" :aria-label="caption">
    <table :aria-rowcount="rows.length + 1" :aria-colcount="columns.length + 1">
      <caption class="visually-hidden">
        {{
          caption
        }}
      </caption>
      <thead>
        <tr>
          <th class="corner" scope="col"><slot name="corner" /></th>
          <th v-if="before > 0" :style="{ minWidth: `${before}px` }" aria-hidden="true" />
          <th v-for="{ index, key } in across" :key="String(key)" scope="col">{{ columns[index]!.name }}</th>
          <th v-if="after > 0" :style="{ minWidth: `${after}px` }" aria-hidden="true" />
        </tr>
      </thead>
      <tbody>
        <tr v-if="above > 0" aria-hidden="true">
          <td :style="{ height: `${above}px` }" />
        </tr>
        <tr v-for="{ row, index, cells } in seen" :key="row.id" :aria-rowindex="index + 2">
          <th scope="row">{{ row.name }}</th>
          <td v-if="before > 0" aria-hidden="true" />
          <td v-for="{ column, cell } in cells" :key="column.id">
            <button
              type="button"
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
            </button>
          </td>
          <td v-if="after > 0" aria-hidden="true" />
        </tr>
        <tr v-if="below > 0" aria-hidden="true">
          <td :style="{ height: `${below}px` }" />
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.scroll {
  flex: 1;
  min-width: 0;
  overflow: auto;
}

table {
  border-collapse: separate;
  border-spacing: 2px;
}

th {
  padding: 4px 8px;
  background: var(--paper);
  font-size: 13.5px;
  line-height: 1.15;
  text-align: left;
}

thead th {
  position: sticky;
  top: 0;
  z-index: 2;
  width: 104px;
  min-width: 104px;
  vertical-align: bottom;
}

tbody th,
.corner {
  position: sticky;
  left: 0;
  z-index: 1;
  width: 150px;
  min-width: 150px;
}

.corner {
  z-index: 3;
  color: var(--soft-ink);
  font-weight: 400;
}

td button {
  display: flex;
  gap: 5px;
  align-items: center;
  width: 104px;
  min-height: 46px;
  padding: 2px 5px;
  border: 1px solid var(--seam);
  border-radius: 6px;
  background: var(--sheet);
  color: var(--ink);
  font-size: 13px;
  line-height: 1.1;
  text-align: left;
  cursor: pointer;
}

td button.good {
  background: #eef4ea;
}

td button.stop {
  background: #f7e8e6;
}

td button[aria-pressed='true'] {
  border: 3px solid var(--indigo);
}

small {
  display: block;
  color: var(--soft-ink);
  font-size: 12.5px;
}
</style>
