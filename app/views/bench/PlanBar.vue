<script setup lang="ts">
// Says that a plan is looked at and not the hive itself; a plan by hand is settled here when the writing has changed.
import { partIdsOf } from '#core/yard'
import type { PlannedStage } from '#core/year'
import { showMass, there } from '#core/units'
import { capital, counted, patternName, severityWord } from '#core/words'
import { plannedHiveIn } from '#core/ask'

const bench = useBench()
const preferences = usePreferences()
const weighing = useWeighing()
const comparing = ref(false)
const planned = computed(() => there(bench.planned))
const stage = computed(() => stageSaid(planned.value.stage))
const lacks = computed(() =>
  planned.value.lacks.map((patternId) => patternName(patternId, bench.catalogue, preferences.vocabulary)).join(', '),
)
const versions = computed(() => {
  const { conflict } = planned.value
  if (!conflict) return []
  const [mine, written] = [drawn(planned.value), drawn(conflict)]
  const only = (one: typeof mine, other: typeof mine) =>
    [...one.names]
      .filter(([id]) => !other.names.has(id))
      .map(([, name]) => name)
      .join(', ')
  return [
    { key: 'mine' as const, title: 'Your plan', button: 'Keep mine', only: only(mine, written), ...mine },
    {
      key: 'written' as const,
      title: 'As it would be written now',
      button: 'Take the new one',
      only: only(written, mine),
      ...written,
    },
  ]
})
/** What comes on and goes off against the hive as it stands, by kind. */
const changes = computed(() => {
  const now = new Set(partIdsOf(there(bench.standing)))
  const then = new Set(partIdsOf(planned.value.hive))
  const said = (ids: readonly string[]) => {
    const names = ids.flatMap((id) =>
      patternName(
        there(bench.yard).parts.find((part) => part.id === id)?.patternId ?? '',
        bench.catalogue,
        preferences.vocabulary,
      ),
    )
    return [...new Set(names)]
      .map((name) => {
        const count = names.filter((one) => one === name).length
        return count > 1 ? `${count} × ${name}` : name
      })
      .join(', ')
  }
  return { on: said([...then].filter((id) => !now.has(id))), off: said([...now].filter((id) => !then.has(id))) }
})
const figures = computed(() => {
  if (!bench.assessment) return ''
  const known = plannedHiveIn(there(bench.standingYard), planned.value)
  const mass = known.mass(weighing.weighingAt(planned.value.stage, true))
  const { heaviest, inspectionLifts } = known.lifts(weighing.own, weighing.liftedAt(planned.value.stage, true))
  return `${showMass(mass.kg.middle, preferences.units)}${heaviest ? `, heaviest lift ${showMass(heaviest.kg.middle, preferences.units)}, ${counted(inspectionLifts, 'lift')} for a full look` : ''}`
})
function drawn(one: PlannedStage) {
  const yard = there(bench.standingYard)
  const known = plannedHiveIn(yard, one)
  return { assessment: known.assessment, names: known.names(preferences.vocabulary) }
}
function settle(keep: 'mine' | 'written') {
  bench.settlePlan(keep)
  comparing.value = false
}
</script>

<template>
  <div class="bar" role="status" data-testid="plan-bar">
    <p>
      <b>{{ capital(stage) }}, as it is planned</b>
      <span v-if="!planned.byHand"
        >Written from what stands there. Change it here and it is your own plan; the hive itself stays as it is.</span
      >
      <span v-else-if="planned.conflict">Your plan; what would be written has changed since.</span
      ><span v-else>Your plan, made by hand.</span> <br /><span class="figures"
        >{{ figures }}.<template v-if="changes.on"> On: {{ changes.on }}.</template
        ><template v-if="changes.off"> Off: {{ changes.off }}.</template></span
      >
      <span v-if="lacks" class="lacks"> The yard no longer has: {{ lacks }}.</span>
    </p>
    <span class="ways">
      <ElButton v-if="planned.conflict" type="primary" data-testid="see-both" @click="comparing = true">
        See both
      </ElButton>
      <ElButton v-else-if="planned.byHand" data-testid="write-again" @click="settle('written')">
        Write it again
      </ElButton>
      <NuxtLink
        class="plain-button"
        :to="{
          path: yardPath(there(bench.standingYard).id, 'year'),
          query: { stage: planned.stage, hive: planned.hive.id },
        }"
        >What changes</NuxtLink
      >
      <ElButton data-testid="back-to-now" @click="bench.lookAt(null)"> Back to now </ElButton>
    </span>
    <UiSheet
      v-if="comparing"
      :title="`${planned.hive.name} in ${stage}: two plans`"
      width="min(1080px, 96vw)"
      top="4vh"
      @close="comparing = false"
    >
      <p>Nothing was overwritten. Look at both and choose; undo brings the other back.</p>
      <div class="versions">
        <section v-for="version in versions" :key="version.key" :data-plan="version.key">
          <h3>{{ version.title }}</h3>
          <DrawingHiveSection
            :picture="{
              assessment: version.assessment,
              names: version.names,
              reader: preferences.reader,
              axis: 'along',
            }"
            :size="{ width: 490, height: 430, narrow: true }"
          />
          <p v-if="version.only">
            Only here: <b>{{ version.only }}</b>
          </p>
          <p>
            Worst finding: <b>{{ severityWord(version.assessment.worst) }}</b>
          </p>
          <ElButton type="primary" :data-testid="`plan-${version.key}`" @click="settle(version.key)">
            {{ version.button }}
          </ElButton>
        </section>
      </div>
    </UiSheet>
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-4);
  align-items: center;
  padding: var(--space-3) var(--space-4);
  border-bottom: 2px dashed var(--indigo);
  background: var(--indigo-wash);
}

p {
  flex: 1 1 340px;
  font-size: var(--type-2);
}

.lacks {
  color: var(--stop);
}

.ways .el-button {
  padding: var(--space-1) var(--space-3);
  font-size: var(--type-2);
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
}

a {
  text-decoration: none;
}
</style>
