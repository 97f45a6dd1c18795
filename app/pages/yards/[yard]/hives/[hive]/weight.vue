<script setup lang="ts">
// What is lifted, how high and how far; lighter ways; whether it stands; the same through the year.
import { isDrainBox } from '#core/rules'
import { hangAcross, isBox } from '#core/parts'
import { bodyHeights, type Lift, standingOf, fullFrameKg, usualWeighing } from '#core/loads'
import { wrapsFor, lighterWays, type Alternative, hiveAt, hiveIn, type StageLoad, type YardDay } from '#core/ask'
import { showLength, showMass } from '#core/units'
import { capital, counted, dutyInWords, liftVerdict, SCHOOL_WORDS } from '#core/words'
import { isBare } from '#core/yard'
import { proxy } from 'comlink'
import { useKept } from '~/composables/kept'
import { planDoor } from '~/composables/doors'

const route = useRoute()
const yards = useYards()
const view = useView()
const weighing = useWeighing()
const preferences = usePreferences()
const MODES = [
  ['lifts', 'Lifts'],
  ['lighter', 'Something lighter'],
  ['standing', 'Does it stand'],
  ['year', 'Through the year'],
  ['weigh', 'Weigh it'],
] as const
const mode = useInAddress('see', modeOf(MODES), 'lifts')
const chosen = ref<string | null>(null)

const hive = computed(() => view.placeOf(String(route.params.hive)))
const known = computed(() => (hive.value ? hiveIn(hive.value.yard, hive.value.hive) : null))
const assessment = computed(() => known.value?.assessment ?? null)
const names = computed(() => known.value?.names(preferences.vocabulary) ?? new Map<string, string>())
const now = computed(() => (hive.value ? weighing.weighingAt(hive.value.hive.stage) : usualWeighing('flow')))
const mass = computed(() => known.value?.mass(now.value) ?? null)
const lifts = computed(() => known.value?.lifts(weighing.own, now.value) ?? null)
/** The one lift that every box asks for. */
const frameKg = computed(() =>
  Math.max(0, ...(assessment.value?.assembled.stack ?? []).map(({ resolved }) => fullFrameKg(resolved))),
)
const shown = computed(
  () => lifts.value?.lifts.find(({ partId }) => partId === chosen.value) ?? lifts.value?.worst ?? null,
)
const ways = computed(() => {
  if (mode.value !== 'lighter' || !assessment.value || !hive.value) return null
  let n = 0
  return lighterWays(
    assessment.value.assembled,
    known.value!.context.catalogue,
    now.value,
    weighing.own,
    () => `new:lighter/${n++}`,
  )
})
/** How far apart the feet stand, by hive; stays on this device. */
const feet = useKept<Record<string, number>>('duvet.feet', {})
function setFeet(mm: number | null) {
  const { [hive.value!.hive.id]: _old, ...others } = feet.value
  feet.value = mm === null ? others : { ...others, [hive.value!.hive.id]: mm }
}
const standing = computed(() => {
  if (!assessment.value || !mass.value) return null
  const empty = known.value!.mass({ ...now.value, fullness: 'empty', fill: null })
  return standingOf(
    assessment.value.layout,
    assessment.value.assembled.attached,
    mass.value,
    empty,
    feet.value[hive.value?.hive.id ?? ''],
  )
})
/** A wrap goes round the boxes of the winter: as they stand then, by the plan. */
const winterBoxesMm = computed(() =>
  (hive.value && mode.value === 'standing'
    ? hiveAt(hive.value.yard, hive.value.hive, 'winter').layout.parts
    : []
  ).reduce((sum, { pattern, topMm, bottomMm }) => sum + (isBox({ pattern }) ? topMm - bottomMm : 0), 0),
)
const drains = computed(() =>
  (assessment.value?.layout.parts ?? []).some(
    ({ resolved, pattern }) => isBox({ pattern }) && isDrainBox({ across: hangAcross(resolved) }),
  ),
)
const day = shallowRef<YardDay | null>(null)
const year = computed(() => day.value?.hives.get(hive.value?.hive.id ?? '') ?? null)
const dayDone = ref(0)
let round = 0
/** The whole yard is worked out in the worker, and a newer question stops an older one. */
watch(
  [mode, () => hive.value?.yard, () => weighing.own],
  async () => {
    const mine = ++round
    if (mode.value !== 'year' || !hive.value) return
    dayDone.value = 0
    const started = performance.now()
    const answer = await planDoor().dayOfYard(
      toRaw(hive.value.yard),
      { ...weighing.own },
      proxy((done: number) => {
        if (mine === round) dayDone.value = done
      }),
      proxy(() => mine !== round),
    )
    if (mine !== round) return
    performance.measure('yard-day', { start: started })
    day.value = answer
  },
  { immediate: true },
)
watch(
  () => hive.value?.hive,
  () => {
    chosen.value = null
  },
)
onBeforeUnmount(() => {
  round++
})
const beside = shallowRef<Alternative | null>(null)
const allWays = ref(false)
watch(
  ways,
  (found) => {
    beside.value = found?.better[0] ?? null
  },
  { immediate: true },
)
onBeforeUnmount(weighing.asSaid)
const verdict = (lift: Lift) => liftVerdict(lift, weighing.own.school, preferences.reader)
const index = (value: number | null) => (value === null ? 'no figure' : value.toFixed(2))
function take({ edit, profile }: Alternative) {
  if (edit && hive.value) yards.perform(hive.value.yard.id, edit)
  weighing.profile = profile
  mode.value = 'lifts'
}
useHead({ title: computed(() => (hive.value ? `Weight of ${hive.value.hive.name} – Duvet` : 'Weight – Duvet')) })
const LIFTS = columnsFor<Lift>(
  { key: 'part', label: 'Off, in this order', width: 120 },
  { key: 'verdict', label: 'For you', width: 190 },
)
const LOADS = columnsFor<StageLoad>(
  { key: 'stage', label: 'Stage', width: 130 },
  { key: 'whole', label: 'The whole hive', number: true, text: ({ totalKg }) => showMass(totalKg, preferences.units) },
  {
    key: 'heaviest',
    label: 'Heaviest lift',
    number: true,
    text: ({ heaviestKg }) => (heaviestKg === null ? 'none' : showMass(heaviestKg, preferences.units)),
  },
  {
    key: 'worst',
    label: 'Worst, of allowed',
    number: true,
    text: ({ heaviestKg, worstIndex }) => (heaviestKg === null ? 'none' : index(worstIndex)),
  },
  {
    key: 'all',
    label: 'Full inspection',
    width: 150,
    text: ({ lifts: count, movedKg }) => `${counted(count, 'lift')}, ${showMass(movedKg, preferences.units)}`,
  },
)
</script>

