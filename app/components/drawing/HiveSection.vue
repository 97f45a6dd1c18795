<script setup lang="ts">
// The hive to scale with its names, its gaps and its height; draws what assess computed.
import { useMediaQuery } from '@vueuse/core'
import { curveBumpX, line } from 'd3-shape'
import type { Assessment } from '#core/rules'
import { type DimensionName, isBox, type Axis } from '#core/parts'
import type { Colony } from '#core/yard'
import { showFigure, showLength } from '#core/units'
import { capital, dimensionWord, gapTitle, partDetail, termsInWords, verdictWord, type Reader } from '#core/words'
import { isBare } from '~/drawing/colony'
import { layOutBench, type Callout, type Zoom } from '~/drawing/bench-layout'
import { markOf } from '~/drawing/marks'
import { GRADE_COLOURS, INDIGO, INK, PAPER, SEAM, SOFT_INK } from '~/drawing/palette'
import { fittingShapes, halfOutsideMm, sectionOf } from '~/drawing/section'

const props = withDefaults(
  defineProps<{
    assessment: Assessment
    names: ReadonlyMap<string, string>
    reader: Reader
    axis: Axis
    width: number
    height: number
    zoom?: Zoom
    narrow?: boolean
    selectedId?: string | null
    selectedGap?: string | null
    /** The part that is still in the hand, or would be new. */
    ghostId?: string | null
    interactive?: boolean
    /** What each part weighs, to be written on it. */
    weights?: ReadonlyMap<string, string> | null
    /** What is said of its colony, where that is more than that it lives. */
    colony?: Colony
    /** Carries its own hatches, for a file. */
    standalone?: boolean
  }>(),
  { zoom: () => ({ k: 1, x: 0, y: 0 }), selectedId: null, selectedGap: null, ghostId: null, weights: null },
)

const emit = defineEmits<{ selectPart: [partId: string]; selectGap: [key: string]; measure: [name: DimensionName] }>()

const layout = computed(() =>
  layOutBench(
    props.assessment,
    props.axis,
    props,
    props.zoom,
    props.selectedGap,
    props.narrow ?? false,
    props.reader.units,
  ),
)
const view = computed(() => layout.value.view)
const parts = computed(() =>
  props.assessment.layout.parts.map((part) => ({
    part,
    id: part.part.id,
    shapes: sectionOf(part, props.axis, false, isBare(props.colony)),
    halfMm: halfOutsideMm(part, props.axis),
    name: capital(props.names.get(part.part.id) ?? ''),
    detail: partDetail(part, props.reader.vocabulary),
    topPx: view.value.groundY - Math.max(part.topMm, part.hangsToMm) * view.value.scale,
    highPx: (part.topMm - part.bottomMm) * view.value.scale,
  })),
)
/** What a finger or a pointer can hit: a thin part's target reaches down over what is below it. */
const coarse = useMediaQuery('(pointer: coarse)')
const reachPx = computed(() => (coarse.value ? 44 : 24))
/** It stops short of the middle of what is below, so that two thin parts can each be hit. */
function reachOf({ part, topPx, highPx }: (typeof parts.value)[number]): number {
  const below = parts.value[part.index - 1]
  const least = highPx + 4
  if (!below || below.highPx >= reachPx.value) return Math.max(least, reachPx.value)
  return Math.max(least, Math.min(reachPx.value, below.topPx + below.highPx / 2 - 2 - topPx))
}
const detailById = computed(() => new Map(parts.value.map(({ id, detail }) => [id, detail])))
const fittings = computed(() =>
  props.assessment.assembled.attached.map((fitting) => ({
    id: fitting.part.id,
    shapes: fittingShapes(fitting, props.assessment.layout.parts, props.axis),
  })),
)
const stitch = line<[number, number]>().curve(curveBumpX)

