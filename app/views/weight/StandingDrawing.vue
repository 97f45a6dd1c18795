<script setup lang="ts">
// The hive as it stands, seen from its narrow side, with feet, strap, centre of mass and the wind, which tips it once it is strong enough.
import type { Layout } from '#core/stack'
import { isRoof, isStand } from '#core/parts'
import type { Standing } from '#core/loads'
import { showLength, showMass, showWind } from '#core/units'
import { GRADE_COLOURS, INDIGO, INK, SEAM, SOFT_INK } from '~/drawing/palette'
import { sectionOf } from '~/drawing/section'

const props = defineProps<{ standing: Standing; layout: Layout }>()
const preferences = usePreferences()
const WIDTH = 560
const HEIGHT = 430
const GROUND = HEIGHT - 46
const MOST_WIND_MS = 45
const STATES = [
  ['asItStands', 'As it stands'],
  ['empty', 'Empty'],
  ['withBrick', 'A brick on top'],
  ['strapped', 'Strapped to its stand'],
] as const
const state = ref<(typeof STATES)[number][0]>('asItStands')
const windMs = ref(10)
const scale = computed(() => Math.min((GROUND - 40) / Math.max(600, props.standing.heightMm), 0.42))
const tipMs = computed(() => props.standing.winds[state.value])
const roofMs = computed(() =>
  state.value === 'strapped'
    ? null
    : state.value === 'withBrick'
      ? props.standing.winds.roofWithBrick
      : props.standing.winds.roof,
)
const tips = computed(() => windMs.value >= tipMs.value)
const roofOff = computed(() => roofMs.value !== null && windMs.value >= roofMs.value)
/** It does not lean before it tips; how far over it is drawn says only that it goes. */
const angleDeg = computed(() => (tips.value ? Math.min(70, 14 + (windMs.value / tipMs.value - 1) * 160) : 0))
const base = computed(() => Math.min(props.standing.baseMm, 700))
const shapesOf = (parts: readonly Layout['parts'][number][]) => parts.flatMap((part) => sectionOf(part, 'across', true))
const roof = computed(() => shapesOf(props.layout.parts.filter(isRoof)))
const rest = computed(() => shapesOf(props.layout.parts.filter((part) => !isRoof(part))))
const onStand = computed(() => props.layout.parts.some(isStand))
const says = computed(() => {
  const wind = showWind(windMs.value, preferences.units)
  if (tips.value) return `At ${wind} it goes over.`
  if (roofOff.value) return said(`At ${wind} the roof goes; the hive stands.`)
  return `At ${wind} it stands.`
})
const limits = computed(() => {
  const tip = Number.isFinite(tipMs.value) ? `It tips at about ${showWind(tipMs.value, preferences.units)}` : ''
  const off = roofMs.value === null ? '' : `the roof goes at about ${showWind(roofMs.value, preferences.units)}`
  return said([tip, off].filter(Boolean).join('; '))
})
const arrow = computed(() => 30 + (windMs.value / MOST_WIND_MS) * 90)
const middleY = computed(
  () => GROUND - ((props.standing.heightMm + (onStand.value ? props.standing.standMm : 0)) / 2) * scale.value,
)
</script>

<template>
  <figure class="tipping">
    <UiModes v-model="state" :of="STATES" name="How it stands" />
    <svg
      :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
      role="img"
      :aria-label="`${says} Centre of mass ${showLength(standing.centreOfMassMm, preferences.units)} above the ground, feet ${showLength(standing.baseMm, preferences.units)} apart.`"
      data-testid="tipping"
      :data-tips="tips"
    >
      <line x1="0" :x2="WIDTH" :y1="GROUND" :y2="GROUND" stroke="#7a6a45" stroke-width="2" />
      <g :transform="`translate(${WIDTH / 2} ${GROUND}) rotate(${angleDeg} ${(base / 2) * scale} 0)`">
        <g :transform="`scale(${scale})`">
          <DrawingShapes :shapes="rest" />
          <g :transform="roofOff ? 'translate(260 120) rotate(24)' : ''"><DrawingShapes :shapes="roof" /></g>
          <path
            v-if="state === 'strapped'"
            :d="`M${-base / 2} -8V${-standing.heightMm - 8}H${base / 2}V-8Z`"
            fill="none"
            :stroke="INDIGO"
            :stroke-width="5 / scale"
            :stroke-dasharray="`${14 / scale} ${8 / scale}`"
          />
          <rect
            v-if="state === 'withBrick' && !roofOff"
            x="-110"
            :y="-standing.heightMm - 70"
            width="220"
            height="66"
            fill="#b5654a"
            :stroke="INK"
            :stroke-width="1.5 / scale"
          />
        </g>
        <g :transform="`translate(0 ${-standing.centreOfMassMm * scale})`" class="centre">
          <circle r="9" fill="#fff" :stroke="INK" stroke-width="2" />
          <path d="M0 -9A9 9 0 0 1 9 0H0ZM0 9A9 9 0 0 1 -9 0H0Z" :fill="INK" />
        </g>
        <circle v-for="side in [-1, 1]" :key="side" :cx="(side * base * scale) / 2" cy="0" r="5" :fill="INDIGO" />
      </g>
      <g class="wind" :stroke="tips ? GRADE_COLOURS.stop : INDIGO" fill="none" stroke-width="5" stroke-linecap="round">
        <path v-for="row in [-1, 0, 1]" :key="row" :d="`M${130 - arrow} ${middleY + row * 34}H130m-14 -9l14 9l-14 9`" />
      </g>
      <text x="12" :y="middleY - 62" :fill="SOFT_INK" font-size="15">wind on its broad side</text>
      <g v-if="!tips" :stroke="SEAM" stroke-width="1.5">
        <path :d="`M${WIDTH / 2 + 12} ${GROUND - standing.centreOfMassMm * scale}H${WIDTH - 212}`" />
      </g>
      <text v-if="!tips" :x="WIDTH - 208" :y="GROUND - standing.centreOfMassMm * scale + 5" :fill="INK" font-size="15">
        centre of mass, {{ showLength(standing.centreOfMassMm, preferences.units) }}
      </text>
      <g font-size="15" :fill="INK" text-anchor="middle">
        <path
          :d="`M${WIDTH / 2 - (base * scale) / 2} ${GROUND + 12}H${WIDTH / 2 + (base * scale) / 2}`"
          :stroke="INDIGO"
          stroke-width="2"
          stroke-dasharray="6 4"
        />
        <text :x="WIDTH / 2" :y="GROUND + 32">
          feet {{ showLength(standing.baseMm, preferences.units) }} apart,
          {{ showMass(standing.kg.middle, preferences.units) }}
        </text>
      </g>
    </svg>
    <figcaption>
      <label class="wind-choice"
        ><span>Wind: {{ showWind(windMs, preferences.units) }}</span>
        <ElSlider
          v-model="windMs"
          :min="0"
          :max="MOST_WIND_MS"
          :step="0.5"
          :show-tooltip="false"
          :format-value-text="(ms: number) => showWind(ms, preferences.units)"
          aria-label="Wind"
          data-testid="wind"
      /></label>
      <p role="status" :class="{ bad: tips || roofOff }">
        <b>{{ says }}</b> {{ limits }}.
      </p>
    </figcaption>
  </figure>
</template>

<style scoped>
.tipping {
  margin: 0;
}

@media (min-width: 1021px) {
  .tipping {
    grid-row: span 2;
    grid-column: span 2;
  }
}

svg {
  display: block;
  width: 100%;
  max-width: 680px;
}

.wind-choice {
  display: grid;
  max-width: 520px;
  padding: 0 var(--space-4);
}
</style>
