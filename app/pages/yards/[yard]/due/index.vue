<script setup lang="ts">
// What is to be done in a yard, by day: done, put off or dropped; it goes into the calendar and onto paper.
import { daysLater, gatheredLines, type Answer, type Entry } from '#core/book'
import { isBare } from '#core/yard'
import { DAYS_A_WEEK, showTemperature } from '#core/units'
import { dueGroups, TREATMENT_CAUTION } from '#core/words'
import { calendarFile } from '~/export/calendar-file'
import { download, fileName } from '~/composables/download'
import { localNow, localToday } from '~/composables/localTime'
import { useWritten } from '~/composables/newEntry'
import { hivePath, yardPath } from '~/composables/paths'
import { isChange, useDueLines, type ChangeAt, type DueAt } from '~/composables/useDueLines'
import { server } from '~/sync/server'

const book = useBook()
const preferences = usePreferences()
const view = useView()
const yards = useYards()
const me = useMe()
const written = useWritten()
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
const actsOn = (line: DueAt) => ({
  done: () => done(line),
  'put-off': () => ask(line, 'put-off'),
  drop: () => ask(line, 'dropped'),
})
/** Where a line is done: the form that it asks for, or the yard’s year. */
function wayOf({ reason, hiveId, yard: here }: DueAt): string {
  switch (reason.due) {
    case 'look':
    case 'cells':
    case 'act':
      return hivePath(here.id, hiveId, 'look')
    case 'visit':
      return `${yardPath(here.id, 'year')}?stage=${reason.stage}&hive=${encodeURIComponent(hiveId)}`
    case 'visit-under-way':
      return hivePath(here.id, hiveId, 'visit')
    case 'weigh':
      return `${hivePath(here.id, hiveId, 'weight')}?see=weigh`
    case 'box':
    case 'hive-nucleus':
    case 'headspace':
    case 'back':
      return hivePath(here.id, hiveId, 'bench')
    case 'loan':
      return yardPath(here.id, 'shed')
    default:
      return hivePath(here.id, hiveId, 'book')
  }
}
const asking = shallowRef<{ readonly line: DueAt; readonly what: 'put-off' | 'dropped' } | null>(null)
const until = ref('')
const why = ref('')
function ask(line: DueAt, what: 'put-off' | 'dropped') {
  asking.value = { line, what }
  until.value = daysLater(line.day > today ? line.day : today, DAYS_A_WEEK)
  why.value = ''
}
/** A change that is said to be done is done in the stack too, or said not to be; who helps only says so. */
const changing = shallowRef<ChangeAt | null>(null)
function done(line: DueAt) {
  if (isChange(line) && me.mayIn(line.yard.id, 'keeper')) changing.value = line
  else void answer(line, { answer: 'done' })
}
async function answer(line: DueAt, body: Omit<Answer, 'to'>) {
  const here = line.yard
  asking.value = null
  const entry: Entry = { ...written(line.hiveId, localNow()), sort: 'answer', body: { to: line.id, ...body } }
  if (await book.write(here.id, [entry])) lastAnswer.value = { entry, text: told(line).text, yardId: here.id }
  await load()
}
/** What was answered last can be taken back. */
const lastAnswer = shallowRef<{ readonly entry: Entry; readonly text: string; readonly yardId: string } | null>(null)
async function takeBack() {
  const last = lastAnswer.value
  if (!last) return
  lastAnswer.value = null
  const gone: Entry = {
    ...last.entry,
    ...written(last.entry.hiveId, last.entry.at),
    corrects: last.entry.id,
    withdrawn: true,
  }
  await book.write(last.yardId, [gone])
  await load()
}
const failed = ref('')
/** What the list is of. */
const title = computed(() =>
  of.value === 'all' ? 'Due in all yards' : yard.value ? `Due in ${yard.value.name}` : 'Due',
)
async function print() {
  const printed = await server.print({
    title: title.value,
    lines: [`As of ${preferences.day(today)}.`],
    tables: dueGroups(lines.value, today).map((group) => ({
      heading: group.title,
      columns: ['Day', 'Hive', 'To do', 'Why'],
      rows: group.rows.map((line) => [preferences.day(line.day), nameOf(line), told(line).text, told(line).why]),
    })),
    steps: [],
    caution: `${treats.value ? `${TREATMENT_CAUTION} ` : ''}No hive is opened below about ${showTemperature(view.catalogue.figures.lookLeastCelsius, preferences.units)}, in wind or rain.`,
    paper: preferences.paper,
    drawings: [],
    stepDrawings: [],
  })
  failed.value = printed.ok ? '' : `It was not printed: ${printed.sentence}`
  if (printed.ok) download(`${fileName(title.value)}.pdf`, printed.pdf, 'application/pdf')
}
function saveCalendar() {
  const here = yard.value
  if (!here) return
  const events = lines.value.map((line) => {
    const { text, why: because } = told(line)
    return {
      id: of.value === 'all' ? `${line.yard.id} ${line.id}` : line.id,
      day: line.day,
      days: 1,
      summary: `${nameOf(line)}: ${text}`,
      text: because,
    }
  })
  download(`${fileName(title.value)}.ics`, calendarFile('Due', here, events, today), 'text/calendar')
}
useHead({ title: computed(() => `${title.value} – Duvet`) })
</script>

