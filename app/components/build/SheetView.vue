<script setup lang="ts">
// A build sheet on the screen: what the printed one says.
import type { Sheet } from '#core/wording'
import { pieceWord } from '#core/wording'

defineProps<{ sheet: Sheet }>()
const box = (edge: readonly (readonly [number, number])[]) => ({
  width: Math.max(...edge.map(([x]) => x)),
  height: Math.max(...edge.map(([, y]) => y)),
})
const path = (line: readonly (readonly [number, number])[], height: number) =>
  `M${line.map(([x, y]) => `${x} ${height - y}`).join('L')}`
const columnsOf = (labels: readonly string[]) =>
  columnsFor<{ key: string; cells: readonly string[] }>(
    ...labels.map((label, i) => ({
      key: String(i),
      label,
      text: ({ cells }: { cells: readonly string[] }) => cells[i] ?? '',
    })),
  )
</script>

<template>
  <article class="sheet" data-testid="sheet">
    <h2>{{ sheet.title }}</h2>
    <p v-for="line in sheet.lines" :key="line">{{ line }}</p>
    <p class="caution">{{ sheet.caution }}</p>
    <div v-if="sheet.outlines.length > 0" class="outlines">
      <figure v-for="outline in sheet.outlines" :key="outline.name">
        <svg
          :viewBox="`-3 -3 ${box(outline.edge).width + 6} ${box(outline.edge).height + 6}`"
          :style="{ width: `${box(outline.edge).width * 0.42}px` }"
          aria-hidden="true"
        >
          <path
            :d="`${path(outline.edge, box(outline.edge).height)}Z`"
            fill="#ead9b6"
            stroke="#7d6233"
            stroke-width="2"
          />
          <path
            v-for="(mark, i) in outline.marks"
            :key="i"
            :d="path(mark.line, box(outline.edge).height)"
            fill="none"
            stroke="#27408b"
            stroke-width="2"
            stroke-dasharray="9 6"
          />
        </svg>
        <figcaption>{{ pieceWord(outline.name) }}</figcaption>
      </figure>
    </div>
    <section v-for="table in sheet.tables" :key="table.heading">
      <h3>{{ table.heading }}</h3>
      <div class="wide" tabindex="0" role="group" :aria-label="table.heading">
        <UiTable
          :rows="table.rows.map((cells, i) => ({ key: String(i), cells }))"
          :columns="columnsOf(table.columns)"
          :key-of="({ key }) => key"
        />
      </div>
    </section>
    <section>
      <h3>In this order</h3>
      <ol>
        <li v-for="step in sheet.steps" :key="step.text">
          <b>{{ step.text }}</b> <span>{{ step.mistake }}</span>
        </li>
      </ol>
    </section>
  </article>
</template>

<style scoped>
.sheet {
  max-width: 860px;
  padding: 16px 24px 30px;
  border: 1px solid var(--seam);
  border-radius: 8px;
  background: var(--sheet);
}

h2 {
  font-size: 22px;
}

h3 {
  margin: 16px 0 4px;
  color: var(--indigo);
  font-size: 16px;
}

.caution {
  margin-top: 6px;
  padding-left: 10px;
  border-left: 5px solid var(--stop);
  color: var(--stop);
}

.outlines {
  display: flex;
  flex-wrap: wrap;
  gap: 16px;
  margin-top: 12px;
}

figure {
  margin: 0;
}

figure svg {
  max-width: 100%;
}

figcaption {
  color: var(--soft-ink);
  font-size: 13.5px;
}

.wide {
  position: relative;
  overflow-x: auto;
}

li {
  margin-bottom: 5px;
}

li span {
  display: block;
  color: var(--soft-ink);
}
</style>
