<script setup lang="ts">
// The year: every stage of every hive to scale, what changes from one to the next, what goes in the van; how bees are kept; the dates.
import { hiveIn, plannedHiveIn, neediestFirst, laidIn, plannedLaidIn } from '#core/ask'
import { catalogueOf } from '#core/parts'
import { meaningOf, STAGES, type Stage, type Yard } from '#core/yard'
import {
  ANY_TIME,
  USUAL_YEAR,
  changeoverOf,
  isWanted,
  stageOn,
  stagesOfYear,
  visitOf,
  yardVisit,
  yearOf,
  type HiveChangeover,
  type PlannedStage,
} from '#core/year'
import { counted, storingInWords, workInWords } from '#core/words'
import { useVirtualizer } from '@tanstack/vue-virtual'
import { until } from '@vueuse/core'
import { download, fileName } from '~/composables/download'
import { namesApart } from '~/composables/kitName'
import { tickSheets } from '~/composables/tickSheets'
import { server } from '~/sync/server'
import * as deeds from '#core/yard/deeds'

const HEIGHT = 190
const HIVE_PX = 170
const router = useRouter()
const yards = useYards()
const view = useView()
const preferences = usePreferences()
const weighing = useWeighing()
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
const ofYard = computed(() => (yard.value ? yearOf(yard.value) : USUAL_YEAR))
const stage = computed<Stage>(() =>
  chosen.value &&
  (ANY_TIME.includes(chosen.value) || stagesOfYear(ofYard.value).some((one) => one.stage === chosen.value))
    ? chosen.value
    : stageOn(today, ofYard.value),
)
const before = computed<Stage>(() => {
  const periods = stagesOfYear(ofYard.value)
  const at = periods.findIndex((one) => one.stage === stage.value)
  return periods[(at + periods.length - 1) % periods.length]!.stage
})
const foods = useFoods()
const { year, partial, done, running, cancel } = usePlannedYear(
  yard,
  computed(() => weighing.own),
)
const catalogue = computed(() => (yard.value ? catalogueOf(yard.value) : null))
const standing = computed(() => new Map((yard.value?.hives ?? []).map((hive) => [hive.id, hive])))
const planned = computed(() => {
  const figuresOf = new Map(partial.value?.figures.map(({ hiveId: id, stages }) => [id, stages]))
  return (partial.value?.hives ?? []).flatMap(({ hiveId: id, stages }) => {
    const one = stages.get(stage.value)
    return one && standing.value.has(id)
      ? [{ id, one, all: stages, figures: figuresOf.get(id)?.find((figure) => figure.stage === stage.value) }]
      : []
  })
})
const tallestMm = computed(() =>
  (partial.value?.figures ?? []).reduce(
    (tallest, { stages }) =>
      stages.reduce(
        (most, figure) => (meaningOf(figure.stage).setsScale ? Math.max(most, figure.heightMm) : most),
        tallest,
      ),
    900,
  ),
)
const scale = computed(() => (HEIGHT - 12) / tallestMm.value)
const strip = ref<HTMLElement | null>(null)
const virtualizer = useVirtualizer(
  computed(() => ({
    count: planned.value.length,
    horizontal: true,
    getScrollElement: () => strip.value,
    estimateSize: () => HIVE_PX,
    overscan: 2,
  })),
)
const inSight = computed(() => virtualizer.value.getVirtualItems())
const drawnNow = useInTurn(computed(() => Math.max(1, inSight.value.length)))
type Planned = (typeof planned.value)[number]
/** The stage that a changeover begins from, where it does not begin from what stands now. */
const beginsFrom = computed(() => {
  const earlier = from.value === 'before' ? before.value : null
  return ({ one, all }: Planned) => (earlier && !ANY_TIME.includes(one.stage) ? all.get(earlier) : undefined)
})
/** What it takes at one hive; worked out once for each. */
const changeover = computed(() => {
  const known = new WeakMap<PlannedStage, HiveChangeover>()
  const [hives, inYard, kinds, places, start] = [
    standing.value,
    yard.value!,
    catalogue.value!,
    view.places,
    beginsFrom.value,
  ]
  return (asked: Planned): HiveChangeover => {
    const { id, one } = asked
    const first = start(asked)
    const made =
      known.get(one) ??
      changeoverOf(
        first ? plannedHiveIn(inYard, first) : hiveIn(inYard, hives.get(id)!),
        plannedHiveIn(inYard, one),
        kinds,
        places,
      )
    known.set(one, made)
    return made
  }
})
const shown = computed(() => {
  const asked =
    planned.value.find(({ id }) => id === (hiveId.value ?? view.hive?.id)) ??
    planned.value.slice(0, 12).find((one) => changeover.value(one).steps.length > 0) ??
    planned.value[0]
  return asked && changeover.value(asked)
})
/** The whole yard, once its year is written. */
const changeovers = useSliced(
  computed(() => (year.value && mode.value === 'stages' ? planned.value : null)),
  changeover,
)
/** The hive before and after what is shown. */
const between = computed(() => {
  const asked = planned.value.find(({ id }) => id === shown.value?.hiveId)
  const hive = asked && standing.value.get(asked.id)
  if (!asked || !hive || !yard.value) return null
  const first = beginsFrom.value(asked)
  return {
    from: first ? plannedLaidIn(yard.value, first) : laidIn(yard.value, hive),
    to: plannedLaidIn(yard.value, asked.one),
  }
})
const shownPlan = computed(() => planned.value.find(({ id }) => id === shown.value?.hiveId)?.one)
const visit = computed(() => yardVisit(changeovers.value ?? [], isWanted))
/** The hives to which nothing is done, so that no hive of the yard goes unsaid. */
const untouched = computed(() => {
  const names = (ids: readonly string[]) =>
    ids
      .map((id) => standing.value.get(id)?.name ?? '')
      .sort((a, b) => a.localeCompare(b))
      .join(', ')
  const known = new Set(planned.value.map(({ id }) => id))
  return {
    asTheyStand: names((changeovers.value ?? []).filter(({ steps }) => steps.length === 0).map(({ hiveId: id }) => id)),
    notInPlan: names([...standing.value.keys()].filter((id) => !known.has(id))),
  }
})
const shownHive = computed(() => standing.value.get(shown.value?.hiveId ?? ''))
const keeping = computed(() =>
  visit.value.bring
    .map(({ patternId }) => {
      const pattern = catalogue.value!.patterns.get(patternId)
      const held = (changeovers.value ?? []).flatMap((one) =>
        one.leaving.flatMap((id) => (one.parts.get(id)?.patternId === patternId ? one.parts.get(id)!.hasHeld : [])),
      )
      return pattern ? storingInWords(pattern, held, preferences.reader) : ''
    })
    .filter(Boolean),
)
const name = computed(() =>
  namesApart(
    [...visit.value.take, ...visit.value.bring].map(({ patternId }) => patternId),
    catalogue.value!,
    preferences.vocabulary,
  ),
)

