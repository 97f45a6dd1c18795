<script setup lang="ts">
// The hive to scale beside the keeper's own heights; every box with its way from where it is taken to where it is put down.
import { useElementSize } from '@vueuse/core'
import { curveBumpX, line } from 'd3-shape'
import type { Layout } from '#core/stack'
import { bodyHeights, type Lift, type LiftProfile } from '#core/loads'
import { showLength, showMass, there } from '#core/units'
import { capital, counted } from '#core/words'
import { GRADE_COLOURS, INDIGO, PAPER, SOFT_INK } from '~/drawing/palette'
import { sectionOf } from '~/drawing/section'

const props = defineProps<{
  layout: Layout
  lifts: readonly Lift[]
  profile: LiftProfile
  names: ReadonlyMap<string, string>
  chosen: string | null
}>()
const emit = defineEmits<{ choose: [partId: string] }>()
const preferences = usePreferences()
const holder = ref<HTMLElement | null>(null)
const { width, height } = useElementSize(holder)

const body = computed(() => bodyHeights(props.profile))
const topMm = computed(
  () => Math.max(props.layout.heightMm, body.value.shoulderMm, ...props.lifts.map(({ to }) => to.handMm)) + 120,
)
const scale = computed(() =>
  Math.max(0.05, Math.min(((height.value || 560) - 40) / topMm.value, (width.value || 600) / 1500)),
)
const ground = computed(() => (height.value || 560) - 22)
const y = (mm: number) => ground.value - mm * scale.value
const narrow = computed(() => (width.value || 600) < 560)
const hiveX = computed(() => (narrow.value ? 68 : 90 + 300 * scale.value))
const pileX = computed(() =>
  narrow.value
    ? (width.value || 600) -
      400 * scale.value -
      (props.profile.putDown === 'second-stand' ? props.lifts.length * 26 : 0)
    : hiveX.value + Math.max(300, 620 * scale.value),
)
const shapes = computed(() => props.layout.parts.flatMap((part) => sectionOf(part, 'across', true)))
const HEIGHTS = ['shoulderMm', 'elbowMm', 'knuckleMm'] as const
const WORDS = { shoulderMm: 'shoulder', elbowMm: 'elbow', knuckleMm: 'knuckle' } as const
const stitch = line<[number, number]>().curve(curveBumpX)
/** What is put down, one on the other or side by side. */
const pile = computed(() =>
  props.lifts.map((lift, i) => {
    const part = there(props.layout.parts.find(({ part: one }) => one.id === lift.partId))
    const depthMm = part.topMm - part.bottomMm
    const bottomMm = lift.to.handMm + 65 - depthMm
    const x = pileX.value + (props.profile.putDown === 'second-stand' ? i * 26 : 0)
    const kg = showMass(lift.kg.middle, preferences.units)
    return {
      lift,
      i,
      what: lift.pieces > 1 ? `${lift.pieces} × ${showMass(lift.pieceKg, preferences.units)}` : kg,
      x,
      y: y(bottomMm + depthMm),
      width: 380 * scale.value,
      height: depthMm * scale.value,
      path:
        stitch([
          [hiveX.value + 230 * scale.value, y(lift.from.handMm)],
          [x, y(lift.to.handMm)],
        ]) ?? '',
      colour: GRADE_COLOURS[lift.grade === 'mend' ? 'mend' : lift.grade],
    }
  }),
)
</script>

<template>
  <div ref="holder" class="lifting">
    <svg
      :width="width || 600"
      :height="height || 560"
      role="group"
      :aria-label="`${counted(lifts.length, 'box', 'boxes')}, from where each is taken to where it is put down`"
    >
      <DrawingHatchesOnce />
      <g v-for="name in HEIGHTS" :key="name">
        <line
          x1="6"
          :x2="(width || 600) - 6"
          :y1="y(body[name])"
          :y2="y(body[name])"
          stroke="#b7ab91"
          stroke-dasharray="2 6"
        />
        <text
          :x="narrow ? (width || 600) / 2 + 20 : 8"
          :y="y(body[name]) - 4"
          :text-anchor="narrow ? 'middle' : 'start'"
          font-size="13"
          :fill="SOFT_INK"
        >
          {{ capital(WORDS[name]) }} {{ showLength(body[name], preferences.units) }}
        </text>
      </g>
      <line x1="4" :x2="(width || 600) - 4" :y1="ground" :y2="ground" stroke="#7a6a45" stroke-width="2" />
      <g :transform="`translate(${hiveX} ${ground}) scale(${scale})`"><DrawingShapes :shapes="shapes" /></g>
      <rect
        v-if="profile.putDown === 'second-stand' || lifts.length > 0"
        :x="pileX - 6"
        :y="y(profile.putDownMm)"
        :width="380 * scale + 12 + (profile.putDown === 'second-stand' ? lifts.length * 26 : 0)"
        :height="profile.putDownMm * scale"
        fill="#ead9b6"
        stroke="#7d6233"
      />
      <g v-for="one in pile" :key="one.lift.partId">
        <rect
          :x="one.x"
          :y="one.y"
          :width="one.width"
          :height="one.height"
          :fill="PAPER"
          :stroke="one.lift.partId === chosen ? INDIGO : one.colour"
          :stroke-width="one.lift.partId === chosen ? 3 : 1.5"
        />
        <line
          v-for="n in one.lift.pieces > 1 ? one.lift.pieces : 0"
          :key="n"
          :x1="one.x + (one.width * (n - 0.5)) / one.lift.pieces"
          :x2="one.x + (one.width * (n - 0.5)) / one.lift.pieces"
          :y1="one.y + 3"
          :y2="one.y + one.height - 3"
          stroke="#b08b4f"
          stroke-width="2"
        />
        <path
          :d="one.path"
          fill="none"
          :stroke="one.lift.partId === chosen ? INDIGO : one.colour"
          :stroke-width="one.lift.partId === chosen ? 4 : 2.5"
          stroke-dasharray="8 5"
        />
        <g
          class="press"
          role="button"
          tabindex="0"
          :data-lift="one.lift.partId"
          :aria-pressed="one.lift.partId === chosen"
          :aria-label="`${one.i + 1} · ${one.what}, ${names.get(one.lift.partId) ?? ''}`"
          @click="emit('choose', one.lift.partId)"
          @keydown.enter.prevent="emit('choose', one.lift.partId)"
        >
          <rect
            :x="hiveX - (one.lift.pieces > 1 ? 76 : 62)"
            :y="y(one.lift.from.handMm) - 13"
            :width="one.lift.pieces > 1 ? 152 : 124"
            height="26"
            rx="13"
            fill="#fff"
            :stroke="one.lift.partId === chosen ? INDIGO : one.colour"
            stroke-width="2"
          />
          <text :x="hiveX" :y="y(one.lift.from.handMm) + 5" text-anchor="middle" font-weight="700" font-size="14">
            {{ one.i + 1 }} · {{ one.what }}
          </text>
        </g>
      </g>
    </svg>
  </div>
</template>

<style scoped>
.lifting {
  min-height: 300px;
  overflow: hidden;
}

svg {
  display: block;
}
</style>
