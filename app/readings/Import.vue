<script setup lang="ts">
// Readings from a CSV file: which column is which, in what clock; looked at before anything is kept.
import { counted } from '#core/words'
import { ownZone, type ImportMapping, type useCsvImport } from './csvImport'

const props = defineProps<{
  /** The file on its way in. */
  file: ReturnType<typeof useCsvImport>
  name: string
  /** What its controls are found by in tests. */
  test: string
  mapping: ImportMapping
  /** What was read cannot be kept as it is. */
  doubtful?: boolean
}>()
const emit = defineEmits<{ map: [changed: Partial<ImportMapping>] }>()
const ZONES = [
  ...new Set([
    ownZone(),
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
const DECIMALS = [
  { value: '.', label: 'point' },
  { value: ',', label: 'comma' },
] as const
const field = (name: keyof ImportMapping) =>
  computed({ get: () => props.mapping[name], set: (value) => emit('map', { [name]: value }) })
const [time, decimal, zone] = [field('timeColumn'), field('decimal'), field('zone')]
</script>

<template>
  <div class="on-sheet" :data-testid="`import-${test}`">
    <UiFile :name="name" accept=".csv,text/csv,text/plain" :data-testid="`${test}-file`" @file="file.choose">
      <span class="plain-button">Choose a CSV file</span>
    </UiFile>
    <template v-if="file.opened">
      <div class="mapping">
        <ReadingsPick v-model="time" label="Time" :of="file.opened.columns" :test="`${test}-time`" />
        <slot name="fields" :columns="file.opened.columns" />
        <ReadingsPick v-model="decimal" label="Decimal sign" :of="DECIMALS" :test="`${test}-decimal`" />
        <ReadingsPick v-model="zone" label="Clock of" :of="ZONES" typed :test="`${test}-zone`" />
      </div>
      <slot name="first" :opened="file.opened" />
      <ElButton :data-testid="`${test}-look`" :disabled="file.progress !== null" @click="file.look">
        Look at them first
      </ElButton>
    </template>
    <p v-if="file.progress">
      <UiProgress :done="file.progress.done" :of="file.progress.of" name="Readings taken in" />
      {{ file.progress.done }} of {{ file.progress.of }} {{ file.progress.what }}
      <ElButton text @click="file.stop">Stop</ElButton>
    </p>
    <template v-if="file.read">
      <p :data-testid="`${test}-said`">
        {{ counted(file.read.count, 'reading') }} can be kept<slot name="range" />;
        {{ counted(file.read.leftOut, 'row is', 'rows are') }} left out.<slot name="said" />
      </p>
      <slot name="doubt" />
      <ul>
        <li v-for="sentence in file.read.problems" :key="sentence">{{ sentence }}</li>
      </ul>
      <ElButton
        type="primary"
        :data-testid="`${test}-keep`"
        :disabled="file.read.count === 0 || doubtful"
        @click="file.keep"
      >
        Keep {{ counted(file.read.count, 'reading') }}
      </ElButton>
    </template>
    <p v-if="file.problem" class="wrong" role="alert">{{ file.problem }}</p>
    <p v-if="file.said" role="status">{{ file.said }}</p>
  </div>
</template>

<style scoped>
.mapping {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(120px, 1fr));
  gap: var(--space-3) var(--space-3);
}

.wrong,
.import :deep(.wrong) {
  color: var(--stop);
}
</style>
