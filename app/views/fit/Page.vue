<script setup lang="ts">
// Will this go in that, on that? Frames in boxes, boxes on boxes, and the room they make: all computed.
import { there } from '#core/units'
import { HIVE_FORMATS, FORMATS, inWords } from '#core/parts'
import { fitChoices, type FitChoice, type FitShown } from '#core/ask'
import { boxFit, frameInBox } from '#core/stack'
import { boxFitCell, capital, frameFitCell, type FitCell } from '#core/words'

const view = useView()
const preferences = usePreferences()
const MODES = [
  ['frames', 'Frames in boxes'],
  ['boxes', 'Boxes on boxes'],
  ['rooms', 'Room'],
] as const
const mode = useInAddress('see', modeOf(MODES), 'frames')
const filter = ref<FitShown>('owned')
const chosen = ref<readonly [string, string] | null>(null)
watch([mode, filter], () => {
  chosen.value = null
})
const choices = computed(() => fitChoices(view.yard, view.catalogue, filter.value))
const SIDE_WORDS = { first: ', left or front side', other: ', right or back side' } as const
function nameOf({ resolved, alike = 1, side }: FitChoice): string {
  const name = capital(resolved.part.name ?? inWords(there(resolved.pattern).label, preferences.vocabulary))
  if (!resolved.part.measured) return name
  return `${name}, measured${side ? SIDE_WORDS[side] : ''}${alike > 1 ? ` (${alike} alike)` : ''}`
}
const columns = computed(() =>
  choices.value.lowers.map((box) => ({ id: box.id, name: nameOf(box), pattern: box.resolved.pattern })),
)
const rows = computed(() =>
  mode.value === 'frames'
    ? choices.value.frames.map(({ id, label }) => ({ id, name: capital(inWords(label, preferences.vocabulary)) }))
    : choices.value.boxes.map((upper) => ({ id: upper.id, name: nameOf(upper) })),
)
/** Every cell is worked out when it is first seen. */
const cellAt = computed(() => {
  const known = new Map<number, FitCell>()
  const { frames, boxes, lowers } = choices.value
  const [context, reader, inFrames] = [view.context, preferences.reader, mode.value === 'frames']
  return (row: number, column: number): FitCell => {
    const at = row * lowers.length + column
    const lower = lowers[column]!
    const cell =
      known.get(at) ??
      (inFrames
        ? frameFitCell(frameInBox(frames[row]!, lower.resolved, context), reader)
        : boxFitCell(boxFit(lower, boxes[row]!, context), reader))
    known.set(at, cell)
    return cell
  }
})
/** A pair always lies over each other: the first one until another is pressed. */
const laid = computed(() => {
  const [row, column] = [rows.value[0], columns.value[0]]
  return chosen.value ?? (row && column ? ([row.id, column.id] as const) : null)
})
const pair = computed(() => {
  if (!laid.value) return null
  const [rowId, columnId] = laid.value
  const box = choices.value.lowers.find(({ id }) => id === columnId)
  if (!box) return null
  return mode.value === 'frames'
    ? { box, frame: view.catalogue.hanging.get(rowId) }
    : { box, upper: choices.value.boxes.find(({ id }) => id === rowId) }
})
useHead({ title: 'Fit – Duvet' })
</script>

<template>
  <ShellPage title="Fit" fill>
    <template #bar>
      <UiModes v-model="mode" :of="MODES" name="What to compare" />
      <label v-if="mode !== 'rooms'"
        >Show
        <ElSelect v-model="filter" data-testid="fit-filter">
          <ElOption value="owned" label="what this yard owns" />
          <ElOption v-for="format in FORMATS" :key="format" :value="format" :label="HIVE_FORMATS[format].name" />
          <ElOption value="all" label="everything" />
        </ElSelect>
      </label>
    </template>
    <FitRooms v-if="mode === 'rooms'" />
    <div v-else class="split">
      <p v-if="rows.length === 0 || columns.length === 0" class="none">
        This yard owns no boxes with frames yet. Choose a format above, or add boxes in the Shed.
      </p>
      <FitTable
        v-else
        :caption="mode === 'frames' ? 'Frames in boxes' : 'Boxes on boxes'"
        :rows="rows"
        :columns="columns"
        :cell-at="cellAt"
        :chosen="laid"
        @choose="(row, column) => (chosen = [row, column])"
      >
        <template #corner>{{ mode === 'frames' ? 'this frame in this box' : 'this box on this one' }}</template>
      </FitTable>
      <aside tabindex="0" aria-label="The two laid over each other">
        <ShellInTurn v-if="pair && (pair.frame || pair.upper)"
          ><FitOverlay :box="pair.box" :frame="pair.frame" :upper="pair.upper"
        /></ShellInTurn>
        <p v-else class="none">Press a cell: the two are laid over each other here, with every clearance.</p>
      </aside>
    </div>
  </ShellPage>
</template>

<style scoped>
.split {
  display: flex;
  flex: 1;
  min-height: 0;
  padding-left: var(--space-4);
}

aside {
  flex: 1 1 374px;
  min-width: 374px;
  max-width: 640px;
  overflow-y: auto;
  border-left: 2px dashed var(--seam);
}

.none {
  padding: var(--space-6) var(--space-5);
  color: var(--soft-ink);
}

@media (max-width: 1020px) {
  .split {
    flex-direction: column;
    padding: 0 var(--space-3);
  }

  aside {
    width: auto;
    min-width: 0;
    max-width: none;
    border: 0;
  }
}
</style>
