<script setup lang="ts">
// One hive cut through in winter: each face by how warm it is inside, what goes through it as an arrow of that width, water where it forms first.
import type { Axis } from '#core/parts'
import type { HiveIn } from '#core/ask'
import { leavesBy, type FaceState, type Shell, type WinterState } from '#core/heat'
import { faceFigures, faceWord, openingWord, showHumidity, showWatts } from '#core/words'
import { showMass } from '#core/units'
import { winterSection } from '~/drawing/winter-section'
import { INK, SOFT_INK } from '~/drawing/palette'
import { warmth } from '~/drawing/warmth'

const props = defineProps<{
  known: HiveIn
  shell: Shell
  state: WinterState
  humidity: number
  beesKg: number
  /** Room that the bees take, litres. */
  clusterLitres: number
  axis: Axis
  /** Pixels to a mm, the same for hives beside each other. */
  scale: number
  height: number
}>()
const WIDTH = 470
const preferences = usePreferences()
const names = computed(() => props.known.names(preferences.vocabulary))
const section = computed(() => winterSection(props.known, props.state, props.shell.openings, props.axis))
const ground = computed(() => props.height - 64)
const x = (mm: number) => WIDTH / 2 + mm * props.scale
const y = (mm: number) => ground.value + (mm + floorMm.value) * props.scale
/** The lowest point of what is drawn stands on the line. */
const floorMm = computed(() => props.known.layout.heightMm - section.value.heightMm)
/** Pixels of an arrow's width to a watt. */
const PX_PER_WATT = 4.5
const wideOf = (watts: number) => Math.max(2, Math.min(46, watts * PX_PER_WATT))
const warmthOf = (face: FaceState) => {
  const { insideCelsius, outsideCelsius } = props.state
  const share = (face.surfaceCelsius - outsideCelsius) / Math.max(1e-9, insideCelsius - outsideCelsius)
  return warmth(share)
}
const arrows = computed(() =>
  section.value.lines.flatMap((line) => {
    const { face, watts } = line.state
    const wide = wideOf(watts)
    if (face.place === 'wall') {
      const left = line.x1 < 0
      const from = x((left ? -1 : 1) * section.value.halfWidthMm) + (left ? -4 : 4)
      const at = y((line.y1 + line.y2) / 2)
      return [
        {
          line,
          d: arrow(from, at, left ? -1 : 1, 0, wide),
          tx: from + (left ? -34 : 34),
          ty: at,
          anchor: left ? 'end' : 'start',
        } as const,
      ]
    }
    const up = face.place === 'top'
    const at = up ? y(-props.known.layout.heightMm) - 4 : y(-floorMm.value) + 4
    return [
      {
        line,
        d: arrow(WIDTH / 2, at, 0, up ? -1 : 1, wide),
        tx: WIDTH / 2 + wide / 2 + 10,
        ty: at + (up ? -28 : 22),
        anchor: 'start',
      } as const,
    ]
  }),
)
/** A way for air in a word that fits beside its arrow. */
const SHORT = { door: 'entrance', mesh: 'mesh', vent: 'vent', hole: 'hole' } as const
/** Less than this is not drawn. */
const LEAST_DRAWN = 0.05
/** Air takes warmth along where it leaves: an arrow beside those of the faces. */
const airArrows = computed(() => {
  const shares = leavesBy(props.shell.openings)
  return section.value.openings.flatMap((one, i) => {
    const watts = props.state.airWatts * shares[i]!
    if (watts < LEAST_DRAWN) return []
    const wide = wideOf(watts)
    const said = `${SHORT[one.what]} ${showWatts(watts)}`
    const low = one.what === 'door' || one.what === 'mesh'
    if (props.axis === 'along' && one.what === 'door') {
      const from = x(-section.value.halfWidthMm) - 4
      const at = y(one.y) + 26
      return [
        {
          what: one.what,
          said,
          d: arrow(from, at, -1, 0, wide),
          tx: from,
          ty: at + wide / 2 + 18,
          anchor: 'end',
        } as const,
      ]
    }
    const fromX = WIDTH / 2 - 90
    const at = low ? y(-floorMm.value) + 4 : y(-props.known.layout.heightMm) - 4
    const d = arrow(fromX, at, 0, low ? 1 : -1, wide)
    return [{ what: one.what, said, d, tx: fromX - wide / 2 - 8, ty: at + (low ? 22 : -14), anchor: 'end' } as const]
  })
})
function arrow(fromX: number, fromY: number, dx: number, dy: number, wide: number) {
  const [body, head] = [16, 12]
  const [tipX, tipY] = [fromX + dx * (body + head), fromY + dy * (body + head)]
  const [midX, midY] = [fromX + dx * body, fromY + dy * body]
  const h = wide / 2
  const w = h + 4
  return dx === 0
    ? `M${fromX - h} ${fromY}V${midY}H${fromX - w}L${tipX} ${tipY}L${fromX + w} ${midY}H${fromX + h}V${fromY}Z`
    : `M${fromX} ${fromY - h}H${midX}V${fromY - w}L${tipX} ${tipY}L${midX} ${fromY + w}V${fromY + h}H${fromX}Z`
}
/** The other two walls, which the cut does not show, told together. */
const unseen = computed(() => {
  const shown = new Set(section.value.lines.map(({ state: { face } }) => face.id))
  const others = props.state.faces.filter(({ face }) => face.place === 'wall' && !shown.has(face.id))
  return {
    watts: others.reduce((sum, { watts }) => sum + watts, 0),
    sides: props.axis === 'across' ? 'front and back' : 'left and right',
  }
})
const wetNow = (face: FaceState) => face.dripsFrom <= props.humidity
const frost = (face: FaceState) => face.surfaceCelsius < 0
const ways = computed(() => {
  const words = section.value.openings.map(({ what }) => openingWord(what, preferences.reader))
  return [...new Set(words)].join(', ') || 'no opening'
})
/** Drops along a face: where it is wet now all along it, where it will be first a single one. */
const drops = computed(() =>
  section.value.lines.flatMap((line) => {
    const first = props.state.wetFirst?.face.id === line.state.face.id
    const wet = wetNow(line.state)
    if (!first && !wet) return []
    const along = line.state.face.place === 'wall'
    const count = wet ? 5 : 1
    return Array.from({ length: count }, (_, i) => {
      const share = (i + 0.5) / count
      const inward = line.x1 < 0 ? 8 : -8
      return {
        key: `${line.state.face.id}${i}`,
        px: along ? x(line.x1) + inward : x(line.x1 + (line.x2 - line.x1) * share),
        py: along ? y(line.y1 + (line.y2 - line.y1) * share) : y(line.y1) + (line.state.face.place === 'top' ? 9 : -12),
        frost: frost(line.state),
        wet,
      }
    })
  }),
)
const cluster = computed(() => {
  const radiusMm = Math.cbrt((props.clusterLitres * 1e6 * 3) / (4 * Math.PI))
  const { top, bottom, x1, x2 } = section.value.room
  const r = Math.min(radiusMm, (x2 - x1) / 2, (bottom - top) / 2)
  return {
    r: r * props.scale,
    cy: y(bottom + (top - bottom) * Math.min(0.5, Math.max(0.42, r / Math.max(1, bottom - top)))),
  }
})
const spoken = computed(() =>
  [
    ...props.state.faces.map(
      (face) =>
        `${faceWord(face.face, names.value, preferences.reader)}: ${showWatts(face.watts)}, ${faceFigures(face, preferences.reader).join(', ')}, ${frost(face) ? 'frost' : 'drips'} from ${showHumidity(face.dripsFrom)}`,
    ),
    `air: ${showWatts(props.state.airWatts)}`,
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
    <g v-for="one in arrows" :key="one.line.state.face.id">
      <path :d="one.d" fill="#b35c43" stroke="#7c3624" stroke-width="0.8" :data-arrow="one.line.state.face.id" />
      <text :x="one.tx" :y="one.ty - 2" :text-anchor="one.anchor" class="watts">
        {{ showWatts(one.line.state.watts) }}
      </text>
      <text :x="one.tx" :y="one.ty + 13" :text-anchor="one.anchor" class="soft">
        {{ faceFigures(one.line.state, preferences.reader)[0] }}
      </text>
      <text :x="one.tx" :y="one.ty + 28" :text-anchor="one.anchor" class="soft">
        {{ faceFigures(one.line.state, preferences.reader)[1] }}
      </text>
    </g>
    <g v-for="one in airArrows" :key="`${one.what} air`">
      <path :d="one.d" fill="#8aa7bf" stroke="#49637e" stroke-width="0.8" :data-air="one.what" />
      <text :x="one.tx" :y="one.ty" :text-anchor="one.anchor">{{ one.said }}</text>
    </g>
    <g
      v-for="drop in drops"
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
    }}{{ airArrows.length === 0 ? ` · air by ${ways} ${showWatts(state.airWatts)}` : '' }}
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
