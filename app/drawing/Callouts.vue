<script setup lang="ts">
// The gaps at the right of a hive: each with its figure and verdict, led to where it is.
import { curveBumpX, line } from 'd3-shape'
import { showLength } from '#core/units'
import { gapTitle, termsInWords, verdictWord, type Reader } from '#core/words'
import type { BenchLayout, Callout } from '~/drawing/bench-layout'
import { markOf } from '~/drawing/marks'
import { GRADE_COLOURS, INDIGO, PAPER, SEAM, SOFT_INK } from '~/drawing/palette'
import { isLong, shortened } from '~/drawing/short-text'

/** How wide a letter of a title is, px; and how many letters a line of a sum has. */
const LETTER_PX = 6.1
const LINE_LETTERS = 36
const props = defineProps<{
  layout: BenchLayout
  names: ReadonlyMap<string, string>
  reader: Reader
  width: number
  selectedGap: string | null
  ghostId: string | null
  narrow: boolean
  interactive: boolean
}>()
const emit = defineEmits<{ select: [key: string] }>()
const stitch = line<[number, number]>().curve(curveBumpX)
const titlePx = computed(() => props.width - props.layout.calloutX - 22)
const leader = ({ edgeX, jointY, y }: Callout) =>
  stitch([
    [edgeX + 4, jointY],
    [props.layout.calloutX - 12, y],
  ]) ?? ''
const boxPx = ({ full }: Callout) => (full ? 54 : props.narrow ? 38 : 24)
const isGhost = ({ gap }: Callout) =>
  props.ghostId !== null && (gap.lowerId === props.ghostId || gap.upperId === props.ghostId)
/** What a gap is made of, as far as it fits on one line. */
function madeOf({ gap }: Callout): string {
  const text = termsInWords(gap.terms, props.reader)
  const cut = text.length > LINE_LETTERS ? text.lastIndexOf(' + ', LINE_LETTERS) : 0
  return cut > 0 ? `${text.slice(0, cut)} …` : text
}
function verdict({ gap }: Callout): string {
  const word = verdictWord(gap, props.reader)
  return (props.narrow ? word.replace('out of the bees’ way', 'out of the way') : word).replace(', marginal', '?')
}
const isOutOfReach = ({ gap }: Callout) => gap.verdict === 'out-of-reach'
const shown = computed(() =>
  props.layout.callouts.map((callout) => {
    const { gap, key } = callout
    const [title, mm] = [gapTitle(gap, props.names), showLength(gap.mm, props.reader.units)]
    const asButton = {
      role: 'button',
      tabindex: key === props.selectedGap ? 0 : -1,
      'aria-label': `${title}: ${mm}, ${verdictWord(gap, props.reader)}`,
    }
    return { callout, gap, key, title, mm, ghost: isGhost(callout), asButton: props.interactive ? asButton : {} }
  }),
)
</script>

<template>
  <g
    v-for="{ callout, gap, key, title, mm, ghost, asButton } in shown"
    :key="key"
    class="callout"
    :data-gap="key"
    :data-mm="gap.mm"
    :data-grade="gap.grade"
    :data-ghost-gap="ghost || undefined"
  >
    <path
      :d="leader(callout)"
      fill="none"
      :stroke="ghost ? INDIGO : isOutOfReach(callout) ? SEAM : GRADE_COLOURS[gap.grade]"
      stroke-width="1.8"
      stroke-dasharray="6 4"
    />
    <rect
      :x="layout.calloutX - 12"
      :y="callout.y - boxPx(callout) / 2"
      :width="width - layout.calloutX + 10"
      :height="boxPx(callout)"
      rx="6"
      :fill="key === selectedGap ? '#e3e8f5' : ghost ? '#eef1fa' : PAPER"
      fill-opacity="0.92"
      class="press"
      v-bind="asButton"
      @click="emit('select', key)"
      @keydown.enter.prevent="emit('select', key)"
    />
    <g :transform="`translate(${layout.calloutX} ${callout.y})`">
      <DrawingGapMark :shape="markOf(gap)" :grade="gap.grade" :marginal="gap.marginal" />
    </g>
    <template v-if="callout.full">
      <text :x="layout.calloutX + 16" :y="callout.y - 12" font-size="12.5" :fill="SOFT_INK">
        {{ shortened(title, titlePx, LETTER_PX) }}
        <title v-if="isLong(title, titlePx, LETTER_PX)">{{ title }}</title>
      </text>
      <text :x="layout.calloutX + 16" :y="callout.y + 6" font-size="14.5">
        <tspan font-size="17" font-weight="700">{{ mm }}{{ ' ' }}</tspan>
        <tspan dx="6" :fill="GRADE_COLOURS[gap.grade]" font-weight="700">{{ verdict(callout) }}</tspan>
      </text>
      <text :x="layout.calloutX + 16" :y="callout.y + 22" font-size="12.5" :fill="SOFT_INK">{{ madeOf(callout) }}</text>
    </template>
    <text v-else :x="layout.calloutX + 16" :y="narrow ? callout.y - 3 : callout.y + 5" font-size="14">
      <tspan font-weight="700">{{ mm }}{{ ' ' }}</tspan>
      <tspan
        v-bind="narrow ? { x: layout.calloutX + 16, dy: 15 } : { dx: 6 }"
        :font-size="narrow ? 12 : 13"
        :fill="isOutOfReach(callout) ? SOFT_INK : GRADE_COLOURS[gap.grade]"
      >
        {{ verdict(callout) }}
      </tspan>
    </text>
  </g>
</template>

<style scoped>
.callout > :not(.press) {
  pointer-events: none;
}
</style>
