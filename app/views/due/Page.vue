<script setup lang="ts">
// What is to be done in a yard, by day: done, put off or dropped; it goes into the calendar and onto paper.
import { gatheredLines } from '#core/book'
import { isBare } from '#core/yard'
import { dueGroups, TREATMENT_CAUTION } from '#core/words'
import { useDueAnswers } from './dueAnswers'
import { intoCalendar, onPaper } from './duePaper'
import { wayOf } from './dueWay'
import { localToday } from '~/composables/localTime'
import { yardPath } from '~/composables/paths'
import { useDueLines, type DueAt } from './useDueLines'

const preferences = usePreferences()
const view = useView()
const yards = useYards()
const yard = computed(() => view.yard)
const today = localToday()
const OF = [
  ['here', 'This yard'],
  ['all', 'All yards'],
] as const
const of = useInAddress('of', modeOf(OF), 'here')
const shownYards = computed(() => (of.value === 'all' ? yards.yards : yard.value ? [yard.value] : []))
const { load, silent, open, lines, told } = useDueLines(() => shownYards.value, today)
const { celsius, bySensor, tooCold } = useOutside(
  () => shownYards.value,
  () => open.value,
  today,
)
/** Something of a treatment is due: what always stands beside treating. */
const treats = computed(() => lines.value.some(({ reason }) => /^treatment|^count/.test(reason.due)))
const AT_ONCE = 18
/** Where its hive stands in the row, yard after yard. */
const placeOf = ({ yard: one, hive }: DueAt) =>
  yards.yards.indexOf(one) * 1000 + (hive ? one.hives.indexOf(hive) : one.hives.length)
const rows = computed(() => gatheredLines(lines.value, placeOf))
const { shown, left, more } = useShownFirst(() => rows.value, AT_ONCE)
const groups = computed(() => dueGroups(shown.value, today))
/** Gathered lines that were opened stay open while one of them is answered. */
const opened = reactive<Record<string, boolean>>({})
const nameOf = ({ yard: one, hive }: DueAt) => `${hive?.name ?? 'Shed'}${of.value === 'all' ? `, ${one.name}` : ''}`
const ofLine = (line: DueAt) => ({
  line,
  words: told(line),
  hive: nameOf(line),
  to: wayOf(line),
  today,
  ofHive: line.hiveId !== '',
  waits: tooCold(line, line.yard),
})
const answers = useDueAnswers(load, told)
const actsOn = (line: DueAt) => ({
  done: () => answers.done(line),
  'put-off': () => answers.ask(line, 'put-off'),
  drop: () => answers.ask(line, 'dropped'),
})
const failed = ref('')
/** What the list is of. */
const title = computed(() =>
  of.value === 'all' ? 'Due in all yards' : yard.value ? `Due in ${yard.value.name}` : 'Due',
)
const asked = () => ({ title: title.value, lines: lines.value, nameOf, told, treats: treats.value, today })
async function print() {
  failed.value = await onPaper(asked(), preferences, view.catalogue.figures.lookLeastCelsius)
}
function saveCalendar() {
  if (yard.value) intoCalendar(asked(), yard.value, of.value === 'all')
}
useHead({ title: computed(() => `${title.value} – Duvet`) })
</script>

<template>
  <ShellPage :title="title">
    <template #bar>
      <UiModes v-if="yards.yards.length > 1" v-model="of" :of="OF" name="Of which yards" />
      <NuxtLink v-if="yard" class="way-to" :to="yardPath(yard.id, 'records')" data-testid="to-records"
        >Records: mites, winters, trials, frames, files</NuxtLink
      >
      <template v-if="lines.length > 0">
        <ElButton data-testid="due-print" @click="print">Print it</ElButton>
        <ElButton data-testid="due-calendar" @click="saveCalendar">Calendar file</ElButton>
      </template>
    </template>
    <ShellNothing v-if="!yard || yard.hives.length === 0" to="/" way="Start a hive in the row">
      No hive stands here yet. Looks, counts, treatments and visits that are due come here by their day.
    </ShellNothing>
    <div v-else class="due">
      <p v-if="silent" role="alert" class="wrong">
        The server cannot be reached, so that what is due cannot be told.
        <ElButton @click="load">Try again</ElButton>
      </p>
      <p v-if="failed" role="alert" class="wrong">{{ failed }}</p>
      <p v-if="answers.last" role="status" data-testid="due-answered">
        {{ answers.last.text }}: answered. <ElButton text @click="answers.takeBack">Take it back</ElButton>
      </p>
      <p v-if="open.size > 0 && lines.length === 0" data-testid="due-none">
        {{
          shownYards.every((one) => one.hives.every((hive) => isBare(one, hive)))
            ? 'No box stands here yet. Stack a hive in the row, and what its year asks comes here.'
            : 'Nothing is due. Write down an inspection, and the next one comes here by itself.'
        }}
      </p>
      <div v-if="lines.length > 0" class="outside">
        <EntryDegrees v-model="celsius" name="Outside today" :least-celsius="-50" :most-celsius="50" />
        <small data-testid="outside-by"
          >{{ bySensor }}the day’s own warmth says what may be opened, not the name of a month</small
        >
      </div>
      <p v-if="treats" class="caution" role="note">{{ TREATMENT_CAUTION }}</p>
      <section v-for="group in groups" :key="group.title" :aria-label="group.title">
        <h2>{{ group.title }}</h2>
        <ol>
          <template v-for="row in group.rows" :key="`${row.lines[0]!.yard.id} ${row.id}`">
            <DueGathered
              v-if="row.lines.length > 1"
              :id="row.id"
              :day="row.day"
              :text="told(row.lines[0]!).text"
              :hives="row.lines.map(nameOf)"
              :is-late="row.day < today"
              :open="opened[row.id] ?? false"
              @update:open="opened[row.id] = $event"
            >
              <DueLine
                v-for="line in row.lines"
                :key="`${line.yard.id} ${line.id}`"
                v-bind="ofLine(line)"
                v-on="actsOn(line)"
              />
            </DueGathered>
            <DueLine v-else v-bind="ofLine(row.lines[0]!)" v-on="actsOn(row.lines[0]!)" />
          </template>
        </ol>
      </section>
      <ElButton v-if="left > 0" class="more" data-testid="due-more" @click="more"
        >Show more: {{ left }} of {{ rows.length }} are further down</ElButton
      >
    </div>
    <DueAsk :answers="answers" :told="told" />
  </ShellPage>
</template>

<style scoped>
.outside {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-3);
  align-items: center;
}

.due {
  display: flex;
  flex-direction: column;
  gap: var(--space-4);
  max-width: 1080px;
  padding: 0 var(--space-5) calc(var(--space-6) + var(--foot));
}

h2 {
  margin: 0 0 var(--space-2);
  font-size: var(--type-4);
}

ol {
  margin: 0;
  padding: 0;
  list-style: none;
}

.more {
  align-self: start;
  min-height: 44px;
}

.caution {
  margin: 0;
  padding: var(--space-3) var(--space-4);
  border-left: 5px solid var(--watch);
  background: var(--sheet);
  font-size: var(--type-1);
}
</style>