/** Weights at the hand-holds, where the part is high enough to be written on. */
const chips = computed(() =>
  props.weights
    ? parts.value.flatMap(({ part, id }) => {
        const text = props.weights!.get(id)
        const high = (part.topMm - part.bottomMm) * view.value.scale
        return text && high >= 17
          ? [
              {
                id,
                text,
                x: view.value.centreX,
                y:
                  view.value.groundY -
                  (isBox(part)
                    ? Math.max(part.topMm - 65, (part.topMm + part.bottomMm) / 2)
                    : (part.topMm + part.bottomMm) / 2) *
                    view.value.scale,
              },
            ]
          : []
      })
    : [],
)
function leader({ edgeX, jointY, y }: Callout): string {
  return (
    stitch([
      [edgeX + 4, jointY],
      [layout.value.calloutX - 12, y],
    ]) ?? ''
  )
}
function boxPx({ full }: Callout): number {
  return full ? 54 : props.narrow ? 38 : 24
}
function isGhost(gap: Callout['gap']): boolean {
  return props.ghostId !== null && (gap.lowerId === props.ghostId || gap.upperId === props.ghostId)
}
function madeOf(gap: Callout['gap']): string[] {
  const text = termsInWords(gap.terms, props.reader)
  if (text.length <= 36) return [text]
  const cut = text.lastIndexOf(' + ', 36)
  return cut > 0 ? [text.slice(0, cut), text.slice(cut + 1)] : [text]
}
/** The selected part's own dimensions, each where it is; pressing one measures it. */
const measures = computed(() => {
  const entry = parts.value.find(({ id }) => id === props.selectedId)
  if (!entry || !props.interactive || props.ghostId) return []
  const { part, halfMm } = entry
  const { scale, centreX, groundY } = view.value
  const [left, right, top, bottom] = [
    centreX - halfMm * scale,
    centreX + halfMm * scale,
    groundY - part.topMm * scale,
    groundY - part.bottomMm * scale,
  ]
  const upright = (['depth', 'rimDepth', 'boardThickness', 'deckThickness'] as const).find(
    (name) => part.dimensions[name],
  )
  const along =
    props.axis === 'along' ? (['outsideLength', 'insideLength'] as const) : (['outsideWidth', 'insideWidth'] as const)
  const level = along.find((name) => part.dimensions[name])
  const text = (name: DimensionName) =>
    `${showLength(part.dimensions[name]!.mm, props.reader.units)}${part.part.measured?.[name] ? ' measured' : ''}`
  return [
    ...(upright
      ? [
          {
            name: upright,
            text: text(upright),
            path: `M${left + 16} ${top}V${bottom}`,
            x: left + 22,
            y: bottom - top < 30 ? top - 8 : (top + bottom) / 2 + 5,
          },
        ]
      : []),
    ...(level
      ? [
          {
            name: level,
            text: text(level),
            path: `M${left} ${bottom - 5}H${right}`,
            // On a thin part both sizes stand side by side over it.
            x:
              bottom - top < 30
                ? Math.max((left + right) / 2 + 20, left + 28 + (upright ? sizeWidth(text(upright)) : 0))
                : (left + right) / 2 - 34,
            y: bottom - top < 30 ? top - 8 : bottom - 9,
          },
        ]
      : []),
  ]
})
const nameOf = (id: string) => capital(props.names.get(id) ?? '')
const namePx = computed(() => layout.value.nameX - layout.value.staffX - 6)
const titlePx = computed(() => props.width - layout.value.calloutX - 22)
const isLong = (text: string, roomPx: number, letterPx: number) => text.length * letterPx > roomPx
/** A name as far as there is room for it; the whole of it is told on pointing at it. */
function shortened(text: string, roomPx: number, letterPx: number): string {
  const letters = Math.max(3, Math.floor(roomPx / letterPx) - 1)
  return isLong(text, roomPx, letterPx) ? `${text.slice(0, letters).trimEnd()}…` : text
}
function sizeWidth(text: string): number {
  return text.length * 7.8 + 12
}
function spoken(entry: (typeof parts.value)[number]): string {
  const way = entry.part.placement.turnedOver ? ', turned over' : ''
  return `${entry.name}${entry.detail ? `, ${entry.detail}` : ''}${way}, layer ${entry.part.index + 1} of ${parts.value.length} from the ground`
}
</script>

