<script setup lang="ts">
// Readings of the air from a CSV file: where, in what unit; looked at before anything is kept.
import { SENSOR_PLACES, type SensorPlace } from '#core/heat'
import { showTemperature } from '#core/units'
import { counted, PLACE_WORDS } from '#core/words'
import type { AirMapping } from '#wire/air-csv'
import { columnLike, decimalOf, ownZone, useCsvDoor, useCsvImport } from '~/readings/csvImport'
import { server } from '~/client/server'
import type { AirFile } from '#wire/readings/air-file'

const props = defineProps<{ yardId: string; hiveId: string }>()
const emit = defineEmits<{ done: [] }>()
const preferences = usePreferences()
const place = ref<SensorPlace>('inside')
const mapping = reactive<{ -readonly [K in keyof AirMapping]: AirMapping[K] }>({
  timeColumn: '',
  warmColumn: '',
  dampColumn: '',
  unit: 'C',
  decimal: '.',
  zone: ownZone(),
})
const door = useCsvDoor<AirFile>(
  () => new Worker(new URL('../../workers/air-csv.worker.ts', import.meta.url), { type: 'module' }),
)
const file = useCsvImport({
  needs: 'a time and a temperature',
  atATime: 4500,
  open: (text) => door().open(text),
  guess({ columns, sample }) {
    mapping.timeColumn = columnLike(columns, /time|date|when|datum|zeit/i) ?? columns[0]!
    mapping.warmColumn = columnLike(columns, /temp|°|celsius|fahrenheit/i, [mapping.timeColumn]) ?? columns[1]!
    mapping.dampColumn = columnLike(columns, /hum|rh|damp|feucht|%/i, [mapping.timeColumn, mapping.warmColumn]) ?? ''
    mapping.unit = /°?f\b|fahrenheit/i.test(mapping.warmColumn) ? 'F' : 'C'
    mapping.decimal = decimalOf(sample[0]?.[mapping.warmColumn])
  },
  read: (onProgress, isCancelled) => door().read({ ...mapping }, onProgress, isCancelled),
  piece: (from, to) => door().piece(from, to),
  send: (batchId, readings) =>
    server.addReadings(props.yardId, props.hiveId, {
      kind: 'air',
      place: place.value,
      batchId,
      readings: [...readings],
    }),
  onKept: () => emit('done'),
})
const PLACES = SENSOR_PLACES.map((value) => ({ value, label: PLACE_WORDS[value] }))
const UNITS = [
  { value: 'C', label: '°C' },
  { value: 'F', label: '°F' },
] as const
const damp = (columns: readonly string[]) => [{ value: '', label: 'not measured' }, ...columns]
async function inFahrenheit() {
  mapping.unit = 'F'
  await file.look()
}
</script>

<template>
  <ReadingsImport
    :file="file"
    name="CSV file of readings"
    test="air"
    :mapping="mapping"
    :doubtful="file.read?.fahrenheit"
    @map="Object.assign(mapping, $event)"
  >
    <template #fields="{ columns }">
      <ReadingsPick v-model="place" label="Where" :of="PLACES" test="air-place" />
      <ReadingsPick v-model="mapping.warmColumn" label="Temperature" :of="columns" test="air-warm" />
      <ReadingsPick v-model="mapping.dampColumn" label="Humidity" :of="damp(columns)" test="air-damp" />
      <ReadingsPick v-model="mapping.unit" label="Unit" :of="UNITS" test="air-unit" />
    </template>
    <template v-if="file.read && file.read.count > 0" #range
      >, from {{ showTemperature(file.read.leastCelsius, preferences.units) }} to
      {{ showTemperature(file.read.mostCelsius, preferences.units) }}</template
    >
    <template v-if="file.read" #said>
      {{
        file.read.putBack > 0
          ? ` The clock was put back ${counted(file.read.putBack, 'time')}: they are sorted by time.`
          : ''
      }}{{
        file.read.dropped > 0
          ? ` ${counted(file.read.dropped, 'reading')} far from those beside them: the clock had jumped, left out.`
          : ''
      }}
    </template>
    <template #doubt>
      <p v-if="file.read?.fahrenheit" class="wrong" role="alert">
        These are said to be °C, but no hive is so warm: are they °F?
        <ElButton data-testid="air-fahrenheit" @click="inFahrenheit">Read them as °F</ElButton>
      </p>
    </template>
  </ReadingsImport>
</template>
