<script setup lang="ts">
// Readings of the air from a CSV file: which column is which, where, in what unit and clock; looked at before anything is kept.
import { proxy, wrap, type Remote } from 'comlink'
import { SENSOR_PLACES, type SensorPlace } from '#core/winter'
import { showTemperature } from '#core/units'
import { counted, PLACE_WORDS } from '#core/wording'
import type { AirMapping } from '#wire/air-csv'
import { server } from '~/sync/server'
import type { AirCsvDoor, ReadAirFile } from '~/workers/air-csv.worker'
import type { OpenedFile } from '~/workers/csv-door'

const props = defineProps<{ yardId: string; hiveId: string }>()
const emit = defineEmits<{ done: [] }>()
const MOST_BYTES = 20_000_000
const PIECE = 4500
const preferences = usePreferences()
const opened = shallowRef<OpenedFile | null>(null)
const read = shallowRef<ReadAirFile | null>(null)
const problem = ref('')
const said = ref('')
const place = ref<SensorPlace>('inside')
const progress = ref<{ done: number; of: number; what: string } | null>(null)
const mapping = reactive<{ -readonly [K in keyof AirMapping]: AirMapping[K] }>({
  timeColumn: '',
  warmColumn: '',
  dampColumn: '',
  unit: 'C',
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
let worker: Remote<AirCsvDoor> | undefined
let stopped = false
const door = () =>
  (worker ??= wrap<AirCsvDoor>(
    new Worker(new URL('../../workers/air-csv.worker.ts', import.meta.url), { type: 'module' }),
  ))
const columnLike = (columns: readonly string[], like: RegExp, taken: readonly string[] = []) =>
  columns.find((name) => like.test(name) && !taken.includes(name))

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
      'The file has no rows with a time and a temperature: a CSV file has a line of names and a line for each reading.'
    return
  }
  opened.value = found
  const { columns } = found
  mapping.timeColumn = columnLike(columns, /time|date|when|datum|zeit/i) ?? columns[0]!
  mapping.warmColumn = columnLike(columns, /temp|°|celsius|fahrenheit/i, [mapping.timeColumn]) ?? columns[1]!
  mapping.dampColumn = columnLike(columns, /hum|rh|damp|feucht|%/i, [mapping.timeColumn, mapping.warmColumn]) ?? ''
  mapping.unit = /°?f\b|fahrenheit/i.test(mapping.warmColumn) ? 'F' : 'C'
  mapping.decimal = /,/.test(found.sample[0]?.[mapping.warmColumn] ?? '') ? ',' : '.'
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
async function inFahrenheit() {
  mapping.unit = 'F'
  await look()
}
async function keep() {
  const count = read.value?.count ?? 0
  const batchId = crypto.randomUUID()
  stopped = false
  let added = 0
  for (let at = 0; at < count; at += PIECE) {
    progress.value = { done: at, of: count, what: 'kept' }
    const readings = await door().piece(at, at + PIECE)
    const answer = await server.addAir(props.yardId, props.hiveId, { place: place.value, batchId, readings })
    if (!answer.ok) {
      problem.value = answer.problem.sentence
      break
    }
    added += answer.value.added
    if (stopped) break
  }
  progress.value = null
  said.value = `${counted(added, 'reading')} kept, ${counted(count - added, 'was', 'were')} there already or not sent.`
  read.value = null
  opened.value = null
  emit('done')
}
</script>

<template>
  <div class="import" data-testid="import-air">
    <UiFile name="CSV file of readings" accept=".csv,text/csv,text/plain" data-testid="air-file" @file="choose">
      <span class="plain-button">Choose a CSV file</span>
    </UiFile>
    <template v-if="opened">
      <div class="mapping">
        <ShellInTurn
          ><label
            >Where
            <ElSelect v-model="place" data-testid="air-place">
              <ElOption
                v-for="one in SENSOR_PLACES"
                :key="one"
                :value="one"
                :label="PLACE_WORDS[one]" /></ElSelect></label
        ></ShellInTurn>
        <ShellInTurn
          ><label
            >Time
            <ElSelect v-model="mapping.timeColumn" data-testid="air-time">
              <ElOption v-for="name in opened.columns" :key="name" :value="name" :label="name" /></ElSelect></label
        ></ShellInTurn>
        <ShellInTurn
          ><label
            >Temperature
            <ElSelect v-model="mapping.warmColumn" data-testid="air-warm">
              <ElOption v-for="name in opened.columns" :key="name" :value="name" :label="name" /></ElSelect></label
        ></ShellInTurn>
        <ShellInTurn
          ><label
            >Humidity
            <ElSelect v-model="mapping.dampColumn" data-testid="air-damp" :empty-values="[null, undefined]">
              <ElOption value="" label="not measured" />
              <ElOption v-for="name in opened.columns" :key="name" :value="name" :label="name" /></ElSelect></label
        ></ShellInTurn>
        <ShellInTurn
          ><label
            >Unit
            <ElSelect v-model="mapping.unit" data-testid="air-unit">
              <ElOption value="C" label="°C" />
              <ElOption value="F" label="°F" /></ElSelect></label
        ></ShellInTurn>
        <ShellInTurn
          ><label
            >Decimal sign
            <ElSelect v-model="mapping.decimal" data-testid="air-decimal">
              <ElOption value="." label="point" />
              <ElOption value="," label="comma" /></ElSelect></label
        ></ShellInTurn>
        <ShellInTurn
          ><label
            >Clock of
            <ElSelect v-model="mapping.zone" data-testid="air-zone" filterable>
              <ElOption v-for="zone in ZONES" :key="zone" :value="zone" :label="zone" /></ElSelect></label
        ></ShellInTurn>
      </div>
      <ElButton data-testid="air-look" :disabled="progress !== null" @click="look">Look at them first</ElButton>
    </template>
    <p v-if="progress">
      <UiProgress :done="progress.done" :of="progress.of" name="Readings taken in" /> {{ progress.done }} of
      {{ progress.of }} {{ progress.what }} <ElButton text @click="stopped = true">Stop</ElButton>
    </p>
    <template v-if="read">
      <p data-testid="air-said">
        {{ counted(read.count, 'reading') }} can be kept{{
          read.count > 0
            ? `, from ${showTemperature(read.leastCelsius, preferences.units)} to ${showTemperature(read.mostCelsius, preferences.units)}`
            : ''
        }}; {{ counted(read.leftOut, 'row is', 'rows are') }} left out.{{
          read.putBack > 0 ? ` The clock was put back ${counted(read.putBack, 'time')}: they are sorted by time.` : ''
        }}{{
          read.dropped > 0
            ? ` ${counted(read.dropped, 'reading')} far from those beside them: the clock had jumped, left out.`
            : ''
        }}
      </p>
      <p v-if="read.fahrenheit" class="wrong" role="alert">
        These are said to be °C, but no hive is so warm: are they °F?
        <ElButton data-testid="air-fahrenheit" @click="inFahrenheit">Read them as °F</ElButton>
      </p>
      <ul>
        <li v-for="sentence in read.problems" :key="sentence">{{ sentence }}</li>
      </ul>
      <ElButton type="primary" data-testid="air-keep" :disabled="read.count === 0 || read.fahrenheit" @click="keep">
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
  grid-template-columns: repeat(auto-fit, minmax(120px, 1fr));
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
