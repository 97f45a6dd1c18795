<script setup lang="ts">
// Readings from a CSV file: which column is which, in what unit and clock; looked at before anything is kept.
import { counted } from '#core/wording'
import { proxy, wrap, type Remote } from 'comlink'
import type { CsvMapping } from '#wire/weigh-csv'
import { showMass } from '#core/units'
import { server } from '~/sync/server'
import type { OpenedFile } from '~/workers/csv-door'
import type { ReadFile, WeighCsvDoor } from '~/workers/weigh-csv.worker'

const MOST_BYTES = 20_000_000
const PIECE = 2000
const props = defineProps<{ yardId: string; hiveId: string }>()
const emit = defineEmits<{ done: [] }>()
const preferences = usePreferences()
const opened = shallowRef<OpenedFile | null>(null)
const read = shallowRef<ReadFile | null>(null)
const problem = ref('')
const said = ref('')
const progress = ref<{ done: number; of: number; what: string } | null>(null)
const mapping = reactive<{ -readonly [K in keyof CsvMapping]: CsvMapping[K] }>({
  timeColumn: '',
  kgColumn: '',
  unit: 'kg',
  decimal: '.',
  zone: Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC',
})
const ZONES = [
  ...new Set([
    mapping.zone,
    'UTC',
    'Europe/London',
    'Europe/Berlin',
    'America/New_York',
    'America/Chicago',
    'America/Los_Angeles',
    'Australia/Sydney',
    'Pacific/Auckland',
  ]),
]
let worker: Remote<WeighCsvDoor> | undefined
let stopped = false
const door = () =>
  (worker ??= wrap<WeighCsvDoor>(
    new Worker(new URL('../../workers/weigh-csv.worker.ts', import.meta.url), { type: 'module' }),
  ))

async function choose(file: File) {
  problem.value = ''
  said.value = ''
  opened.value = null
  read.value = null
  if (file.size > MOST_BYTES) {
    problem.value = `The file has ${Math.round(file.size / 1e6)} MB: at most ${MOST_BYTES / 1e6} MB are read, so split it by year.`
    return
  }
  const found = await door().open(await file.text())
  if (found.rows === 0 || found.columns.length < 2) {
    problem.value =
      'The file has no rows with a time and a mass: a CSV file has a line of names and a line for each reading.'
    return
  }
  opened.value = found
  mapping.timeColumn = found.columns.find((name) => /time|date|when|datum|zeit/i.test(name)) ?? found.columns[0]!
  mapping.kgColumn = found.columns.find((name) => /kg|weight|mass|lb|gewicht/i.test(name)) ?? found.columns[1]!
  mapping.unit = /lb|pound/i.test(mapping.kgColumn) ? 'lb' : 'kg'
  mapping.decimal = /,/.test(found.sample[0]?.[mapping.kgColumn] ?? '') ? ',' : '.'
}
async function look() {
  stopped = false
  progress.value = { done: 0, of: opened.value!.rows, what: 'read' }
  read.value = await door().read(
    { ...mapping },
    proxy((done: number) => {
      progress.value = { done, of: opened.value!.rows, what: 'read' }
    }),
    proxy(() => stopped),
  )
  progress.value = null
}
async function keep() {
  const count = read.value?.count ?? 0
  const batchId = crypto.randomUUID()
  stopped = false
  let added = 0
  for (let at = 0; at < count; at += PIECE) {
    progress.value = { done: at, of: count, what: 'kept' }
    const readings = await door().piece(at, at + PIECE)
    const answer = await server.addWeighIns(props.yardId, props.hiveId, { source: 'csv', batchId, readings })
    if (!answer.ok) {
      problem.value = answer.problem.sentence
      break
    }
    added += answer.value.added
    if (stopped) break
  }
  progress.value = null
  said.value = `${counted(added, 'reading')} kept, ${counted(count - added, 'was', 'were')} there already or not sent. All of them can be taken back with one press in the list.`
  read.value = null
  opened.value = null
  emit('done')
}
</script>

<template>
  <div class="import" data-testid="import-csv">
    <UiFile name="CSV file" accept=".csv,text/csv,text/plain" data-testid="csv-file" @file="choose">
      <span class="plain-button">Choose a CSV file</span>
    </UiFile>
    <template v-if="opened">
      <div class="mapping">
        <label
          >Time
          <ElSelect v-model="mapping.timeColumn" data-testid="csv-time">
            <ElOption v-for="name in opened.columns" :key="name" :value="name" :label="name" /> </ElSelect
        ></label>
        <label
          >Mass
          <ElSelect v-model="mapping.kgColumn" data-testid="csv-mass">
            <ElOption v-for="name in opened.columns" :key="name" :value="name" :label="name" /> </ElSelect
        ></label>
        <label
          >Unit
          <ElSelect v-model="mapping.unit" data-testid="csv-unit">
            <ElOption value="kg" label="kg" />
            <ElOption value="lb" label="lb" />
            <ElOption value="g" label="g" /> </ElSelect
        ></label>
        <label
          >Decimal sign
          <ElSelect v-model="mapping.decimal" data-testid="csv-decimal">
            <ElOption value="." label="point" />
            <ElOption value="," label="comma" /> </ElSelect
        ></label>
        <label
          >Clock of
          <ElSelect v-model="mapping.zone" data-testid="csv-zone" filterable>
            <ElOption v-for="zone in ZONES" :key="zone" :value="zone" :label="zone" /> </ElSelect
        ></label>
      </div>
      <p>
        {{ counted(opened.rows, 'row') }}. The first:
        {{ opened.sample.map((row) => `${row[mapping.timeColumn]} | ${row[mapping.kgColumn]}`).join('; ') }}
      </p>
      <ElButton data-testid="csv-look" :disabled="progress !== null" @click="look"> Look at them first </ElButton>
    </template>
    <p v-if="progress">
      <UiProgress :done="progress.done" :of="progress.of" name="Readings taken in" /> {{ progress.done }} of
      {{ progress.of }} {{ progress.what }} <ElButton text @click="stopped = true">Stop</ElButton>
    </p>
    <template v-if="read">
      <p data-testid="csv-said">
        {{ counted(read.count, 'reading') }} can be kept{{
          read.count > 0 ? `, ${showMass(read.leastKg, preferences.units)} at the least` : ''
        }}; {{ counted(read.leftOut, 'row is', 'rows are') }} left out.{{
          read.doubled > 0
            ? ` ${read.doubled} lie in the hour that comes twice when summer time ends: the first was taken.`
            : ''
        }}
      </p>
      <ul>
        <li v-for="sentence in read.problems" :key="sentence">{{ sentence }}</li>
      </ul>
      <ElButton type="primary" data-testid="csv-keep" :disabled="read.count === 0" @click="keep">
        Keep {{ counted(read.count, 'reading') }}
      </ElButton>
    </template>
    <p v-if="problem" class="wrong" role="alert">{{ problem }}</p>
    <p v-if="said" role="status">{{ said }}</p>
  </div>
</template>

<style scoped>
.import {
  display: flex;
  flex-direction: column;
  gap: 8px;
  padding: 9px 12px;
  border: 1px solid var(--seam);
  border-radius: 8px;
  background: var(--sheet);
}

.mapping {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(130px, 1fr));
  gap: 6px 10px;
}

label {
  display: flex;
  flex-direction: column;
  font-size: 14px;
}

.wrong {
  color: var(--stop);
}
</style>