<template>
  <ShellPage :title="title">
    <template #bar>
      <UiModes v-if="yards.yards.length > 1" v-model="of" :of="OF" name="Of which yards" />
      <NuxtLink v-if="yard" class="to" :to="yardPath(yard.id, 'records')" data-testid="to-records"
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
      <p v-if="lastAnswer" role="status" data-testid="due-answered">
        {{ lastAnswer.text }}: answered. <ElButton text @click="takeBack">Take it back</ElButton>
      </p>
      <p v-if="open.size > 0 && lines.length === 0" data-testid="due-none">
        {{
          shownYards.every((one) => one.hives.every((hive) => isBare(one, hive)))
            ? 'No box stands here yet. Stack a hive in the row, and what its year asks comes here.'
            : 'Nothing is due. Write down an inspection, and the next one comes here by itself.'
        }}
      </p>
      <div v-if="lines.length > 0" class="outside">
        <BookDegrees v-model="celsius" name="Outside today" :least-celsius="-50" :most-celsius="50" />
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
    <DueChanged v-if="changing" :line="changing" @close="changing = null" />
    <ElDialog
      :model-value="asking !== null"
      :title="asking?.what === 'put-off' ? 'Put it off' : 'Drop it'"
      width="min(420px, 94vw)"
      append-to-body
      @update:model-value="asking = null"
    >
      <template v-if="asking">
        <p>
          <b>{{ told(asking.line).text }}</b>
        </p>
        <label v-if="asking.what === 'put-off'"
          >Until <UiDay name="Until" :value="until" data-testid="due-until" @change="until = $event"
        /></label>
        <label v-else>Why <ElInput v-model="why" :maxlength="200" aria-label="Why" data-testid="due-why" /></label>
        <p class="acts">
          <ElButton
            v-if="asking.what === 'put-off'"
            type="primary"
            data-testid="due-put-off"
            :disabled="until === ''"
            @click="answer(asking.line, { answer: 'put-off', until })"
            >Put it off</ElButton
          >
          <ElButton
            v-else
            type="primary"
            data-testid="due-drop"
            :disabled="why.trim() === ''"
            @click="answer(asking.line, { answer: 'dropped', why: why.trim() })"
            >Drop it</ElButton
          >
          <ElButton @click="asking = null">Leave it as it is</ElButton>
        </p>
      </template>
    </ElDialog>
  </ShellPage>
</template>

<style scoped>
.to {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
}

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

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
}

.acts .el-button {
  min-height: 44px;
  margin: 0;
}

.caution {
  margin: 0;
  padding: var(--space-3) var(--space-4);
  border-left: 5px solid var(--watch);
  background: var(--sheet);
  font-size: var(--type-1);
}
</style>
