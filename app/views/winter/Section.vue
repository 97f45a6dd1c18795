<script setup lang="ts">
// One hive cut through in winter: each face by how warm it is inside, what goes through it as an arrow of that width, water where it forms first.
import type { Axis } from '#core/parts'
import { litresOfBees, type HiveIn } from '#core/ask'
import { leavesBy, type FaceState, type Shell, type WinterState } from '#core/heat'
import { faceFigures, faceWord, openingWord, showHumidity, showWatts } from '#core/words'
import { showMass } from '#core/units'
import { winterSection } from '~/drawing/winter-section'
import { airArrows, clusterOn, drops, faceArrows, floorOf, xOf, yOf } from '~/drawing/winter-marks'
import { INK, SOFT_INK } from '~/drawing/palette'
import { warmth } from '~/drawing/warmth'

const props = defineProps<{
  side: { readonly known: HiveIn; readonly winter: { readonly shell: Shell }; readonly state: WinterState }
  humidity: number
  beesKg: number
  axis: Axis
  /** Pixels to a mm, the same for hives beside each other. */
  scale: number
  height: number
}>()
const WIDTH = 470
const preferences = usePreferences()
const state = computed(() => props.side.state)
const shell = computed(() => props.side.winter.shell)
const names = computed(() => props.side.known.names(preferences.vocabulary))
const section = computed(() => winterSection(props.side.known, state.value, shell.value.openings, props.axis))
const ground = computed(() => props.height - 64)
const on = computed(() => ({
  section: section.value,
  widthPx: WIDTH,
  groundPx: ground.value,
  scale: props.scale,
  hiveHeightMm: props.side.known.layout.heightMm,
}))
const x = (mm: number) => xOf(on.value, mm)
const y = (mm: number) => yOf(on.value, mm)
const floorMm = computed(() => floorOf(on.value))
const arrows = computed(() => faceArrows(on.value))
const cluster = computed(() => clusterOn(on.value, litresOfBees(props.side.known, props.beesKg)))
const warmthOf = ({ surfaceCelsius }: FaceState) => {
  const { insideCelsius, outsideCelsius } = state.value
  return warmth((surfaceCelsius - outsideCelsius) / Math.max(1e-9, insideCelsius - outsideCelsius))
}
/** A way for air in a word that fits beside its arrow. */
const SHORT = { door: 'entrance', mesh: 'mesh', vent: 'vent', hole: 'hole' } as const
const air = computed(() =>
  airArrows(
    on.value,
    props.axis,
    leavesBy(shell.value.openings).map((share) => state.value.airWatts * share),
  ).map((one) => ({ ...one, said: `${SHORT[one.what]} ${showWatts(one.watts)}` })),
)
/** The other two walls, which the cut does not show, told together. */
const unseen = computed(() => {
  const shown = new Set(section.value.lines.map((line) => line.state.face.id))
  const others = state.value.faces.filter(({ face }) => face.place === 'wall' && !shown.has(face.id))
  return {
    watts: others.reduce((sum, { watts }) => sum + watts, 0),
    sides: props.axis === 'across' ? 'front and back' : 'left and right',
  }
})
const ways = computed(() => {
  const words = section.value.openings.map(({ what }) => openingWord(what, preferences.reader))
  return [...new Set(words)].join(', ') || 'no opening'
})
const wet = computed(() => drops(on.value, state.value, (face) => face.dripsFrom <= props.humidity))
const spoken = computed(() =>
  [
    ...state.value.faces.map(
      (face) =>
        `${faceWord(face.face, names.value, preferences.reader)}: ${showWatts(face.watts)}, ${faceFigures(face, preferences.reader).join(', ')}, ${face.surfaceCelsius < 0 ? 'frost' : 'drips'} from ${showHumidity(face.dripsFrom)}`,
    ),
    `air: ${showWatts(state.value.airWatts)}`,
  ].join('. '),
)
</script>