<template>
  <ShellPage :title="hive ? `Weight of ${hive.hive.name}` : 'Weight'" :fill="mode === 'lifts'">
    <template #bar>
      <UiModes v-model="mode" :of="MODES" name="What to see" />
      <LiftWeighedAs />
    </template>
    <ShellNothing v-if="!hive || !assessment || !mass || !lifts" to="/" way="Start a hive in the row">
      No hive stands here yet. What each of its boxes weighs and how it is lifted is drawn here.
    </ShellNothing>
    <div v-else-if="mode === 'lifts'" class="columns">
      <section class="middle" aria-label="Drawing">
        <p class="lead" data-testid="lift-summary">
          <b v-if="lifts.worst" class="first" data-testid="verdict"
            ><ShellSeverityMark :grade="lifts.worst.grade" /> {{ capital(names.get(lifts.worst.partId) ?? '') }} is
            {{ verdict(lifts.worst) }}.</b
          >
          <template v-if="lifts.heaviest && lifts.highest"
            >Heaviest <b>{{ showMass(lifts.heaviest.kg.middle, preferences.units) }}</b> ({{
              names.get(lifts.heaviest.partId)
            }}); highest hand-hold <b>{{ showLength(lifts.highest.from.handMm, preferences.units) }}</b>; full
            inspection: <b>{{ counted(lifts.inspectionLifts, 'lift') }}</b>,
            {{ showMass(lifts.movedKg.middle, preferences.units) }} moved. A frame full of honey:
            {{ showMass(frameKg, preferences.units) }}.</template
          >
          <template v-else-if="isBare(hive.yard, hive.hive)">No box stands here: nothing is lifted.</template>
          <template v-else>One box only: nothing is lifted off it.</template>
        </p>
        <ShellInTurn
          ><LiftDrawing
            class="grow"
            :layout="assessment.layout"
            :lifts="lifts.lifts"
            :profile="weighing.own"
            :names="names"
            :chosen="shown?.partId ?? null"
            @choose="chosen = $event"
        /></ShellInTurn>
      </section>
      <aside class="right">
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
              {{ i + 1 }} · {{ capital(names.get(row.partId) ?? '') }}
            </ElButton></template
          >
          <template #verdict="{ row }"
            ><span class="verdict"
              ><ShellSeverityMark :grade="row.grade" /><span>{{ capital(verdict(row)) }}</span></span
            ></template
          >
        </UiTable>
        <ShellInTurn
          ><LiftFactors v-if="shown" :lift="shown" :name="names.get(shown.partId) ?? ''" :profile="weighing.own"
        /></ShellInTurn>
        <ShellInTurn><LiftProfile /></ShellInTurn>
        <ShellInTurn><LiftWeighingChoices /></ShellInTurn>
        <p class="caution">
          General guidance for two-handed, unhurried lifts on firm ground; not medical or workplace advice. With a back,
          heart or joint complaint, or when pregnant, ask a professional. Local workplace rules come first. Never lift
          alone what is marked for two.
        </p>
      </aside>
    </div>
    <div v-else-if="mode === 'lighter'" class="wide">
      <p v-if="ways">
        {{ ways.tried }} ways tried, each with the same room for brood and the same honey; judged by:
        {{ SCHOOL_WORDS[weighing.own.school] }}. Now the worst lift is <b>{{ index(ways.now.worstIndex) }}</b> of what
        is allowed, the heaviest {{ showMass(ways.now.heaviestKg, preferences.units) }}. Press a hive to see it beside
        yours.
      </p>
      <p v-if="ways && ways.better.length === 0">Nothing here makes the worst lift lighter.</p>
      <template v-else-if="ways">
        <LiftPlane
          :ways="ways"
          :yard="hive.yard"
          :hive="hive.hive"
          :chosen="beside"
          :all="allWays"
          @choose="beside = $event"
        >
          <LiftBeside
            v-if="beside"
            :way="beside"
            :now="ways.now"
            :yard="hive.yard"
            :hive="hive.hive"
            @take="take(beside)"
          />
        </LiftPlane>
        <ElButton v-if="ways.better.length > 10" text data-testid="all-ways" @click="allWays = !allWays">{{
          allWays ? 'The best ten only' : `All ${Math.min(40, ways.better.length)} ways`
        }}</ElButton>
      </template>
      <p class="caution">Figures are guidance. Parts that come off go to the shed; undo puts everything back.</p>
    </div>
    <div v-else-if="mode === 'standing'" class="wide">
      <LiftStanding
        v-if="standing"
        :standing="standing"
        :layout="assessment.layout"
        :hive-id="hive.hive.id"
        :drain-frames="drains"
        :top-hand-mm="lifts.highest?.from.handMm ?? null"
        :shoulder-mm="bodyHeights(weighing.own).shoulderMm"
        :wraps="wrapsFor(winterBoxesMm, known!.context.catalogue)"
        :winter-boxes-mm="winterBoxesMm"
        :feet-mm="feet[hive.hive.id] ?? null"
        @feet="setFeet"
      />
    </div>
    <div v-else-if="mode === 'weigh'" class="wide"><LiftWeighIn :yard="hive.yard" :hive="hive.hive" /></div>
    <div v-else class="wide">
      <p v-if="!day || !year">
        <UiProgress :done="dayDone" :of="hive.yard.hives.length" name="Hives weighed" /> {{ dayDone }} of
        {{ counted(hive.yard.hives.length, 'hive') }} looked at
      </p>
      <template v-else>
        <LiftYearChart
          :labels="year.map(({ stage }) => capital(stageSaid(stage)))"
          :total-kg="year.map(({ totalKg }) => totalKg)"
          :heaviest-kg="year.map(({ heaviestKg }) => heaviestKg ?? 0)"
        />
        <div class="scroll" tabindex="0" role="group" aria-label="Stage by stage">
          <UiTable class="list" :rows="year" :columns="LOADS" :key-of="({ stage }) => stage">
            <template #stage="{ row }"
              ><span :data-load="row.stage">{{ capital(stageSaid(row.stage)) }}</span></template
            >
          </UiTable>
        </div>
        <h2>A day in {{ hive.yard.name }}</h2>
        <p data-testid="day">
          Every hive inspected in full, as they stand: {{ dutyInWords(day.now, preferences.reader) }}. At the worst time
          of the year, as planned ({{ stageSaid(day.worst.stage) }}):
          {{ dutyInWords(day.worst.duty, preferences.reader) }}. Share it out over days and people.
        </p>
      </template>
      <p class="caution">
        Each stage with the boxes that the year plans for it; every box that is lifted is taken as full as it may be by
        then.
      </p>
    </div>
  </ShellPage>
</template>

<style scoped>
.columns {
  display: grid;
  flex: 1;
  min-height: 0;
  grid-template-columns: minmax(0, 1fr) 430px;
  border-top: 2px dashed var(--seam);
}

.middle {
  display: flex;
  flex-direction: column;
  min-width: 0;
  min-height: 0;
}

.grow {
  flex: 1;
}

.right {
  display: flex;
  flex-direction: column;
  gap: var(--space-3);
  padding: var(--space-3) var(--space-4);
  overflow-y: auto;
  border-left: 2px dashed var(--seam);
}

.right > * {
  flex: none;
}

.lead {
  padding: var(--space-3) var(--space-5) 0;
}

.wide {
  padding: 0 var(--space-5) var(--space-6);
}

.scroll {
  position: relative;
  overflow-x: auto;
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

h2 {
  margin-top: var(--space-4);
  font-size: var(--type-4);
}

.caution {
  margin-top: var(--space-3);
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
