<script setup lang="ts">
// The middle of the bench: the section with zoom and drag, the hand over it.
import { useElementSize, useMediaQuery } from '@vueuse/core'
import { select } from 'd3-selection'
import { zoom, zoomIdentity, type D3ZoomEvent } from 'd3-zoom'
import type { DimensionName } from '#core/parts'
import { showLength, there } from '#core/units'
import { capital, the, verdictWord } from '#core/words'
import { dropsOn } from './dragPart'
import { placeAtHeight, layOutBench, type Zoom } from '~/drawing/bench-layout'
import { vDragParts } from './dragParts'

const emit = defineEmits<{ measure: [name: DimensionName] }>()
const bench = useBench()
const view = useView()
const colony = computed(() => (bench.hiveId ? view.placeOf(bench.hiveId) : null)?.yard.colonies?.[bench.hiveId ?? ''])
const preferences = usePreferences()
const weighing = useWeighing()
const holder = ref<HTMLElement | null>(null)
const { width, height } = useElementSize(holder)
const narrow = useMediaQuery('(max-width: 760px)')
const transform = ref<Zoom>({ k: 1, x: 0, y: 0 })

const zooming = zoom<HTMLElement, unknown>()
  .scaleExtent([1, 12])
  .filter((event: Event) =>
    event.type === 'wheel'
      ? (event instanceof WheelEvent && event.ctrlKey) || transform.value.k > 1 || !narrow.value
      : !elementOf(event)?.closest('.hit, .callout, button') && !('touches' in event && transform.value.k === 1),
  )
  .on('zoom', ({ transform: { k, x, y } }: D3ZoomEvent<HTMLElement, unknown>) => {
    transform.value = { k, x, y }
  })
onMounted(() => {
  select(there(holder.value)).call(zooming).on('dblclick.zoom', null)
  dropsOn(placeAt)
})
watch([() => bench.hiveId, () => bench.axis], fit)
function fit() {
  if (holder.value) select(holder.value).call(zooming.transform, zoomIdentity)
}
function zoomBy(factor: number) {
  select(there(holder.value)).call(zooming.scaleBy, factor)
}

/** The place in the stack under a point of the window, or null beside the drawing. */
function placeAt(clientX: number, clientY: number): number | null {
  const box = holder.value?.getBoundingClientRect()
  if (
    !box ||
    !bench.assessment ||
    clientX < box.left ||
    clientX > box.right ||
    clientY < box.top ||
    clientY > box.bottom
  )
    return null
  const { view } = layOutBench(
    bench.assessment,
    bench.axis,
    { width: width.value, height: height.value },
    transform.value,
    null,
    narrow.value,
  )
  const heightMm = (view.groundY - (clientY - box.top)) / view.scale
  return placeAtHeight(
    bench.assessment.layout.parts,
    bench.hand?.from === 'stack' ? bench.hand.part.id : undefined,
    heightMm,
  )
}

const ghostId = computed(() => bench.hand?.part.id ?? null)
/** What is in the hand, or was put down last, is told of: where it is, and what it does to the gaps. */
const toldId = computed(() => ghostId.value ?? bench.putId)
const spoken = computed(() => {
  const layers = bench.shown?.layout.parts ?? []
  const at = layers.findIndex(({ part }) => part.id === toldId.value)
  if (!bench.shown || (at < 0 && !bench.hand)) return ''
  const name = capital(bench.shownNames.get(there(toldId.value)) ?? 'Part')
  const below = layers[at - 1]
  const place =
    at < 0 ? 'beside the hive' : below ? `above ${the(bench.shownNames.get(below.part.id) ?? '')}` : 'on the ground'
  const gaps = bench.shown.gaps
    .filter(({ lowerId, upperId }) => lowerId === toldId.value || upperId === toldId.value)
    .map(
      (gap) =>
        `${gap.upperId === toldId.value ? 'Below it' : 'Above it'} ${showLength(gap.mm, preferences.units)}, ${verdictWord(gap, preferences.reader)}.`,
    )
  return [`${name} ${bench.hand ? 'in the hand' : 'stands'}, ${place}.`, ...gaps].join(' ')
})

function selectPart(partId: string) {
  if (bench.hand) return
  bench.selectedId = bench.selectedId === partId ? null : partId
}
defineExpose({ fit })
</script>

<template>
  <div class="drawing">
    <div class="tools">
      <div class="tabs" role="group" aria-label="Section">
        <ElButton class="bare" :aria-pressed="bench.axis === 'along'" @click="bench.axis = 'along'">
          Along the frames
        </ElButton>
        <ElButton
          class="bare"
          :aria-pressed="bench.axis === 'across'"
          data-testid="across"
          @click="bench.axis = 'across'"
        >
          Across
        </ElButton>
      </div>
      <span class="zoom">
        <ElButton text aria-label="Smaller" @click="zoomBy(1 / 1.5)">−</ElButton>
        <ElButton text aria-label="Larger" @click="zoomBy(1.5)">+</ElButton>
        <ElButton text @click="fit">Whole hive</ElButton>
      </span>
      <ElButton text :aria-pressed="weighing.shown" data-testid="weights" @click="weighing.shown = !weighing.shown">
        {{ weighing.shown ? 'Weights off' : 'Weights' }}
      </ElButton>
      <slot name="tools" />
    </div>
    <!-- Below the tools, so that none of them moves; the hive stands on the ground and stays where it is. -->
    <slot name="acting" />
    <div ref="holder" v-drag-parts class="holder" data-testid="drawing">
      <DrawingHiveSection
        v-if="bench.shown && width > 0"
        :picture="{
          assessment: bench.shown,
          names: bench.shownNames,
          reader: preferences.reader,
          axis: bench.axis,
          weights: bench.weightTexts,
          ...(colony ? { colony } : {}),
        }"
        :size="{ width, height, zoom: transform, narrow }"
        :hand="{ selectedId: bench.selectedId, selectedGap: bench.selectedGap, ghostId }"
        @measure="emit('measure', $event)"
        @select-part="selectPart"
        @select-gap="bench.selectedGap = bench.selectedGap === $event ? null : $event"
      />
      <p v-if="bench.hive && bench.hive.stack.length === 0 && !bench.hand" class="empty">
        Nothing stands here yet. Start with a stand or a floor: press a part in the tray, or press <b>A</b>.
      </p>
      <p v-if="bench.hand" class="trial">{{ spoken }}</p>
      <p v-if="bench.tried" class="trial">Tried out, not done yet: the drawing shows the hive as it would be.</p>
    </div>
    <p class="visually-hidden" aria-live="assertive" data-testid="spoken">{{ spoken }}</p>
  </div>
</template>

<style scoped>
.drawing {
  display: flex;
  flex-direction: column;
  min-height: 0;
  height: 100%;
}

.tools {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-2) var(--space-3);
  padding: var(--space-3) var(--space-4);
}

.zoom {
  margin-left: auto;
}

.tools :deep(.el-button) {
  min-height: 36px;
  padding: var(--space-1) var(--space-3);
}

.holder {
  position: relative;
  flex: 1;
  min-height: 260px;
  overflow: hidden;
}

.holder :deep(svg[role='group']) {
  display: block;
  position: absolute;
}

.empty {
  position: absolute;
  inset: 30% 12% auto;
  text-align: center;
  color: var(--soft-ink);
  font-size: var(--type-4);
}

.trial {
  position: absolute;
  left: 12px;
  bottom: 8px;
  padding: var(--space-3) var(--space-4);
  border: 2px dashed var(--indigo);
  border-radius: 8px;
  background: #fff;
}
</style>
