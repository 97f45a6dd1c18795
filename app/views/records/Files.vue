<script setup lang="ts">
// The books of a yard out and in: a record on paper over some time, CSV for spreadsheets, and CSV brought in.
import { daysLater, ENTRY_SORTS, type Entry, type EntrySort } from '#core/book'
import type { Yard } from '#core/yard'
import { counted, recordSheet, SORT_WORDS } from '#core/words'
import { bookCsv, readBookCsv } from '#wire/book-csv'
import { download, fileName } from '~/composables/download'
import { localToday } from '~/composables/localTime'
import { server } from '~/client/server'

const props = defineProps<{ yard: Yard }>()
const preferences = usePreferences()
const today = localToday()
const from = ref(daysLater(today, -365))
const to = ref(today)
const hiveId = ref('')
const problem = ref('')
const working = ref('')
const names = computed(() => new Map(props.yard.hives.map(({ id, name }) => [id, name])))
const wrong = computed(() =>
  from.value > to.value ? 'The first day comes after the last: choose an earlier one.' : '',
)
async function fetched(sorts: readonly EntrySort[]): Promise<readonly Entry[] | null> {
  const answer = await server.yardBook(props.yard.id, from.value, to.value, sorts)
  problem.value = answer.ok ? '' : answer.problem.sentence
  if (!answer.ok) return null
  return hiveId.value === '' ? answer.value : answer.value.filter((entry) => entry.hiveId === hiveId.value)
}
const title = computed(() => (hiveId.value === '' ? props.yard.name : (names.value.get(hiveId.value) ?? 'hive')))
async function print() {
  working.value = 'The record is made'
  const entries = await fetched(ENTRY_SORTS)
  const of = { yard: props.yard, from: from.value, to: to.value, ...(hiveId.value ? { hiveId: hiveId.value } : {}) }
  const sheet = entries && recordSheet(of, entries, preferences.reader)
  if (entries && !sheet) problem.value = 'There is more than a record can hold: choose a shorter time, or one hive.'
  if (sheet) {
    const printed = await server.print({ ...sheet, paper: preferences.paper, drawings: [], stepDrawings: [] })
    if (printed.ok) download(`${fileName(sheet.title)}.pdf`, printed.pdf, 'application/pdf')
    else problem.value = `It was not printed: ${printed.sentence}`
  }
  working.value = ''
}
const sort = ref<EntrySort>('look')
async function save() {
  const entries = await fetched([sort.value])
  if (!entries) return
  const text = bookCsv(sort.value, entries, (id) => names.value.get(id) ?? '')
  download(`${fileName(`${SORT_WORDS[sort.value].many} ${title.value}`)}.csv`, text, 'text/csv')
}

const MOST_BYTES = 20_000_000
const AT_A_TIME = 500
const read = shallowRef<ReturnType<typeof readBookCsv> | null>(null)
const done = ref<number | null>(null)
const said = ref('')
let stopped = false
async function choose(file: File) {
  said.value = problem.value = ''
  read.value = null
  if (file.size > MOST_BYTES) {
    problem.value = `The file has ${Math.round(file.size / 1e6)} MB: at most 20 MB are read, so split it by year.`
    return
  }
  read.value = readBookCsv(await file.text(), {
    makeId: () => crypto.randomUUID(),
    madeAt: new Date().toISOString(),
    device: preferences.device,
    hiveNamed: (name) => props.yard.hives.find((hive) => hive.name === name)?.id,
  })
}
async function keep() {
  const entries = read.value?.entries ?? []
  stopped = false
  let [added, repeated] = [0, 0]
  for (let at = 0; at < entries.length && !stopped; at += AT_A_TIME) {
    done.value = at
    const answer = await server.addEntries(props.yard.id, entries.slice(at, at + AT_A_TIME))
    if (!answer.ok) {
      problem.value = `From row ${at + 2} on nothing more was kept: ${answer.problem.sentence}`
      break
    }
    added += answer.value.added
    repeated += answer.value.repeated
  }
  done.value = null
  read.value = null
  said.value = `${counted(added, 'entry was', 'entries were')} new, ${repeated} were there already.`
}
onBeforeUnmount(() => {
  stopped = true
})
</script>

<template>
  <section class="files" aria-label="Out and in" data-testid="records-files">
    <UiCard title="Out">
      <div class="asked">
        <label>From <UiDay name="From" :value="from" :last="today" @change="from = $event || from" /></label>
        <label>To <UiDay name="To" :value="to" :last="today" @change="to = $event || to" /></label>
        <label
          >Of
          <ElSelect
            v-model="hiveId"
            filterable
            aria-label="Of"
            data-testid="record-of"
            :empty-values="[null, undefined]"
          >
            <ElOption value="" label="the whole yard" />
            <ElOption v-for="hive in yard.hives" :key="hive.id" :value="hive.id" :label="hive.name" />
          </ElSelect>
        </label>
      </div>
      <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
      <p class="large-acts">
        <ElButton type="primary" data-testid="record-print" :disabled="wrong !== '' || working !== ''" @click="print">
          Record as PDF
        </ElButton>
        <span
          >what an inspector asks for: treatments with their labels, signs, losses, counts, food, crops,
          inspections</span
        >
      </p>
      <p class="large-acts">
        <ElSelect v-model="sort" aria-label="Which entries" data-testid="csv-sort">
          <ElOption v-for="one in ENTRY_SORTS" :key="one" :value="one" :label="SORT_WORDS[one].many" />
        </ElSelect>
        <ElButton data-testid="csv-save" :disabled="wrong !== ''" @click="save">Save as CSV</ElButton>
      </p>
      <p v-if="working" role="status">{{ working }}…</p>
    </UiCard>
    <UiCard title="In">
      <p>
        A CSV file as it is saved here, or your own with the columns “sort”, “hive” and “at”. What is there already is
        not kept twice.
      </p>
      <UiFile name="Book as CSV" accept=".csv,text/csv,text/plain" data-testid="book-csv" @file="choose">
        <span class="plain-button">Choose a CSV file</span>
      </UiFile>
      <template v-if="read">
        <p data-testid="book-csv-said">
          {{ counted(read.entries.length, 'entry', 'entries') }} can be kept;
          {{ read.problems.length > 0 ? 'these rows are left out:' : 'nothing is wrong in it.' }}
        </p>
        <ul>
          <li v-for="sentence in read.problems" :key="sentence">{{ sentence }}</li>
        </ul>
        <ElButton
          type="primary"
          data-testid="book-csv-keep"
          :disabled="read.entries.length === 0 || done !== null"
          @click="keep"
          >Keep {{ counted(read.entries.length, 'entry', 'entries') }}</ElButton
        >
      </template>
      <p v-if="done !== null && read">
        <UiProgress :done="done" :of="read.entries.length" name="Entries kept" />
        <ElButton text @click="stopped = true">Stop</ElButton>
      </p>
      <p v-if="said" role="status" data-testid="book-csv-kept">{{ said }}</p>
    </UiCard>
    <p v-if="problem" class="wrong" role="alert">{{ problem }}</p>
  </section>
</template>

<style scoped>
.files {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(420px, 100%), 1fr));
  gap: var(--space-5);
  align-items: start;
}

p {
  margin: 0;
}

.asked,
.large-acts {
  gap: var(--space-3) var(--space-5);
  align-items: center;
}

.asked label {
  display: flex;
  flex-direction: column;
  font-size: var(--type-2);
}

.large-acts .el-select,
.asked .el-select {
  width: 230px;
}
</style>
