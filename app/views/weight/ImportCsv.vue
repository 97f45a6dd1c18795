<script setup lang="ts">
// Weighings from a CSV file: which column, in what unit; looked at before anything is kept.
import type { CsvMapping } from '#wire/weigh-csv'
import { showMass } from '#core/units'
import { counted } from '#core/words'
import { columnLike, decimalOf, ownZone, useCsvDoor, useCsvImport } from '~/readings/csvImport'
import { server } from '~/client/server'
import type { WeightFile } from '#wire/readings/weight-file'

const props = defineProps<{ yardId: string; hiveId: string }>()
const emit = defineEmits<{ done: [] }>()
const preferences = usePreferences()
const mapping = reactive<{ -readonly [K in keyof CsvMapping]: CsvMapping[K] }>({
  timeColumn: '',
  kgColumn: '',
  unit: 'kg',
  decimal: '.',
  zone: ownZone(),
})
const door = useCsvDoor<WeightFile>(
  () => new Worker(new URL('../../workers/weigh-csv.worker.ts', import.meta.url), { type: 'module' }),
)
const file = useCsvImport({
  needs: 'a time and a mass',
  atATime: 2000,
  open: (text) => door().open(text),
  guess({ columns, sample }) {
    mapping.timeColumn = columnLike(columns, /time|date|when|datum|zeit/i) ?? columns[0]!
    mapping.kgColumn = columnLike(columns, /kg|weight|mass|lb|gewicht/i) ?? columns[1]!
    mapping.unit = /lb|pound/i.test(mapping.kgColumn) ? 'lb' : 'kg'
    mapping.decimal = decimalOf(sample[0]?.[mapping.kgColumn])
  },
  read: (onProgress, isCancelled) => door().read({ ...mapping }, onProgress, isCancelled),
  piece: (from, to) => door().piece(from, to),
  send: (batchId, readings) =>
    server.addReadings(props.yardId, props.hiveId, { kind: 'weight', batchId, readings: [...readings] }),
  onKept: () => emit('done'),
})
const UNITS = ['kg', 'lb', 'g'] as const
</script>

<template>
  <ReadingsImport :file="file" name="CSV file" test="csv" :mapping="mapping" @map="Object.assign(mapping, $event)">
    <template #fields="{ columns }">
      <ReadingsPick v-model="mapping.kgColumn" label="Mass" :of="columns" test="csv-mass" />
      <ReadingsPick v-model="mapping.unit" label="Unit" :of="UNITS" test="csv-unit" />
    </template>
    <template #first="{ opened }">
      <p>
        {{ counted(opened.rows, 'row') }}. The first:
        {{ opened.sample.map((row) => `${row[mapping.timeColumn]} | ${row[mapping.kgColumn]}`).join('; ') }}
      </p>
    </template>
    <template v-if="file.read && file.read.count > 0" #range
      >, {{ showMass(file.read.leastKg, preferences.units) }} at the least</template
    >
    <template v-if="file.read && file.read.doubled > 0" #said>
      {{ file.read.doubled }} lie in the hour that comes twice when summer time ends: the first was taken.
    </template>
  </ReadingsImport>
</template>
