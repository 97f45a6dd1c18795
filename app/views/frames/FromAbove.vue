<script setup lang="ts">
// A box from above, cut open below the top bars: every frame to scale, every gap with what the bees do with it.
import { useElementSize, useMediaQuery } from '@vueuse/core'
import { inOrder } from '#core/yard'
import { showLength, there } from '#core/units'
import { acrossWord, contentInWords } from '#core/words'
import { dragFrames, type HeldFrame } from './dragFrame'
import { acrossMark } from '~/drawing/across-marks'
import { LEAST_FRAME_PX, hungDrawings, aboveScale } from '~/drawing/frames-from-above'

const emit = defineEmits<{ hangAt: [place: number] }>()
const frames = useFrames()
const preferences = usePreferences()
const holder = ref<HTMLElement | null>(null)
const svg = ref<SVGSVGElement | null>(null)
const room = useElementSize(holder)
const coarse = useMediaQuery('(pointer: coarse)')
const held = shallowRef<HeldFrame | null>(null)

const narrow = computed(() => room.width.value < 560)
const marksPx = computed(() => (narrow.value ? 112 : 206))
const scale = computed(() =>
  aboveScale(
    there(frames.box),
    { width: room.width.value || 640, height: room.height.value || 560 },
    marksPx.value,
    coarse.value ? LEAST_FRAME_PX.coarse : LEAST_FRAME_PX.fine,
  ),
)
const hung = computed(() => (frames.across ? hungDrawings(frames.across, frames.combs, scale.value) : []))
const byId = computed(() => new Map(frames.shown?.contents.map((content) => [content.id, content])))
const order = computed(() => new Map(inOrder(frames.shown ?? { contents: [] }).map(({ id }, i) => [id, i])))
const gaps = computed(() =>
  frames.gaps.map((gap) => ({
    gap,
    key: `${gap.fromId}|${gap.toId}`,
    y: (scale.value.yOf(gap.y0) + scale.value.yOf(gap.y1)) / 2,
    figure: showLength(gap.from === 'wall' || gap.to === 'wall' ? gap.apartMm : gap.mm, preferences.units),
    word: acrossWord(gap.verdict),
  })),
)
const empties = computed(() =>
  frames.gaps.flatMap((gap) => {
    if (gap.emptyPlaces === 0) return []
    const from = gap.fromId ? there(byId.value.get(gap.fromId)).place : -1
    const [y0, y1] = [scale.value.yOf(gap.y0) + 3, scale.value.yOf(gap.y1) - 3]
    const each = (y1 - y0) / gap.emptyPlaces
    return Array.from({ length: gap.emptyPlaces }, (_, n) => ({
      place: from + 1 + n,
      y: y0 + n * each,
      height: each - 2,
    }))
  }),
)

const { named, tag, fill } = useFrameLooks()
function choose(event: MouseEvent, id: string) {
  // Fingers have no Shift: each tap adds one or takes it away again.
  frames.select([id], coarse.value || event.shiftKey || event.ctrlKey || event.metaKey)
}
watch(svg, (element) => {
  if (element)
    dragFrames(
      element,
      () => scale.value,
      (next) => {
        held.value = next
      },
    )
})
</script>