<template>
  <svg
    class="winter-section"
    :viewBox="`0 0 ${WIDTH} ${height}`"
    role="img"
    :aria-label="spoken"
    data-testid="winter-section"
  >
    <line
      x1="20"
      :x2="WIDTH - 20"
      :y1="ground"
      :y2="ground"
      stroke="#cbbfa6"
      stroke-width="1.5"
      stroke-dasharray="6 4"
    />
    <g :transform="`translate(${WIDTH / 2} ${ground + floorMm * scale}) scale(${scale})`">
      <DrawingShapes :shapes="section.shapes" />
    </g>
    <circle class="cluster" :cx="WIDTH / 2" :cy="cluster.cy" :r="cluster.r" />
    <circle class="cluster core" :cx="WIDTH / 2" :cy="cluster.cy" :r="cluster.r * 0.62" />
    <text class="bees" :x="WIDTH / 2" :y="cluster.cy + 5">{{ showMass(beesKg, preferences.units) }}</text>
    <g v-for="line in section.lines" :key="line.state.face.id" :data-face="line.state.face.id">
      <line
        :x1="x(line.x1)"
        :x2="x(line.x2)"
        :y1="y(line.y1)"
        :y2="y(line.y2)"
        :stroke="warmthOf(line.state)"
        stroke-width="6"
        stroke-linecap="square"
      />
    </g>
    <g v-for="one in arrows" :key="one.face.face.id">
      <path :d="one.d" fill="#b35c43" stroke="#7c3624" stroke-width="0.8" :data-arrow="one.face.face.id" />
      <text :x="one.tx" :y="one.ty - 2" :text-anchor="one.anchor" class="watts">
        {{ showWatts(one.face.watts) }}
      </text>
      <text :x="one.tx" :y="one.ty + 13" :text-anchor="one.anchor" class="soft">
        {{ faceFigures(one.face, preferences.reader)[0] }}
      </text>
      <text :x="one.tx" :y="one.ty + 28" :text-anchor="one.anchor" class="soft">
        {{ faceFigures(one.face, preferences.reader)[1] }}
      </text>
    </g>
    <g v-for="one in air" :key="`${one.what} air`">
      <path :d="one.d" fill="#8aa7bf" stroke="#49637e" stroke-width="0.8" :data-air="one.what" />
      <text :x="one.tx" :y="one.ty" :text-anchor="one.anchor">{{ one.said }}</text>
    </g>
    <g
      v-for="drop in wet"
      :key="drop.key"
      :transform="`translate(${drop.px} ${drop.py})`"
      class="drop"
      :class="{ coming: !drop.wet }"
    >
      <path v-if="drop.frost" d="M0 -6V6M-5.2 -3L5.2 3M-5.2 3L5.2 -3" />
      <path v-else class="full" d="M0 -6C3 -2 4.5 0 4.5 2.4A4.5 4.5 0 0 1 -4.5 2.4C-4.5 0 -3 -2 0 -6Z" />
    </g>
    <g v-for="one in section.openings.filter(({ what }) => what !== 'mesh')" :key="one.what">
      <circle :cx="x(one.x)" :cy="y(one.y)" r="4.5" fill="#fff" :stroke="INK" stroke-width="1.5" />
    </g>
  </svg>
  <p class="rest">
    {{ unseen.sides }} walls {{ showWatts(unseen.watts)
    }}{{ air.length === 0 ? ` · air by ${ways} ${showWatts(state.airWatts)}` : '' }}
  </p>
</template>

<style scoped>
.winter-section {
  display: block;
  width: 100%;
}

text {
  font-size: var(--type-1);
}

.watts {
  font-weight: 700;
}

.soft {
  fill: v-bind('SOFT_INK');
}

.rest {
  color: var(--soft-ink);
  font-size: var(--type-1);
  text-align: center;
}

.cluster {
  fill: rgb(226 140 84 / 45%);
  stroke: none;
}

.cluster.core {
  fill: rgb(201 97 48 / 60%);
}

.bees {
  fill: #fff;
  font-weight: 700;
  paint-order: stroke;
  stroke: #7c3624;
  stroke-width: 3px;
  text-anchor: middle;
}

.drop path {
  fill: none;
  stroke: #1f5f9e;
  stroke-width: 1.8;
}

.drop .full {
  fill: #2f7fc4;
}

.drop.coming .full {
  fill: #fff;
}
</style>