/** The plan of what the food of each hive lets go: no step is done or printed by an older one. */
async function planIsWhole(yardId: string): Promise<void> {
  await foods.whenKnown(yardId)
  await nextTick()
  await until(running).toBe(false)
}

const printing = ref(false)
const beginning = ref(false)
const failed = ref('')
const kitLine = ({ patternId, count, toGet }: { patternId: string; count: number; toGet: number }) =>
  `${count} × ${name.value(patternId)}${toGet > 0 ? `, ${toGet} to get` : ''}`
type Printed = 'visit' | 'hive' | 'cards'
/** The sheets of the whole yard, or of the hive that is looked at; or a card for each hive. */
async function print(what: Printed) {
  const one = yard.value!
  printing.value = true
  failed.value = ''
  if (what !== 'cards') await planIsWhole(one.id)
  const answer =
    what === 'cards'
      ? await server.printCards({
          title: `${one.name}: hive cards`,
          paper: preferences.paper,
          cards: hiveCards(one, inOrder(one)),
        })
      : await server.printVisit(sheetsOf(what))
  printing.value = false
  const called = what === 'hive' ? (shownHive.value?.name ?? one.name) : one.name
  if (answer.ok)
    download(`${fileName(called)}-${what === 'cards' ? 'cards' : stage.value}.pdf`, answer.pdf, 'application/pdf')
  else failed.value = `Nothing was printed: ${answer.sentence}`
}
const inOrder = (one: Yard) => (preferences.printOrder === 'need' ? neediestFirst(one, one.hives, today) : one.hives)
function sheetsOf(what: Exclude<Printed, 'cards'>) {
  const one = yard.value!
  const alone = what === 'hive' && shown.value
  const own = alone ? [alone] : (changeovers.value ?? [])
  const ofThese = alone ? yardVisit(own, isWanted) : visit.value
  const asked = {
    yard: one,
    stage: stage.value,
    plans: new Map(planned.value.map(({ id, one: plan }) => [id, plan])),
    changeovers: own,
    order: inOrder(one),
    visit: ofThese,
    take: ofThese.take.map(kitLine),
    bring: [...ofThese.bring.map(kitLine), ...(alone ? [] : keeping.value)],
    title: `${alone ? (shownHive.value?.name ?? '') : one.name}: to ${stageSaid(stage.value)}`,
  }
  return tickSheets(asked, preferences.reader, preferences.paper, today)
}
/** The hive that is looked at stays the one in view, wherever one goes from here. */
function choose(id: string) {
  hiveId.value = id
  view.chosenHive = id
}
async function begin() {
  if (!yard.value || beginning.value) return
  beginning.value = true
  await planIsWhole(yard.value.id)
  beginning.value = false
  const changeover = shown.value
  if (!changeover || !yard.value) return
  const started = yards.perform(
    yard.value.id,
    deeds.beginVisit(changeover.hiveId, visitOf(changeover, crypto.randomUUID(), today)),
  )
  if (started) await router.push(hivePath(yard.value!.id, changeover.hiveId, 'visit'))
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
    <YearKit v-else-if="mode === 'kit' && year" :yard="yard" :year="year" />
    <YearCompare v-else-if="mode === 'compare' && year" :yard="yard" :year="year" />
    <template v-else>
      <YearClimates v-if="!yard.season?.calendar" :yard="yard" />
      <YearRibbon :yard="yard" :chosen="stage" :today="today" @choose="chosen = $event" />
      <p v-if="running && !year" class="none">
        <UiProgress :done="done" :of="yard.hives.length" name="Hives written" /> {{ done }} of
        {{ counted(yard.hives.length, 'hive') }} written
        <ElButton text @click="cancel">Stop</ElButton>
      </p>
      <div ref="strip" class="row" role="group" tabindex="0" :aria-label="`Hives at ${stageSaid(stage)}`">
        <div
          class="line"
          :style="{ width: `${virtualizer.getTotalSize()}px`, paddingLeft: `${inSight[0]?.start ?? 0}px` }"
        >
          <div v-for="item in inSight.slice(0, drawnNow)" :key="planned[item.index]!.id" class="place">
            <YearHive
              :yard="yard"
              :planned="planned[item.index]!.one"
              :figures="planned[item.index]!.figures"
              :scale="scale"
              :height="HEIGHT"
              :chosen="shown?.hiveId === planned[item.index]!.id"
              @choose="choose(planned[item.index]!.id)"
            />
          </div>
        </div>
      </div>
      <div v-if="shown && shownHive" class="columns">
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
          <ShellInTurn><YearFood v-if="shownPlan" :yard="yard" :planned="shownPlan" /></ShellInTurn>
          <ShellInTurn
            ><YearChanges
              v-if="between"
              :between="between"
              :yard="yard"
              :changeover="shown"
              :name="shownHive.name"
              :begun="shownHive.visit !== undefined"
              :from-now="from === 'now'"
              :beginning="beginning"
              @begin="begin"
          /></ShellInTurn>
        </div>
        <ShellInTurn
          ><section class="van" data-testid="van">
            <h2>
              The whole yard:
              <template v-if="changeovers">{{ visit.hives }} of {{ counted(yard.hives.length, 'hive') }}</template
              ><template v-else>being worked out…</template>
            </h2>
            <label class="places"
              >Set-down places
              <ElSelect v-model="view.places" data-testid="places">
                <ElOption
                  v-for="n in 7"
                  :key="n"
                  :value="n + 1"
                  :label="`${n + 1}${n + 1 === 3 ? said(': roof, ground board, spare stand') : ''}`"
                /> </ElSelect
            ></label>
            <p v-if="changeovers && untouched.asTheyStand" class="soft" data-testid="as-they-stand">
              Stay as they are: {{ untouched.asTheyStand }}.
            </p>
            <p v-if="changeovers && untouched.notInPlan" class="soft" data-testid="not-in-plan">
              This stage is not in the year of: {{ untouched.notInPlan }}.
            </p>
            <p v-if="changeovers">
              <b>{{ workInWords(visit.work, preferences.reader, visit.bounds) }}</b>
            </p>
            <p class="ways">
              <ElButton
                data-testid="print-visit"
                :disabled="printing || !changeovers || visit.hives === 0"
                @click="print('visit')"
              >
                Tick sheets (PDF)
              </ElButton>
              <ElButton
                v-if="shown && shown.steps.length > 0"
                data-testid="print-hive"
                :disabled="printing"
                @click="print('hive')"
              >
                {{ shownHive?.name }} alone (PDF)
              </ElButton>
              <ElButton data-testid="print-cards" :disabled="printing" @click="print('cards')">
                Hive cards with codes (PDF)
              </ElButton>
            </p>
            <ElCheckbox
              v-if="yard && yard.hives.length > 1"
              v-model="preferences.printOrder"
              true-value="need"
              false-value="row"
              data-testid="need-first"
            >
              On paper the hive that needs it first; else they follow the row
            </ElCheckbox>
            <p v-if="failed" role="alert" class="failed">{{ failed }}</p>
            <template v-if="changeovers">
              <h3>In the van</h3>
              <ul>
                <li v-for="line in visit.take" :key="line.patternId">{{ kitLine(line) }}</li>
                <li v-if="visit.take.length === 0">nothing</li>
              </ul>
              <h3>Comes home</h3>
              <ul>
                <li v-for="line in visit.bring" :key="line.patternId">{{ line.count }} × {{ name(line.patternId) }}</li>
                <li v-if="visit.bring.length === 0">nothing</li>
              </ul>
              <p v-for="line in keeping" :key="line" class="soft"><UiTerms :text="line" /></p>
            </template></section
        ></ShellInTurn>
      </div>
    </template>
  </ShellPage>
</template>

<style scoped>
.line {
  display: flex;
}

.place {
  flex: none;
  width: 166px;
  margin-right: var(--space-2);
}

.row {
  margin: var(--space-3) var(--space-5) 0;
  padding-bottom: var(--space-2);
  overflow-x: auto;
  border-bottom: 2px dashed var(--seam);
}

.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(280px, 400px);
  gap: var(--space-3) var(--space-6);
  padding: var(--space-3) var(--space-5) var(--space-6);
}

h3 {
  margin-top: var(--space-3);
  font-size: var(--type-3);
}

ul {
  margin: 0;
  padding-left: var(--space-5);
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
  margin: var(--space-3) 0;
}

.failed {
  color: var(--stop);
}

.places {
  display: flex;
  gap: var(--space-3);
  align-items: center;
  margin-bottom: var(--space-2);
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
