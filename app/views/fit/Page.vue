<script setup lang="ts">
// Will this go in that, on that? Frames in boxes, boxes on boxes, and the room they make: all computed.
import {
  findAll,
  HIVE_FORMATS,
  FORMATS,
  type Pattern,
  isBox,
  isFramePattern,
  resolvePart,
  type Part,
  inWords,
} from '#core/parts'
import { type Grade, boxFit, boxOfPattern, frameInBox, type BoxFit, type FitBox, type FrameFit } from '#core/stack'
import { isUneven, partOnSide, type HiveSide } from '#core/yard'
import { showLength } from '#core/units'
import { boxFitLine, capital, frameFitLine, frameFitShort, seatWord, verdictWord } from '#core/words'
import type { FitCell } from './Table.vue'

const view = useView()
const preferences = usePreferences()
const MODES = [
  ['frames', 'Frames in boxes'],
  ['boxes', 'Boxes on boxes'],
  ['rooms', 'Room'],
] as const
const mode = useInAddress('see', modeOf(MODES), 'frames')
const filter = ref<'owned' | 'all' | Pattern['format']>('owned')
const chosen = ref<readonly [string, string] | null>(null)
watch([mode, filter], () => {
  chosen.value = null
})

/** An uneven box is looked at on each of its sides. */
const sidesOf = (part: Part): readonly { readonly side?: HiveSide; readonly asThere: Part }[] =>
  isUneven(part)
    ? (['first', 'other'] as const).map((side) => ({ side, asThere: partOnSide(part, side) }))
    : [{ asThere: part }]
/** What the yard owns, by pattern; parts that were measured stand for themselves, and for those of the same sizes. */
const owned = computed(() => {
  const boxes = (view.yard?.parts ?? []).filter(({ patternId }) =>
    isBox({ pattern: view.catalogue.patterns.get(patternId) }),
  )
  const bySize = new Map<string, Part[]>()
  for (const part of boxes) {
    if (!part.measured) continue
    const size = `${part.patternId} ${JSON.stringify(
      Object.entries(part.measured)
        .map(([name, { mm, otherMm, plusMinusMm }]) => [name, mm, otherMm, plusMinusMm])
        .sort(),
    )}`
    const alike = bySize.get(size)
    if (alike) alike.push(part)
    else bySize.set(size, [part])
  }
  const measured = [...bySize.values()].flatMap(([part, ...more]) =>
    sidesOf(part!).map(({ side, asThere }) => ({
      id: side ? `${part!.id} ${side}` : part!.id,
      alike: more.length + 1,
      side,
      resolved: resolvePart(asThere, view.catalogue),
    })),
  )
  const patterns = new Set(boxes.filter(({ measured: sizes }) => !sizes).map(({ patternId }) => patternId))
  const frames = new Set<string>()
  for (const { contents } of view.yard?.parts ?? []) for (const { patternId } of contents) frames.add(patternId)
  return { patterns, measured, frames }
})
const ofCatalogue = computed(() =>
  findAll(view.catalogue, { kind: 'box' }).map((pattern) => boxOfPattern(pattern, view.catalogue)),
)
const ownedBoxes = computed<FitBox[]>(() => [
  ...ofCatalogue.value.filter(({ id }) => owned.value.patterns.has(id)),
  ...owned.value.measured,
])
const boxes = computed<FitBox[]>(() => {
  if (filter.value === 'all') return ofCatalogue.value
  return filter.value === 'owned'
    ? ownedBoxes.value
    : ofCatalogue.value.filter(({ resolved }) => resolved.pattern!.format === filter.value || resolved.pattern!.own)
})
const frames = computed(() =>
  [...view.catalogue.hanging.values()].filter(
    (pattern) =>
      isFramePattern(pattern) && (filter.value !== 'owned' || owned.value.frames.has(pattern.id) || pattern.own),
  ),
)
/** Boxes of one format are held against what the yard owns first, and then against each other. */
const lowers = computed(() => {
  if (filter.value === 'owned' || filter.value === 'all') return boxes.value
  return [...ownedBoxes.value.filter(({ id }) => !boxes.value.some((box) => box.id === id)), ...boxes.value]
})
const SIDE_WORDS = { first: ', left or front side', other: ', right or back side' } as const
const nameOf = ({
  resolved,
  alike = 1,
  side,
}: FitBox & { readonly alike?: number; readonly side?: HiveSide | undefined }) => {
  const name = capital(resolved.part.name ?? inWords(resolved.pattern!.label, preferences.vocabulary))
  return resolved.part.measured
    ? `${name}, measured${side ? SIDE_WORDS[side] : ''}${alike > 1 ? ` (${alike} alike)` : ''}`
    : name
}
const columns = computed(() =>
  lowers.value.map((box) => ({ id: box.id, name: nameOf(box), pattern: box.resolved.pattern })),
)
const figure = (mm: number) => showLength(Math.abs(mm), preferences.units)

function frameCell(fit: FrameFit) {
  const grade: Grade = fit.verdict === 'fits' ? 'good' : fit.verdict === 'gap-problem' ? 'mend' : 'stop'
  return {
    grade,
    marginal: fit.marginal,
    word: frameFitShort(fit),
    figure: fit.reason === 'no-frames-here' ? '' : figure(fit.deciding.mm),
    line: frameFitLine(fit, preferences.reader),
  }
}
function boxCell(fit: BoxFit) {
  const sits = fit.seat.verdict === 'seals' || fit.seat.verdict === 'thin'
  const grade: Grade = !sits
    ? 'stop'
    : fit.gap && fit.gap.grade !== 'good'
      ? fit.gap.grade
      : fit.seat.verdict === 'thin'
        ? 'watch'
        : 'good'
  // What decides is what is said: a box that seals and leaves comb between is no box that “seals”.
  const byGap = sits && fit.gap && fit.gap.grade !== 'good'
  return {
    grade,
    marginal: fit.seat.marginal || (fit.gap?.marginal ?? false),
    word: byGap ? verdictWord(fit.gap!, preferences.reader) : seatWord(fit),
    figure: sits ? (fit.gap ? `gap ${figure(fit.gap.mm)}` : '') : fit.seat.verdict === 'lip' ? '' : figure(fit.seat.mm),
    line: boxFitLine(fit, preferences.reader),
  }
}
const rows = computed(() =>
  mode.value === 'frames'
    ? frames.value.map((frame) => ({ id: frame.id, name: capital(inWords(frame.label, preferences.vocabulary)) }))
    : boxes.value.map((upper) => ({ id: upper.id, name: nameOf(upper) })),
)
/** Every cell is worked out when it is first seen. */
const cellAt = computed(() => {
  const known = new Map<number, FitCell>()
  const [context, framesNow, boxesNow, lowersNow, inFrames, across] = [
    { ...view.context, reader: preferences.reader },
    frames.value,
    boxes.value,
    lowers.value,
    mode.value === 'frames',
    lowers.value.length,
  ]
  return (row: number, column: number): FitCell => {
    const at = row * across + column
    const cell =
      known.get(at) ??
      (inFrames
        ? frameCell(frameInBox(framesNow[row]!, lowersNow[column]!.resolved, context))
        : boxCell(boxFit(lowersNow[column]!, boxesNow[row]!, context)))
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
  const box = lowers.value.find(({ id }) => id === columnId)
  if (!box) return null
  return mode.value === 'frames'
    ? { box, frame: view.catalogue.hanging.get(rowId) }
    : { box, upper: boxes.value.find(({ id }) => id === rowId) }
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
