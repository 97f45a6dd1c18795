<script setup lang="ts">
// The computed table: a cell for every pair, with its mark, its word and the figure that decides.
import type { Grade } from '#core/checks'

export interface FitCell {
  readonly grade: Grade
  readonly marginal: boolean
  readonly word: string
  readonly figure: string
  readonly line: string
}
defineProps<{ caption: string; rows: readonly { readonly id: string; readonly name: string; readonly cells: readonly FitCell[] }[]; columns: readonly { readonly id: string; readonly name: string }[]; chosen: readonly [string, string] | null }>()
defineEmits<{ choose: [rowId: string, columnId: string] }>()
</script>

<template>
  <div class="scroll" tabindex="0" role="group" :aria-label="caption">
    <table>
      <caption class="visually-hidden">{{ caption }}</caption>
      <thead>
        <tr><th class="corner" scope="col"><slot name="corner" /></th><th v-for="column in columns" :key="column.id" scope="col">{{ column.name }}</th></tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.id">
          <th scope="row">{{ row.name }}</th>
          <td v-for="(cell, i) in row.cells" :key="columns[i]!.id">
            <button type="button" :class="cell.grade" :aria-pressed="chosen?.[0] === row.id && chosen[1] === columns[i]!.id" :data-cell="`${row.id}|${columns[i]!.id}`" :title="cell.line" @click="$emit('choose', row.id, columns[i]!.id)">
              <ShellSeverityMark :grade="cell.grade" :marginal="cell.marginal" />
              <span>{{ cell.word }}<small>{{ cell.figure }}</small></span>
            </button>
          </td>
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
