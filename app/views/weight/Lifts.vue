<script setup lang="ts">
// What is lifted off a hive, in its order: the verdict first, the drawing, and each lift with what decides it.
import { fullFrameKg, type Lift } from '#core/loads'
import { showLength, showMass } from '#core/units'
import { capital, counted, liftVerdict } from '#core/words'
import { isBare, type Hive, type Yard } from '#core/yard'
import { useWeighedHive } from './weighedHive'

const props = defineProps<{ yard: Yard; hive: Hive }>()
const weighing = useWeighing()
const preferences = usePreferences()
const weighed = useWeighedHive(props)
const chosen = ref<string | null>(null)
watch(
  () => props.hive,
  () => {
    chosen.value = null
  },
)
const lifts = computed(() => weighed.lifts)
/** The one lift that every box asks for. */
const frameKg = computed(() =>
  Math.max(0, ...weighed.known.assembled.stack.map(({ resolved }) => fullFrameKg(resolved))),
)
const shown = computed(() => lifts.value.lifts.find(({ partId }) => partId === chosen.value) ?? lifts.value.worst)
const nameOf = (partId: string) => weighed.names.get(partId) ?? ''
const verdict = (lift: Lift) => liftVerdict(lift, weighing.own.school, preferences.reader)
const LIFTS = columnsFor<Lift>(
  { key: 'part', label: 'Off, in this order', width: 120 },
  { key: 'verdict', label: 'For you', width: 190 },
)
</script>

<template>
  <div class="columns">
    <section class="middle drawing-column" aria-label="Drawing">
      <p class="lead" data-testid="lift-summary">
        <b v-if="lifts.worst" class="first" data-testid="verdict"
          ><ShellSeverityMark :grade="lifts.worst.grade" /> {{ capital(nameOf(lifts.worst.partId)) }} is
          {{ verdict(lifts.worst) }}.</b
        >
        <template v-if="lifts.heaviest && lifts.highest"
          >Heaviest <b>{{ showMass(lifts.heaviest.kg.middle, preferences.units) }}</b> ({{
            nameOf(lifts.heaviest.partId)
          }}); highest hand-hold <b>{{ showLength(lifts.highest.from.handMm, preferences.units) }}</b>; full inspection:
          <b>{{ counted(lifts.inspectionLifts, 'lift') }}</b>,
          {{ showMass(lifts.movedKg.middle, preferences.units) }} moved. A frame full of honey:
          {{ showMass(frameKg, preferences.units) }}.</template
        >
        <template v-else-if="isBare(yard, hive)">No box stands here: nothing is lifted.</template>
        <template v-else>One box only: nothing is lifted off it.</template>
      </p>
      <ShellInTurn
        ><WeightDrawing
          class="grow"
          :layout="weighed.known.layout"
          :lifts="lifts.lifts"
          :profile="weighing.own"
          :names="weighed.names"
          :chosen="shown?.partId ?? null"
          @choose="chosen = $event"
      /></ShellInTurn>
    </section>
    <aside class="right side-column">
      <UiTable
        v-if="lifts.lifts.length > 0"
        class="list"
        :rows="lifts.lifts"
        :columns="LIFTS"
        :key-of="({ partId }) => partId"
        :marked="({ partId }) => partId === shown?.partId"
      >
        <template #part="{ row, index: i }"
          ><ElButton text @click="chosen = row.partId">
            {{ i + 1 }} · {{ capital(nameOf(row.partId)) }}
          </ElButton></template
        >
        <template #verdict="{ row }"
          ><span class="verdict"
            ><ShellSeverityMark :grade="row.grade" /><span>{{ capital(verdict(row)) }}</span></span
          ></template
        >
      </UiTable>
      <ShellInTurn
        ><WeightFactors v-if="shown" :lift="shown" :name="nameOf(shown.partId)" :profile="weighing.own"
      /></ShellInTurn>
      <ShellInTurn><WeightProfile /></ShellInTurn>
      <ShellInTurn><WeightWeighingChoices /></ShellInTurn>
      <p class="caution">
        General guidance for two-handed, unhurried lifts on firm ground; not medical or workplace advice. With a back,
        heart or joint complaint, or when pregnant, ask a professional. Local workplace rules come first. Never lift
        alone what is marked for two.
      </p>
    </aside>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  flex: 1;
  min-height: 0;
  grid-template-columns: minmax(0, 1fr) 430px;
  border-top: 2px dashed var(--seam);
}

.grow {
  flex: 1;
}

.right > * {
  flex: none;
}

.lead {
  padding: var(--space-3) var(--space-5) 0;
}

.list .el-button {
  min-height: 34px;
  padding: 0 var(--space-3);
}

.first {
  display: flex;
  gap: var(--space-3);
  align-items: center;
  font-size: var(--type-4);
}

.verdict {
  display: inline-flex;
  gap: var(--space-3);
  align-items: center;
}

.caution {
  color: var(--soft-ink);
  font-size: var(--type-2);
}

@media (max-width: 1020px) {
  .columns {
    display: flex;
    flex-direction: column;
  }

  .grow {
    flex: none;
    height: 420px;
  }

  .right {
    border: 0;
  }
}
</style>
