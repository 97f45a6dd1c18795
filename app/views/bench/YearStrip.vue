<script setup lang="ts">
// The year under the hive: every stage as a small stack to one scale. Press one, or slide along, to see it as it is planned.
import { there } from '#core/units'
import { STAGES, type Stage } from '#core/yard'
import { ANY_TIME, USUAL_YEAR, periodsFromSpring, stageOn, stagesOfYear, yearOf } from '#core/year'
import { capital } from '#core/words'
import { hiveIn, plannedHiveIn } from '#core/ask'
import { sectionOf } from '~/drawing/section'

const emit = defineEmits<{ standsAs: [stage: Stage] }>()
const WIDTH = 30
const HEIGHT = 38
const bench = useBench()
const preferences = usePreferences()
const year = computed(() => (bench.standingYard ? yearOf(bench.standingYard) : USUAL_YEAR))
const due = computed(() => stageOn(localToday(), year.value))
/** From the late-winter check on, as a keeper counts a year. */
const order = computed<Stage[]>(() => [
  ...new Set(periodsFromSpring(year.value).map(({ stage }) => stage)),
  ...ANY_TIME,
])
const stacks = computed(() => {
  if (!bench.plan || !bench.standingYard || !bench.standing) return []
  const laid = [
    { stage: null, hand: false, layout: hiveIn(bench.standingYard, bench.standing).layout },
    ...order.value.flatMap((stage) => {
      const one = there(bench.plan).stages.get(stage)
      return one ? [{ stage, hand: one.byHand, layout: plannedHiveIn(there(bench.standingYard), one).layout }] : []
    }),
  ]
  const scale = Math.min((HEIGHT - 4) / Math.max(600, ...laid.map(({ layout }) => layout.heightMm)), WIDTH / 560)
  return laid.map(({ stage, hand, layout }) => ({
    stage,
    hand,
    scale,
    shapes: layout.parts.flatMap((part) => sectionOf(part, 'along', true)),
    from: stagesOfYear(year.value).find((period) => period.stage === stage)?.from,
  }))
})
const chosen = computed(() => bench.planStage)
function slide(event: PointerEvent, stage: Stage | null) {
  if (event.buttons === 1 && event.pointerType !== 'touch') bench.lookAt(stage)
}
function step(by: 1 | -1) {
  const all = stacks.value.map(({ stage }) => stage)
  const next = all[Math.min(Math.max(all.indexOf(chosen.value) + by, 0), all.length - 1)]
  if (next !== undefined) bench.lookAt(next)
}
</script>

<template>
  <div
    class="strip"
    role="group"
    aria-label="This hive through the year"
    @keydown.left.stop.prevent="step(-1)"
    @keydown.right.stop.prevent="step(1)"
  >
    <label class="now"
      >Stands as
      <ElSelect
        :model-value="bench.standing?.stage"
        data-testid="stands-as"
        @change="emit('standsAs', picked(STAGES, $event))"
      >
        <ElOption v-for="one in STAGES" :key="one" :value="one" :label="stageSaid(one)" />
      </ElSelect>
    </label>
    <ElButton
      v-for="{ stage, hand, scale, shapes, from } in stacks"
      :key="stage ?? 'now'"
      class="bare stage"
      :class="{ due: stage === due }"
      :aria-pressed="stage === chosen"
      :data-stage="stage ?? 'now'"
      @click="bench.lookAt(stage)"
      @pointerenter="slide($event, stage)"
    >
      <svg :width="WIDTH" :height="HEIGHT" aria-hidden="true">
        <g :transform="`translate(${WIDTH / 2} ${HEIGHT - 1}) scale(${scale})`"><DrawingShapes :shapes="shapes" /></g>
      </svg>
      <span class="words"
        ><b>{{ stage ? capital(stageSaid(stage)) : 'As it stands' }}</b
        ><small
          >{{ stage === null ? 'now' : stage === due ? 'due now' : from ? `from ${preferences.day(from)}` : 'any time'
          }}{{ hand ? ', by hand' : '' }}</small
        ></span
      >
    </ElButton>
  </div>
</template>

<style scoped>
.strip {
  display: flex;
  gap: var(--space-2);
  align-items: stretch;
  padding: var(--space-3) var(--space-4);
  overflow-x: auto;
  border-top: 2px dashed var(--seam);
  background: var(--paper);
}

.now {
  display: flex;
  flex: none;
  flex-direction: column;
  justify-content: center;
  width: 156px;
  color: var(--soft-ink);
  font-size: var(--type-1);
}

.stage {
  display: flex;
  flex: 1 1 92px;
  flex-direction: column;
  gap: var(--space-2);
  min-width: 94px;
  align-items: center;
  min-height: 56px;
  padding: var(--space-1) var(--space-2) var(--space-2);
  border: 1px solid var(--seam);
  border-radius: 7px;
  background: var(--linen);
  color: var(--ink);
  text-align: center;
  cursor: pointer;
  touch-action: pan-x;
}

.stage.due {
  border-bottom: 3px dashed var(--indigo);
}

.stage[aria-pressed='true'] {
  border: 2px solid var(--indigo);
  background: var(--indigo-wash);
}

svg {
  flex: none;
}

.words {
  display: flex;
  flex-direction: column;
  line-height: 1.15;
}

b {
  font-size: var(--type-1);
}

small {
  color: var(--soft-ink);
  font-size: var(--type-1);
}
</style>
