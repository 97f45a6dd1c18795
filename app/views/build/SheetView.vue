<script setup lang="ts">
// What is built: the piece apart with its sizes, its pieces flat, the boards they are cut from, and a picture for every step.
import type { Sheet } from '#core/words'
import { showCut } from '#core/units'
import type { BuildDrawings } from '~/drawing/build'

const props = defineProps<{ sheet: Sheet; drawings: BuildDrawings }>()
const preferences = usePreferences()
const SEEN = [
  ['piece', 'The piece'],
  ['boards', 'Boards and cuts'],
  ['steps', 'Step by step'],
  ['lists', 'Lists'],
] as const
const seen = useInAddress('see', modeOf(SEEN), 'piece')
const modes = computed(() => SEEN.filter(([mode]) => mode !== 'boards' || props.drawings.boards.length > 0))
const shown = computed({
  get: () => (modes.value.some(([mode]) => mode === seen.value) ? seen.value : 'piece'),
  set: (mode) => (seen.value = mode),
})
const mm = (value: number) => showCut(value, preferences.units)
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
    <header>
      <h2>{{ sheet.title }}</h2>
      <UiModes v-model="shown" :of="modes" name="What is shown" />
    </header>
    <p class="caution">{{ sheet.caution }}</p>
    <p v-for="line in sheet.lines" :key="line"><UiTerms :text="line" /></p>

    <template v-if="shown === 'piece'">
      <UiDrawing
        :drawing="drawings.apart"
        class="apart"
        data-testid="build-apart"
        :label="`${sheet.title}, taken apart`"
      />
      <h3>Each piece, lying flat</h3>
      <div class="pieces">
        <figure v-for="piece in drawings.pieces" :key="piece.word" data-testid="build-piece">
          <UiDrawing :drawing="piece.drawing" />
          <figcaption>
            <b>{{ piece.count }} × {{ piece.word }}</b
            >, {{ mm(piece.thicknessMm) }} thick
          </figcaption>
        </figure>
      </div>
    </template>

    <div v-else-if="shown === 'boards'" class="boards">
      <figure v-for="(board, i) in drawings.boards" :key="i" data-testid="build-board">
        <UiDrawing :drawing="board.drawing" />
        <figcaption>
          <b>{{ board.count === 1 ? 'One board' : `${board.count} boards` }}</b> cut so,
          {{ mm(board.thicknessMm) }} thick{{ i === 0 ? '; red stitches are cuts, grey is left over' : '' }}
        </figcaption>
      </figure>
    </div>

    <ol v-else-if="shown === 'steps'" class="steps">
      <li v-for="(step, i) in sheet.steps" :key="step.text" data-testid="build-step">
        <UiDrawing :drawing="drawings.steps[i]!" class="step" />
        <p>
          <b>{{ i + 1 }}. {{ step.text }}</b>
        </p>
        <p class="soft"><UiTerms :text="step.note" /></p>
      </li>
    </ol>

    <template v-else>
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
    </template>
  </article>
</template>

<style scoped>
.sheet {
  padding: var(--space-4) var(--space-5) var(--space-6);
  border: 1px solid var(--seam);
  border-radius: 8px;
  background: var(--sheet);
}

header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: var(--space-3) var(--space-5);
}

h2 {
  font-size: var(--type-5);
}

h3 {
  margin: var(--space-4) 0 var(--space-3);
  color: var(--indigo);
  font-size: var(--type-4);
}

.caution {
  margin: var(--space-3) 0;
  padding-left: var(--space-3);
  border-left: 5px solid var(--stop);
  color: var(--stop);
  font-size: var(--type-2);
}

.apart {
  width: 100%;
  height: min(430px, 52vh);
}

.pieces {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(260px, 1fr));
  gap: var(--space-5) var(--space-6);
  align-items: end;
}

.pieces svg {
  width: 100%;
  max-height: 200px;
}

.boards {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(560px, 100%), 1fr));
  gap: var(--space-4) var(--space-6);
  margin-top: var(--space-4);
}

figcaption {
  margin-top: var(--space-2);
  color: var(--soft-ink);
  font-size: var(--type-2);
}

.steps {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
  gap: var(--space-5) var(--space-5);
  margin: var(--space-4) 0 0;
  padding: 0;
  list-style: none;
}

.step {
  width: 100%;
  height: 140px;
  margin-bottom: var(--space-3);
  border-radius: 6px;
  background: var(--linen);
}

.note {
  color: var(--soft-ink);
  font-size: var(--type-2);
}

.wide {
  position: relative;
  overflow-x: auto;
}
</style>
