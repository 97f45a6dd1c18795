<script setup lang="ts">
// A whole hive with its parts named, in the reader’s words and in those of the other side of the ocean.
import { there } from '#core/units'
import { CATALOGUE, find, STARTS, type Pattern, type Role } from '#core/parts'
import { buildHive, emptyYard } from '#core/yard'
import { laidIn } from '#core/ask'
import { capital } from '#core/words'
import { INDIGO } from '~/drawing/palette'
import { sectionOf } from '~/drawing/section'

const preferences = usePreferences()
const SCALE = 0.3
const LABEL_PX = 34
/** A first hive of the keeper's side of the ocean, with an excluder and a super as in a flow. */
const laid = computed(() => {
  const british = preferences.vocabulary === 'british'
  const format = british ? 'national' : 'langstroth-10'
  const start = STARTS[british ? 'national' : 'langstroth']
  const above: [Pattern | undefined, Role?][] = [
    [find(CATALOGUE, { kind: 'excluder', format })],
    [find(CATALOGUE, { kind: 'box', format, size: 'shallow' }), 'super'],
  ]
  const inBetween = above.flatMap(([pattern, role]): [string, Role?][] => (pattern ? [[pattern.id, role]] : []))
  let n = 0
  const { hive, parts } = buildHive(
    { name: '', stage: 'flow', stack: [...start.slice(0, 3), ...inBetween, ...start.slice(3)] },
    CATALOGUE,
    () => String(n++),
  )
  return laidIn({ ...emptyYard('', ''), hives: [hive], parts }, hive)
})
const shapes = computed(() => laid.value.layout.parts.flatMap((part) => sectionOf(part, 'along')))
const heightPx = computed(() => laid.value.layout.heightMm * SCALE + 24)
/** From the top down, each beside its part and none over another. */
const labels = computed(() => {
  const isBritish = preferences.vocabulary === 'british'
  const own = laid.value.names(preferences.vocabulary)
  const others = laid.value.names(isBritish ? 'northAmerican' : 'british')
  let lowest = -LABEL_PX
  return [...laid.value.layout.parts].reverse().map(({ part, topMm, bottomMm }) => {
    const at = heightPx.value - 8 - ((topMm + bottomMm) / 2) * SCALE
    lowest = Math.max(at, lowest + LABEL_PX)
    const words = [...new Set([there(own.get(part.id)), there(others.get(part.id))])]
    return { id: part.id, at, y: lowest, words: words.map(capital) }
  })
})
const tall = computed(() => Math.max(heightPx.value, (labels.value.at(-1)?.y ?? 0) + 24))
</script>

<template>
  <svg :viewBox="`40 0 600 ${tall}`" role="img" aria-label="A hive with its parts named" data-testid="parts-picture">
    <g :transform="`translate(130 ${heightPx - 8}) scale(${SCALE})`"><DrawingShapes :shapes="shapes" /></g>
    <g v-for="{ id, at, y, words } in labels" :key="id">
      <path
        :d="`M205 ${at} L250 ${y} L266 ${y}`"
        fill="none"
        :stroke="INDIGO"
        stroke-width="1.5"
        stroke-dasharray="5 3"
      />
      <text x="272" :y="y + 5" font-size="14.5">
        <tspan font-weight="700">{{ words[0] }}</tspan>
        <tspan v-if="words[1]" class="other" dx="8">{{ words[1] }}</tspan>
      </text>
    </g>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-width: 600px;
}

text {
  fill: var(--ink);
}

.other {
  fill: var(--soft-ink);
}
</style>
