<script setup lang="ts">
// The year: every stage of every hive to scale, what changes from one to the next, what goes in the van; how bees are kept; the dates.
import { assembleHive, layOut, partsById } from '#core/geometry'
import { catalogueOf, formatName } from '#core/catalogue'
import type { Stage } from '#core/hive'
import { ANY_TIME, COOL_MARITIME, cautionsOfStage, changeoverOf, isWanted, partsWith, stageOn, stagesOfYear, visitOf, yardVisit, type HiveChangeover } from '#core/season'
import { CAUTION_WORDS, patternName, stageWord, storingInWords, workInWords } from '#core/wording'
import type { TickSheets } from '#wire/visit-print-schema'
import { download, fileName } from '~/composables/download'
import { stepsInWords } from '~/composables/stepsInWords'
import { server } from '~/stores/server'

const HEIGHT = 190
const yards = useYards()
const view = useView()
const preferences = usePreferences()
const weighing = useWeighing()
const mode = ref<'stages' | 'keeping' | 'dates' | 'compare' | 'kit'>('stages')
const route = useRoute()
const chosen = ref<Stage | null>((route.query.stage as Stage | undefined) ?? null)
const from = ref<'now' | 'before'>('now')
const hiveId = ref<string | null>((route.query.hive as string | undefined) ?? null)
const yardOfHive = hiveId.value ? view.yardOf(hiveId.value) : undefined
if (yardOfHive) view.chosen = yardOfHive.id
const today = new Date().toISOString()

const yard = computed(() => view.yard)
const calendar = computed(() => yard.value?.season?.calendar ?? COOL_MARITIME)
const stage = computed<Stage>(() => (chosen.value && (ANY_TIME.includes(chosen.value) || stagesOfYear(calendar.value).some((one) => one.stage === chosen.value)) ? chosen.value : stageOn(today, calendar.value)))
const before = computed<Stage>(() => {
  const periods = stagesOfYear(calendar.value)
  const at = periods.findIndex((one) => one.stage === stage.value)
  return periods[(at + periods.length - 1) % periods.length]!.stage
})
const { year, done, running, cancel } = usePlannedYear(yard, computed(() => weighing.own))
const parts = computed(() => (yard.value ? partsById(yard.value) : new Map()))
const catalogue = computed(() => (yard.value ? catalogueOf(yard.value) : null))
const planned = computed(() => (year.value?.hives ?? []).flatMap(({ hiveId: id, stages }) => {
  const one = stages.get(stage.value)
  return one && yard.value?.hives.some((hive) => hive.id === id) ? [{ id, one, all: stages, figures: year.value!.figures.find((figure) => figure.hiveId === id)?.stages.find((figure) => figure.stage === stage.value) }] : []
}))
const tallestMm = computed(() => Math.max(900, ...(year.value?.hives ?? []).flatMap(({ stages }) => [...stages.values()].filter(({ stage: one }) => one === 'flow' || one === 'winter').map((one) => layOut(assembleHive(one.hive, partsWith(parts.value, one), catalogue.value!)).heightMm))))
const scale = computed(() => (HEIGHT - 12) / tallestMm.value)
const changeovers = computed<HiveChangeover[]>(() => planned.value.map(({ id, one, all }) => {
  const standing = yard.value!.hives.find((hive) => hive.id === id)!
  const start = from.value === 'before' && !ANY_TIME.includes(stage.value) ? all.get(before.value) : undefined
  return changeoverOf(start ? { hive: start.hive, parts: partsWith(parts.value, start) } : { hive: standing, parts: parts.value }, { hive: one.hive, parts: partsWith(parts.value, one) }, catalogue.value!, view.places)
}))
const shown = computed(() => changeovers.value.find((one) => one.hiveId === hiveId.value) ?? changeovers.value.find(({ steps }) => steps.length > 0) ?? changeovers.value[0])
const shownPlan = computed(() => planned.value.find(({ id }) => id === shown.value?.hiveId)?.one)
const visit = computed(() => yardVisit(changeovers.value, isWanted))
const shownHive = computed(() => yard.value?.hives.find(({ id }) => id === shown.value?.hiveId))
const keeping = computed(() => visit.value.bring.map(({ patternId }) => {
  const pattern = catalogue.value!.patterns.get(patternId)
  const held = changeovers.value.flatMap((one) => one.leaving.flatMap((id) => (one.parts.get(id)?.patternId === patternId ? one.parts.get(id)!.hasHeld : [])))
  return pattern ? storingInWords(pattern, held, preferences.reader) : ''
}).filter(Boolean))
/** Two formats of a part may be called alike: then the format is said too. */
const name = (patternId: string) => {
  const plain = (id: string) => patternName(id, catalogue.value!, preferences.vocabulary)
  const alike = [...visit.value.take, ...visit.value.bring].some((line) => line.patternId !== patternId && plain(line.patternId) === plain(patternId))
  const format = catalogue.value!.patterns.get(patternId)?.format
  return alike && format && format !== 'any' ? `${plain(patternId)}, ${formatName(format)}` : plain(patternId)
}