<template>
  <div ref="holder" class="plan" :class="{ narrow }" data-testid="plan">
    <svg
      v-if="frames.box"
      ref="svg"
      :width="scale.width"
      :height="scale.height"
      :viewBox="`0 0 ${scale.width} ${scale.height}`"
      role="listbox"
      aria-multiselectable="true"
      :aria-label="`${frames.name} from above, entrance at the left`"
    >
      <DrawingHatchesOnce />
      <path
        :d="`M${scale.outside.x} ${scale.outside.y}h${scale.outside.width}v${scale.outside.height}h${-scale.outside.width}zM${scale.inside.x} ${scale.inside.y}v${scale.inside.height}h${scale.inside.width}v${-scale.inside.height}z`"
        fill="url(#hatch-timber)"
        stroke="#7d6233"
        fill-rule="evenodd"
      />
      <rect v-bind="scale.inside" fill="#fbf8f1" stroke="#7d6233" />
      <g
        v-for="empty in empties"
        :key="`empty${empty.place}`"
        class="empty"
        data-empty
        role="button"
        tabindex="0"
        :aria-label="`Place ${empty.place + 1} is empty: hang a frame in`"
        @click="emit('hangAt', empty.place)"
        @keydown.enter.stop.prevent="emit('hangAt', empty.place)"
      >
        <rect :x="scale.inside.x + 4" :y="empty.y" :width="scale.inside.width - 8" :height="empty.height" rx="4" />
        <text :x="scale.inside.x + scale.inside.width / 2" :y="empty.y + empty.height / 2 + 5" text-anchor="middle">
          + empty place {{ empty.place + 1 }}
        </text>
      </g>
      <g
        v-for="one in hung"
        :key="one.id"
        :data-frame="one.id"
        class="frame"
        :class="{
          chosen: frames.selected.has(one.id),
          held: held?.id === one.id,
          out: held?.id === one.id && held.out,
        }"
        role="option"
        tabindex="0"
        :aria-selected="frames.selected.has(one.id)"
        :aria-label="contentInWords(there(byId.get(one.id)), named(one.id), order.get(one.id) ?? 0, preferences.reader)"
        :data-place="one.place"
        :data-centre="one.centreMm.toFixed(2)"
        @click="choose($event, one.id)"
        @keydown.space.stop.prevent="frames.select([one.id], true)"
      >
        <rect v-bind="one.taken" class="taken" />
        <rect v-for="(lug, i) in one.lugs" :key="`lug${i}`" v-bind="lug" fill="#bd8d4e" stroke="#6f4f22" />
        <rect
          v-bind="one.body"
          :fill="fill(one)"
          :stroke="one.holdsComb ? '#8a5b2b' : '#5d4a24'"
          :stroke-dasharray="fill(one) === 'none' ? '6 4' : undefined"
        />
        <line
          v-if="one.holdsComb"
          :x1="one.body.x"
          :x2="one.body.x + one.body.width"
          :y1="scale.yOf(one.centreMm)"
          :y2="scale.yOf(one.centreMm)"
          stroke="#8a5b2b"
          stroke-width="0.8"
          stroke-dasharray="9 4"
        />
        <rect v-for="(bar, i) in one.endBars" :key="`bar${i}`" v-bind="bar" fill="#bd8d4e" stroke="#6f4f22" />
        <rect v-bind="one.taken" class="edge" rx="4" />
        <text class="place" :x="one.body.x + (narrow ? 3 : 7)" :y="scale.yOf(one.centreMm) + 5">
          {{ (order.get(one.id) ?? 0) + 1 }}
        </text>
        <text v-if="tag(one.id)" class="tag" :x="one.body.x + (narrow ? 23 : 30)" :y="scale.yOf(one.centreMm) + 5">
          {{ tag(one.id) }}
        </text>
      </g>
      <path
        v-if="scale.breakAt"
        :d="`M${scale.breakAt.x} 0L${scale.breakAt.x + 10} ${scale.height * 0.25}L${scale.breakAt.x - 6} ${scale.height * 0.5}L${scale.breakAt.x + 8} ${scale.height * 0.75}L${scale.breakAt.x} ${scale.height}h${scale.breakAt.width}L${scale.breakAt.x + scale.breakAt.width + 8} ${scale.height * 0.75}L${scale.breakAt.x + scale.breakAt.width - 6} ${scale.height * 0.5}L${scale.breakAt.x + scale.breakAt.width + 10} ${scale.height * 0.25}L${scale.breakAt.x + scale.breakAt.width} 0z`"
        class="break"
      />
      <g
        v-for="{ gap, key, y, figure, word } in gaps"
        :key="`gap${key}`"
        :data-across="key"
        :data-verdict="gap.verdict"
        :data-mm="gap.mm.toFixed(3)"
      >
        <line
          :x1="scale.outside.x + scale.outside.width - 2"
          :x2="scale.outside.x + scale.outside.width + 12"
          :y1="y"
          :y2="y"
          stroke="#8a8373"
          stroke-dasharray="4 3"
        />
        <g :transform="`translate(${scale.outside.x + scale.outside.width + 22} ${y}) scale(0.8)`">
          <DrawingGapMark :shape="acrossMark(gap.verdict)" :grade="gap.grade" />
        </g>
        <text class="figure" :x="scale.outside.x + scale.outside.width + 36" :y="y + 5">
          {{ figure }}
          <tspan v-if="!narrow" dx="6" class="word">{{ word }}</tspan>
        </text>
      </g>
    </svg>
  </div>
</template>

<style scoped>
.plan {
  min-width: 0;
  overflow: auto;
}

svg {
  display: block;
  margin: 0 auto;
  user-select: none;
}

.frame {
  cursor: grab;
  outline: none;
  touch-action: none;
}

.frame:active {
  cursor: grabbing;
}

.taken {
  fill: transparent;
}

.edge {
  fill: none;
  stroke: none;
}

.frame:hover .edge {
  stroke: #8fa0d4;
  stroke-width: 2;
}

.frame:focus-visible .edge {
  stroke: var(--indigo);
  stroke-width: 3;
  stroke-dasharray: 7 4;
}

.chosen .edge,
.chosen:hover .edge {
  stroke: var(--indigo);
  stroke-width: 3.5;
  fill: rgb(39 64 139 / 12%);
}

.held .edge {
  stroke-dasharray: 10 5;
}

.out {
  opacity: 0.3;
}

.place,
.tag {
  fill: var(--ink);
  font-size: var(--type-2);
  paint-order: stroke;
  stroke: rgb(253 251 246 / 88%);
  stroke-width: 4px;
}

.place {
  font-weight: 700;
}

.narrow .tag {
  font-size: var(--type-1);
}

.figure {
  fill: var(--ink);
  font-size: var(--type-2);
  font-weight: 700;
}

.word {
  fill: var(--soft-ink);
  font-weight: 400;
}

.empty {
  cursor: pointer;
}

.empty rect {
  fill: #fff;
  stroke: var(--stop);
  stroke-dasharray: 7 5;
}

.empty text {
  fill: var(--stop);
  font-size: var(--type-2);
}

.break {
  pointer-events: none;
  fill: var(--linen);
  stroke: #8a8373;
}
</style>
