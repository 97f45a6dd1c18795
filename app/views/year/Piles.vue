<script setup lang="ts">
// A changeover as piles that move: the hive, what is set down beside it, and the van, after each step.
import type { LaidHive } from '#core/ask'
import { pilesAfter, type HiveChangeover } from '#core/year'
import { capital, setDownWord, type StepWords } from '#core/words'
import { INDIGO } from '~/drawing/palette'
import { sectionOf } from '~/drawing/section'

const props = defineProps<{
  from: LaidHive
  to: LaidHive
  changeover: HiveChangeover
  words: readonly StepWords[]
}>()
const HEIGHT = 230
const PILE = 148
const done = defineModel<number>({ required: true })
const steps = computed(() => props.changeover.steps)
const standing = computed(() => props.from.layout.parts.map(({ part }) => part.id))
/** How each part is drawn: as it stands, and what is brought as it will stand. */
const drawn = computed(
  () =>
    new Map(
      [...props.to.layout.parts, ...props.from.layout.parts].map((part) => [
        part.part.id,
        { part, shapes: sectionOf(part, 'along', true), highMm: part.topMm - part.bottomMm },
      ]),
    ),
)
const highest = (ids: readonly string[]) => ids.reduce((sum, id) => sum + (drawn.value.get(id)?.highMm ?? 0), 0)
/** One scale for all steps: the highest pile of any of them fits. */
const scale = computed(() => {
  const all = steps.value.map((_, i) => pilesAfter(standing.value, steps.value, i + 1))
  const most = [standing.value, ...all.flatMap(({ hive, places, van }) => [hive, ...places, van])].map(highest)
  return (HEIGHT - 40) / Math.max(600, ...most)
})
const now = computed(() => pilesAfter(standing.value, steps.value, Math.min(done.value, steps.value.length)))
const piles = computed(() => {
  const { hive, places, van } = now.value
  const named = [
    { word: 'The hive', ids: hive },
    ...places.map((ids, i) => ({ word: capital(said(setDownWord(i + 1))), ids })),
    { word: 'The van', ids: van },
  ]
  return named.map((pile, i) => ({ ...pile, x: PILE / 2 + i * PILE }))
})
const layers = computed(() =>
  piles.value.flatMap(({ ids, x }, pile) => {
    let up = 0
    return ids.flatMap((id, i) => {
      const one = drawn.value.get(id)
      if (!one) return []
      // A roof that is set down lies on its top, and what comes on it lies inside.
      const upturned = pile > 0 && i === 0 && one.part.hangsToMm < one.part.bottomMm
      const standing = upturned
        ? `translate(0 ${-one.part.topMm}) scale(1 -1)`
        : `translate(0 ${one.part.bottomMm - up})`
      const at = { id, x, standing, ...one, fromMm: up }
      up += one.highMm
      return [at]
    })
  }),
)
const width = computed(() => piles.value.length * PILE)
const spoken = computed(() => {
  const { moved } = now.value
  if (!moved) return 'As it stands. Go through the steps: press, or drag the bead.'
  return `${done.value} of ${steps.value.length}: ${props.words[done.value - 1]?.text ?? ''}`
})
</script>

<template>
  <section class="piles" aria-label="The piles, step by step" data-testid="piles">
    <svg :viewBox="`0 0 ${width} ${HEIGHT}`" role="img" :aria-label="spoken">
      <line x1="0" :x2="width" :y1="HEIGHT - 24" :y2="HEIGHT - 24" stroke="#7a6a45" stroke-width="2" />
      <g
        v-for="layer in layers"
        :key="layer.id"
        class="layer"
        :data-layer="layer.id"
        :style="{ transform: `translate(${layer.x}px, ${HEIGHT - 24}px) scale(${scale})` }"
      >
        <g :transform="layer.standing"><DrawingShapes :shapes="layer.shapes" /></g>
        <template v-if="layer.id === now.moved?.partId">
          <rect
            x="-290"
            width="580"
            :y="-layer.fromMm - layer.highMm - 6"
            :height="layer.highMm + 12"
            fill="none"
            :stroke="INDIGO"
            stroke-width="3"
            vector-effect="non-scaling-stroke"
            rx="12"
          />
        </template>
      </g>
      <text v-for="pile in piles" :key="pile.word" :x="pile.x" :y="HEIGHT - 6" text-anchor="middle" font-size="13">
        {{ pile.word }}
      </text>
    </svg>
    <p role="status">
      <b>{{ spoken }}</b>
    </p>
    <div class="beads">
      <ElButton :disabled="done === 0" data-testid="step-back" @click="done = done - 1">Step back</ElButton>
      <ElSlider
        v-model="done"
        :min="0"
        :max="steps.length"
        show-stops
        :show-tooltip="false"
        :format-value-text="() => spoken"
        aria-label="Step of the changeover"
        data-testid="step-slider"
      />
      <ElButton type="primary" :disabled="done === steps.length" data-testid="step-on" @click="done = done + 1">
        Next step
      </ElButton>
    </div>
  </section>
</template>

<style scoped>
.piles {
  padding: var(--space-3) var(--space-4) var(--space-3);
  border: 1px solid var(--seam);
  border-radius: 9px;
  background: var(--sheet);
}

svg {
  display: block;
  width: 100%;
  max-height: 260px;
}

.layer {
  transition: transform 0.25s ease-in-out;
}

@media (prefers-reduced-motion: reduce) {
  .layer {
    transition: none;
  }
}

.beads {
  display: grid;
  grid-template-columns: auto 1fr auto;
  gap: var(--space-5);
  align-items: center;
  margin-top: var(--space-2);
}
</style>