<template>
  <svg
    :width="width"
    :height="height"
    :viewBox="`0 0 ${width} ${height}`"
    font-family="Atkinson Hyperlegible, Arial, sans-serif"
    font-size="14"
    :fill="INK"
    role="group"
    :aria-label="`Section ${axis} the frames, ${showLength(assessment.heightMm, reader.units)} high`"
  >
    <DrawingHatches v-if="standalone" />
    <g class="staff" :stroke="SEAM" stroke-width="1.5">
      <line
        :x1="layout.staffX"
        :x2="layout.staffX"
        :y1="view.groundY"
        :y2="view.groundY - (layout.staffMm.at(-1) ?? 0) * view.scale"
      />
      <template v-for="mm in layout.staffMm" :key="mm">
        <line
          :x1="layout.staffX - 6"
          :x2="layout.staffX"
          :y1="view.groundY - mm * view.scale"
          :y2="view.groundY - mm * view.scale"
        />
        <text
          v-if="!narrow || mm % 200 === 0"
          :x="layout.staffX - 9"
          :y="view.groundY - mm * view.scale + (mm === 0 ? -3 : 4)"
          text-anchor="end"
          font-size="12"
          :fill="SOFT_INK"
          stroke="none"
        >
          {{ showFigure(mm, reader.units) }}
        </text>
      </template>
    </g>
    <line x1="8" :x2="width - 8" :y1="view.groundY" :y2="view.groundY" stroke="#7a6a45" stroke-width="2" />

    <g :transform="`translate(${view.centreX} ${view.groundY}) scale(${view.scale})`">
      <g v-for="entry in parts" :key="entry.id" :opacity="entry.id === ghostId ? 0.62 : 1">
        <DrawingShapes :shapes="entry.shapes" />
      </g>
      <g v-for="fitting in fittings" :key="fitting.id"><DrawingShapes :shapes="fitting.shapes" /></g>
    </g>

    <g v-for="entry in parts" :key="entry.id">
      <g
        class="hit"
        :data-part="entry.id"
        :data-ghost="entry.id === ghostId || undefined"
        v-bind="
          interactive
            ? {
                role: 'button',
                tabindex: entry.id === selectedId || (!selectedId && entry.part.index === 0) ? 0 : -1,
                'aria-pressed': entry.id === selectedId,
                'aria-label': spoken(entry),
              }
            : {}
        "
        @click="emit('selectPart', entry.id)"
        @keydown.enter.prevent="emit('selectPart', entry.id)"
        @keydown.space.prevent="emit('selectPart', entry.id)"
      >
        <rect
          v-if="interactive && entry.highPx < reachPx"
          class="reach"
          :x="view.centreX - entry.halfMm * view.scale - 3"
          :width="entry.halfMm * 2 * view.scale + 6"
          :y="entry.topPx - 2"
          :height="reachOf(entry)"
          fill="transparent"
          stroke="none"
        />
        <rect
          class="outline"
          :x="view.centreX - entry.halfMm * view.scale - 3"
          :width="entry.halfMm * 2 * view.scale + 6"
          :y="entry.topPx - 2"
          :height="Math.max(9, entry.highPx + 4)"
          :fill="entry.id === ghostId ? '#27408b22' : 'transparent'"
          :stroke="entry.id === selectedId || entry.id === ghostId ? INDIGO : 'none'"
          stroke-width="2.5"
          :stroke-dasharray="entry.id === ghostId ? '7 5' : 'none'"
          rx="4"
        />
      </g>
    </g>

    <DrawingBarred
      :colony="colony"
      :x="view.centreX"
      :y="view.groundY - (assessment.heightMm * view.scale) / 2"
      :width="Math.min(260, width * 0.4)"
    />
    <g v-for="chip in chips" :key="`weight${chip.id}`" class="weight" :data-weight="chip.id">
      <rect
        :x="chip.x - chip.text.length * 4.1 - 7"
        :y="chip.y - 11"
        :width="chip.text.length * 8.2 + 14"
        height="22"
        rx="11"
        :fill="PAPER"
        :stroke="INK"
      />
      <text :x="chip.x" :y="chip.y + 5" text-anchor="middle" font-weight="700" stroke="none">{{ chip.text }}</text>
    </g>
    <g v-for="measure in measures" :key="measure.name">
      <path :d="measure.path" fill="none" :stroke="INDIGO" stroke-width="2" stroke-dasharray="6 4" />
      <rect
        class="press"
        role="button"
        tabindex="0"
        rx="5"
        :x="measure.x - 5"
        :y="measure.y - 16"
        :width="sizeWidth(measure.text)"
        height="22"
        fill="#fff"
        :stroke="INDIGO"
        :data-measure="measure.name"
        :aria-label="`Measure: ${dimensionWord(measure.name)}, ${measure.text}`"
        @click="emit('measure', measure.name)"
        @keydown.enter.prevent="emit('measure', measure.name)"
      />
      <text class="through" :x="measure.x" :y="measure.y" font-size="13" font-weight="700" :fill="INDIGO">
        {{ measure.text }}
      </text>
    </g>

    <g v-for="label in layout.names" :key="label.part.part.id">
      <path
        :d="`M${layout.nameX + 4} ${label.y}L${label.edgeX - 4} ${label.jointY}`"
        :stroke="SEAM"
        stroke-width="1.2"
        fill="none"
      />
      <text
        :x="layout.nameX"
        :y="detailById.get(label.part.part.id) ? label.y - 3 : label.y + 5"
        text-anchor="end"
        :font-weight="label.part.part.id === selectedId ? 700 : 400"
        :fill="label.part.part.id === selectedId ? INDIGO : INK"
        font-size="14.5"
      >
        {{ shortened(nameOf(label.part.part.id), namePx, 7.1) }}
        <title v-if="isLong(nameOf(label.part.part.id), namePx, 7.1)">{{ nameOf(label.part.part.id) }}</title>
      </text>
      <text
        v-if="detailById.get(label.part.part.id)"
        :x="layout.nameX"
        :y="label.y + 13"
        text-anchor="end"
        font-size="12"
        :fill="SOFT_INK"
      >
        {{
          isBox(label.part)
            ? detailById
                .get(label.part.part.id)
                ?.split(', ')
                .slice(-1)[0]
                ?.replace(/ frames( \+ \w+)$/, '$1') +
              ', ' +
              showLength(label.part.faces.depthMm, reader.units)
            : detailById.get(label.part.part.id)
        }}
      </text>
    </g>

    <g
      v-for="callout in layout.callouts"
      :key="callout.key"
      class="callout"
      :data-gap="callout.key"
      :data-mm="callout.gap.mm"
      :data-grade="callout.gap.grade"
      :data-ghost-gap="isGhost(callout.gap) || undefined"
    >
      <path
        :d="leader(callout)"
        fill="none"
        :stroke="
          isGhost(callout.gap)
            ? INDIGO
            : callout.gap.verdict === 'out-of-reach'
              ? SEAM
              : GRADE_COLOURS[callout.gap.grade]
        "
        stroke-width="1.8"
        stroke-dasharray="6 4"
      />
      <rect
        :x="layout.calloutX - 12"
        :y="callout.y - boxPx(callout) / 2"
        :width="width - layout.calloutX + 10"
        :height="boxPx(callout)"
        rx="6"
        :fill="callout.key === selectedGap ? '#e3e8f5' : isGhost(callout.gap) ? '#eef1fa' : PAPER"
        fill-opacity="0.92"
        class="press"
        v-bind="
          interactive
            ? {
                role: 'button',
                tabindex: callout.key === selectedGap ? 0 : -1,
                'aria-label': `${gapTitle(callout.gap, names)}: ${showLength(callout.gap.mm, reader.units)}, ${verdictWord(callout.gap, reader)}`,
              }
            : {}
        "
        @click="emit('selectGap', callout.key)"
        @keydown.enter.prevent="emit('selectGap', callout.key)"
      />
      <g :transform="`translate(${layout.calloutX} ${callout.y})`">
        <DrawingGapMark :shape="markOf(callout.gap)" :grade="callout.gap.grade" :marginal="callout.gap.marginal" />
      </g>
      <template v-if="callout.full">
        <text :x="layout.calloutX + 16" :y="callout.y - 12" font-size="12.5" :fill="SOFT_INK">
          {{ shortened(gapTitle(callout.gap, names), titlePx, 6.1) }}
          <title v-if="isLong(gapTitle(callout.gap, names), titlePx, 6.1)">{{ gapTitle(callout.gap, names) }}</title>
        </text>
        <text :x="layout.calloutX + 16" :y="callout.y + 6" font-size="14.5">
          <tspan font-size="17" font-weight="700">{{ showLength(callout.gap.mm, reader.units) }}{{ ' ' }}</tspan>
          <tspan dx="6" :fill="GRADE_COLOURS[callout.gap.grade]" font-weight="700">
            {{ verdictWord(callout.gap, reader).replace(', marginal', '?') }}
          </tspan>
        </text>
        <text :x="layout.calloutX + 16" :y="callout.y + 22" font-size="12.5" :fill="SOFT_INK">
          {{ madeOf(callout.gap)[0] }}
          <tspan v-if="madeOf(callout.gap)[1]">…</tspan>
        </text>
      </template>
      <text v-else :x="layout.calloutX + 16" :y="narrow ? callout.y - 3 : callout.y + 5" font-size="14">
        <tspan font-weight="700">{{ showLength(callout.gap.mm, reader.units) }}{{ ' ' }}</tspan>
        <tspan
          v-bind="narrow ? { x: layout.calloutX + 16, dy: 15 } : { dx: 6 }"
          :font-size="narrow ? 12 : 13"
          :fill="callout.gap.verdict === 'out-of-reach' ? SOFT_INK : GRADE_COLOURS[callout.gap.grade]"
        >
          {{
            (narrow
              ? verdictWord(callout.gap, reader).replace('out of the bees’ way', 'out of the way')
              : verdictWord(callout.gap, reader)
            ).replace(', marginal', '?')
          }}
        </tspan>
      </text>
    </g>
  </svg>
</template>

<style scoped>
.weight {
  pointer-events: none;
}

.hit,
.press {
  cursor: pointer;
}

.through,
.callout > :not(.press) {
  pointer-events: none;
}

.hit:focus-visible .outline,
.hit:focus-visible,
.press:focus-visible {
  stroke: #27408b;
  stroke-width: 4;
  outline: none;
}
</style>
