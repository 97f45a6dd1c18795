<script setup lang="ts">
// The year: every stage of every hive to scale, what changes from one to the next, what goes in the van; how bees are kept; the dates.
import { STAGES, type Stage } from '#core/yard'
import { ANY_TIME, USUAL_YEAR, stageOn, stagesOfYear, visitOf, yearOf } from '#core/year'
import { counted } from '#core/words'
import * as deeds from '#core/yard/deeds'
import { useYearChanges } from './yearChanges'
import { tallestOf } from '~/drawing/year-scale'

const router = useRouter()
const yards = useYards()
const view = useView()
const MODES = [
  ['stages', 'Stage by stage'],
  ['keeping', 'How I keep them'],
  ['dates', 'Dates'],
  ['compare', 'What if'],
  ['kit', 'Kit'],
] as const
const mode = useInAddress('see', modeOf(MODES), 'stages')
const chosen = useInAddress<Stage | null>('stage', oneOfThese(STAGES), null)
const from = ref<'now' | 'before'>('now')
const hiveId = useInAddress<string | null>('hive', (written) => written, null)
// A hive that is named in the address is the one in view.
watch(
  hiveId,
  (id) => {
    if (id) view.chosenHive = id
  },
  { immediate: true },
)
const today = localToday()
const yard = computed(() => view.yard)
const periods = computed(() => stagesOfYear(yard.value ? yearOf(yard.value) : USUAL_YEAR))
const stage = computed<Stage>(() =>
  chosen.value && (ANY_TIME.includes(chosen.value) || periods.value.some((one) => one.stage === chosen.value))
    ? chosen.value
    : stageOn(today, yard.value ? yearOf(yard.value) : USUAL_YEAR),
)
const before = computed<Stage>(() => {
  const at = periods.value.findIndex((one) => one.stage === stage.value)
  return periods.value.at(at - 1)?.stage ?? stage.value
})
const isAsked = computed(() => mode.value === 'stages')
const changes = useYearChanges({ yard, stage, before, from, hiveId, isAsked })
/** The hive that is looked at stays the one in view, wherever one goes from here. */
function choose(id: string) {
  hiveId.value = id
  view.chosenHive = id
}
const beginning = ref(false)
async function begin() {
  if (!yard.value || beginning.value) return
  beginning.value = true
  await changes.whole(yard.value.id)
  beginning.value = false
  const { shown } = changes
  if (!shown || !yard.value) return
  const visit = visitOf(shown, crypto.randomUUID(), today)
  if (yards.perform(yard.value.id, deeds.beginVisit(shown.hiveId, visit)))
    await router.push(hivePath(yard.value.id, shown.hiveId, 'visit'))
}
useHead({ title: 'Year – Duvet' })
</script>

<template>
  <ShellPage :title="yard ? `The year of ${yard.name}` : 'Year'">
    <template #bar>
      <UiModes v-model="mode" :of="MODES" name="What to see" />
    </template>
    <YearDates v-if="yard && mode === 'dates'" :yard="yard" />
    <ShellNothing v-else-if="!yard || yard.hives.length === 0" to="/" way="Start a hive in the row">
      No hive stands here yet. The year of every hive is written here, from what stands: what goes on and comes off, and
      when.
    </ShellNothing>
    <YearKeeping v-else-if="mode === 'keeping'" :yard="yard" />
    <YearKit v-else-if="mode === 'kit' && changes.year" :yard="yard" :year="changes.year" />
    <YearCompare v-else-if="mode === 'compare' && changes.year" :yard="yard" :year="changes.year" />
    <template v-else>
      <YearClimates v-if="!yard.season?.calendar" :yard="yard" />
      <YearRibbon :yard="yard" :chosen="stage" :today="today" @choose="chosen = $event" />
      <p v-if="changes.running && !changes.year" class="none">
        <UiProgress :done="changes.done" :of="yard.hives.length" name="Hives written" /> {{ changes.done }} of
        {{ counted(yard.hives.length, 'hive') }} written
        <ElButton text @click="changes.cancel">Stop</ElButton>
      </p>
      <YearStrip
        :yard="yard"
        :planned="changes.planned"
        :tallest-mm="tallestOf(changes.partial)"
        :chosen-id="changes.shown?.hiveId"
        :name="`Hives at ${stageSaid(stage)}`"
        @choose="choose"
      />
      <div v-if="changes.shown && changes.shownHive" class="columns">
        <div>
          <div class="tabs" role="group" aria-label="Changed from">
            <ElButton class="bare" :aria-pressed="from === 'now'" data-testid="from-now" @click="from = 'now'">
              From what stands now
            </ElButton>
            <ElButton
              v-if="!ANY_TIME.includes(stage)"
              class="bare"
              :aria-pressed="from === 'before'"
              data-testid="from-before"
              @click="from = 'before'"
            >
              From {{ stageSaid(before) }}
            </ElButton>
          </div>
          <ShellInTurn><YearFood v-if="changes.shownAt" :yard="yard" :planned="changes.shownAt.one" /></ShellInTurn>
          <ShellInTurn
            ><YearChanges
              v-if="changes.between"
              :between="changes.between"
              :yard="yard"
              :changeover="changes.shown"
              :name="changes.shownHive.name"
              :begun="changes.shownHive.visit !== undefined"
              :from-now="from === 'now'"
              :beginning="beginning"
              @begin="begin"
          /></ShellInTurn>
        </div>
        <ShellInTurn><YearVan :yard="yard" :stage="stage" :today="today" :changes="changes" /></ShellInTurn>
      </div>
    </template>
  </ShellPage>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(280px, 400px);
  gap: var(--space-3) var(--space-6);
  padding: var(--space-3) var(--space-5) var(--space-6);
}

.none {
  padding: var(--space-6) var(--space-5);
}

@media (max-width: 1020px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