const printing = ref(false)
const failed = ref('')
const hiveLink = (id: string) => `${location.origin}/hives/${encodeURIComponent(id)}`
const kitLine = ({ patternId, count, toGet }: { patternId: string; count: number; toGet: number }) => `${count} × ${name(patternId)}${toGet > 0 ? `, ${toGet} to get` : ''}`
async function print(what: 'visit' | 'cards') {
  const one = yard.value!
  printing.value = true
  failed.value = ''
  const answer = what === 'visit' ? await server.printVisit(tickSheets()) : await server.printCards({ title: `${one.name}: hive cards`, cards: one.hives.map((hive) => ({ name: hive.name, link: hiveLink(hive.id), lines: [one.name, `Stands as: ${stageWord(hive.stage)}`] })) })
  printing.value = false
  if (answer.ok) download(`${fileName(one.name)}-${what === 'visit' ? stage.value : 'cards'}.pdf`, answer.pdf, 'application/pdf')
  else failed.value = `Nothing was printed: ${answer.sentence}`
}
function tickSheets(): TickSheets {
  const one = yard.value!
  return {
    title: `${one.name}: to ${stageWord(stage.value)}`, lines: [workInWords(visit.value.work, preferences.reader, visit.value.bounds)], take: visit.value.take.map(kitLine), bring: [...visit.value.bring.map(kitLine), ...keeping.value],
    cautions: cautionsOfStage(stage.value).map((caution) => CAUTION_WORDS[caution]),
    hives: changeovers.value.filter(({ steps }) => steps.length > 0).map((changeover) => {
      const hive = one.hives.find(({ id }) => id === changeover.hiveId)!
      return { name: hive.name, link: hiveLink(hive.id), lines: [workInWords(changeover.work, preferences.reader, changeover.bounds)], steps: stepsInWords(one, changeover, preferences.reader) }
    }),
  }
}
async function begin() {
  const changeover = shown.value
  if (!changeover || !yard.value) return
  const started = yards.perform(yard.value.id, { kind: 'set-visit', hiveId: changeover.hiveId, visit: visitOf(changeover, crypto.randomUUID(), today.slice(0, 10)), doneBefore: null })
  if (started) await navigateTo(`/visit/${encodeURIComponent(changeover.hiveId)}`)
}
useHead({ title: 'Year – Duvet' })
</script>

