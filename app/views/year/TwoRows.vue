<script setup lang="ts">
// Two ways of keeping as two rows of hives at one stage, to one scale; what differs is coloured.
import { useVirtualizer } from '@tanstack/vue-virtual'
import type { Stage, Yard } from '#core/yard'
import { plannedLaidIn, type LaidHive } from '#core/ask'
import type { PlannedHive, PlannedStage } from '#core/year'
import { showLength, there } from '#core/units'
import { GRADE_COLOURS, INDIGO } from '~/drawing/palette'
import { sectionOf } from '~/drawing/section'

const props = defineProps<{
  yard: Yard
  other: Yard
  first: readonly PlannedHive[]
  second: readonly PlannedHive[] | null
  stage: Stage
}>()
const HEIGHT = 150
const WIDTH = 118
const preferences = usePreferences()

/** How many of each pattern one stack has more than the other. */
function more(of: LaidHive, than: LaidHive | null): Map<string, number> {
  const counts = new Map<string, number>()
  for (const { part } of of.layout.parts) counts.set(part.patternId, (counts.get(part.patternId) ?? 0) + 1)
  for (const { part } of than?.layout.parts ?? []) counts.set(part.patternId, (counts.get(part.patternId) ?? 0) - 1)
  return counts
}
/** A stack drawn, with the parts marked that the other has not: the highest of a pattern first. */
function drawn(one: LaidHive, than: LaidHive | null) {
  const left = than ? more(one, than) : new Map<string, number>()
  return {
    one,
    shapes: one.layout.parts.flatMap((part) => sectionOf(part, 'along', true)),
    differs: [...one.layout.parts].reverse().filter(({ part }) => {
      const extra = left.get(part.patternId) ?? 0
      if (extra > 0) left.set(part.patternId, extra - 1)
      return extra > 0
    }),
  }
}
const at = (yard: Yard, plan: PlannedStage | undefined) => (plan ? plannedLaidIn(yard, plan) : null)
const pairs = computed(() => {
  const others = new Map((props.second ?? []).map(({ hiveId, stages }) => [hiveId, stages]))
  return props.first.flatMap(({ hiveId, stages }) => {
    const now = stages.get(props.stage)
    return now ? [{ hiveId, now, then: others.get(hiveId)?.get(props.stage) }] : []
  })
})
const tallest = computed(() =>
  pairs.value.reduce(
    (most, { now, then }) =>
      Math.max(most, there(at(props.yard, now)).layout.heightMm, at(props.other, then)?.layout.heightMm ?? 0),
    800,
  ),
)
const scale = computed(() => (HEIGHT - 12) / tallest.value)
const strip = ref<HTMLElement | null>(null)
const virtualizer = useVirtualizer(
  computed(() => ({
    count: pairs.value.length,
    horizontal: true,
    getScrollElement: () => strip.value,
    estimateSize: () => WIDTH,
    overscan: 3,
  })),
)
const seen = computed(() =>
  virtualizer.value.getVirtualItems().flatMap((item) => {
    const pair = pairs.value[item.index]
    if (!pair) return []
    const [now, then] = [there(at(props.yard, pair.now)), at(props.other, pair.then)]
    return [
      {
        ...pair,
        start: item.start,
        rows: [
          { key: 'now', colour: GRADE_COLOURS.stop, ...drawn(now, then) },
          ...(then ? [{ key: 'then', colour: INDIGO, ...drawn(then, now) }] : []),
        ],
      },
    ]
  }),
)
const spoken = ({ now, rows }: (typeof seen.value)[number]) =>
  `${now.hive.name}: ${rows.map(({ one }) => showLength(one.layout.heightMm, preferences.units)).join(' as now, ')}${rows.length > 1 ? ' what if' : ''}`
</script>

<template>
  <div class="two" data-testid="two-rows">
    <p class="names"><b>As now</b><b>What if</b></p>
    <div ref="strip" class="strip" tabindex="0" role="group" aria-label="Hives as now, and below them what if">
      <div class="line" :style="{ width: `${virtualizer.getTotalSize()}px` }">
        <figure
          v-for="pair in seen"
          :key="pair.hiveId"
          :style="{ left: `${pair.start}px` }"
          :data-pair="pair.now.hive.name"
          :data-differs="pair.rows.reduce((sum, { differs }) => sum + differs.length, 0)"
        >
          <svg
            v-for="row in pair.rows"
            :key="row.key"
            :width="WIDTH - 10"
            :height="HEIGHT"
            role="img"
            :aria-label="row.key === 'now' ? spoken(pair) : 'the same, what if'"
          >
            <g :transform="`translate(${(WIDTH - 10) / 2} ${HEIGHT - 6}) scale(${scale})`">
              <DrawingShapes :shapes="row.shapes" />
              <rect
                v-for="part in row.differs"
                :key="part.part.id"
                x="-270"
                width="540"
                :y="-part.topMm"
                :height="Math.max(24, part.topMm - part.bottomMm)"
                :fill="row.colour"
                fill-opacity="0.22"
                :stroke="row.colour"
                stroke-width="2"
                vector-effect="non-scaling-stroke"
              />
            </g>
          </svg>
          <figcaption>{{ pair.now.hive.name }}</figcaption>
        </figure>
      </div>
    </div>
    <p class="key">
      <span class="goes" aria-hidden="true" /> only as now <span class="comes" aria-hidden="true" /> only in what if
    </p>
  </div>
</template>

<style scoped>
.two {
  position: relative;
}

.names {
  position: absolute;
  left: 0;
  display: grid;
  grid-template-rows: 150px 150px;
  align-items: center;
  width: 70px;
}

.strip {
  margin-left: 76px;
  overflow-x: auto;
  border-bottom: 2px dashed var(--seam);
}

.line {
  position: relative;
  height: 330px;
}

figure {
  position: absolute;
  top: 0;
  display: flex;
  flex-direction: column;
  width: 112px;
  margin: 0;
}

svg {
  border-bottom: 2px solid #7a6a45;
}

figcaption {
  text-align: center;
}

.key {
  display: flex;
  gap: var(--space-3) var(--space-3);
  align-items: center;
  margin: var(--space-3) 0 var(--space-4) 76px;
  color: var(--soft-ink);
}

.goes,
.comes {
  width: 22px;
  height: 14px;
  border: 2px solid var(--stop);
  background: rgb(158 42 47 / 22%);
}

.comes {
  margin-left: var(--space-4);
  border-color: var(--indigo);
  background: rgb(39 64 139 / 22%);
}
</style>