<template>
  <ShellPage title="Year" :yard-id="yard?.id">
    <template #bar>
      <label v-if="yards.yards.length > 0">Yard <select :value="yard?.id" data-testid="yard-choice" @change="view.chosen = ($event.target as HTMLSelectElement).value"><option v-for="one in yards.yards" :key="one.id" :value="one.id">{{ one.name }}</option></select></label>
      <div class="tabs" role="group" aria-label="What to see">
        <button v-for="[one, word] in [['stages', 'Stage by stage'], ['keeping', 'How I keep them'], ['dates', 'Dates'], ['compare', 'What if'], ['kit', 'Kit']] as const" :key="one" type="button" :aria-pressed="mode === one" :data-mode="one" @click="mode = one">{{ word }}</button>
      </div>
    </template>
    <p v-if="!yard || yard.hives.length === 0" class="none">There is no hive yet. Start one in the <NuxtLink to="/">Row</NuxtLink>: its year is written from what stands there.</p>
    <YearKeeping v-else-if="mode === 'keeping'" :yard="yard" />
    <YearDates v-else-if="mode === 'dates'" :yard="yard" />
    <YearKit v-else-if="mode === 'kit' && year" :yard="yard" :year="year" />
    <YearCompare v-else-if="mode === 'compare' && year" :yard="yard" :year="year" />
    <template v-else>
      <p v-if="!yard.season?.calendar" class="assumed" data-testid="assumed-year">Nobody has said what year it is at {{ yard.name }}: this is the year of a cool place by the sea in the north. <button class="plain-button" type="button" @click="mode = 'dates'">Say what year it is here</button></p>
      <YearStrip :calendar="calendar" :chosen="stage" :today="today" @choose="chosen = $event" />
      <p v-if="running && !year" class="none"><progress :max="yard.hives.length" :value="done" /> {{ done }} of {{ yard.hives.length }} hives written <button class="plain-button quiet" type="button" @click="cancel">Stop</button></p>
      <div class="row" role="group" :aria-label="`Hives at ${stageWord(stage)}`">
        <YearHive v-for="{ id, one, figures } in planned" :key="id" :yard="yard" :parts="parts" :planned="one" :figures="figures" :scale="scale" :height="HEIGHT" :chosen="shown?.hiveId === id" @choose="hiveId = id" />
      </div>
      <div v-if="shown && shownHive" class="columns">
        <div>
          <div class="tabs" role="group" aria-label="Changed from">
            <button type="button" :aria-pressed="from === 'now'" data-testid="from-now" @click="from = 'now'">From what stands now</button>
            <button v-if="!ANY_TIME.includes(stage)" type="button" :aria-pressed="from === 'before'" data-testid="from-before" @click="from = 'before'">From {{ stageWord(before) }}</button>
          </div>
          <YearFood v-if="shownPlan" :yard="yard" :parts="parts" :planned="shownPlan" />
          <YearChanges :yard="yard" :changeover="shown" :name="shownHive.name" :begun="shownHive.visit !== undefined" :from-now="from === 'now'" @begin="begin" />
        </div>
        <section class="van" data-testid="van">
          <h2>The whole yard: {{ visit.hives }} of {{ yard.hives.length }} hives</h2>
          <label class="places">Set-down places <select v-model.number="view.places" data-testid="places"><option v-for="n in 7" :key="n" :value="n + 1">{{ n + 1 }}{{ n + 1 === 3 ? ': roof, ground board, spare stand' : '' }}</option></select></label>
          <p><b>{{ workInWords(visit.work, preferences.reader, visit.bounds) }}</b></p>
          <p class="ways"><button class="plain-button" type="button" data-testid="print-visit" :disabled="printing || visit.hives === 0" @click="print('visit')">Tick sheets (PDF)</button> <button class="plain-button" type="button" data-testid="print-cards" :disabled="printing" @click="print('cards')">Hive cards with codes (PDF)</button></p>
          <p v-if="failed" role="alert" class="failed">{{ failed }}</p>
          <h3>In the van</h3>
          <ul><li v-for="line in visit.take" :key="line.patternId">{{ kitLine(line) }}</li><li v-if="visit.take.length === 0">nothing</li></ul>
          <h3>Comes home</h3>
          <ul><li v-for="line in visit.bring" :key="line.patternId">{{ line.count }} × {{ name(line.patternId) }}</li><li v-if="visit.bring.length === 0">nothing</li></ul>
          <p v-for="line in keeping" :key="line" class="soft">{{ line }}</p>
        </section>
      </div>
    </template>
  </ShellPage>
</template>

<style scoped>
.row {
  display: flex;
  gap: 4px;
  margin: 8px 16px 0;
  padding-bottom: 4px;
  overflow-x: auto;
  border-bottom: 2px dashed var(--seam);
}

.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(280px, 400px);
  gap: 10px 34px;
  padding: 8px 16px 30px;
}

h2 {
  font-size: 17px;
}

h3 {
  margin-top: 8px;
  font-size: 15px;
}

ul {
  margin: 0;
  padding-left: 20px;
}

.soft {
  color: var(--soft-ink);
  font-size: 13.5px;
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 6px 0;
}

.failed {
  color: var(--stop);
}

.places {
  display: flex;
  gap: 8px;
  align-items: center;
  margin-bottom: 4px;
}

.assumed {
  margin: 0 16px 8px;
  padding: 8px 12px;
  border: 2px solid var(--watch);
  border-radius: 9px;
  background: #fff8e8;
}

.none {
  padding: 24px 16px;
}

@media (max-width: 900px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
