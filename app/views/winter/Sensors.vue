<script setup lang="ts">
// Readings of the air in a hive and beside it: the chart, what the newest says, files, sensors.
import { catalogueOf } from '#core/parts'
import type { Hive, Yard } from '#core/yard'
import { readAs, type SensorPlace } from '#core/heat'
import type { HiveWinter } from '#core/ask'
import { showTemperature } from '#core/units'
import { capital, clusterInWords, counted, faceWord, PLACE_WORDS } from '#core/words'
import type { HiveReadings } from '#wire/answers'
import { server } from '~/client/server'

const props = defineProps<{
  yard: Yard
  hive: Hive
  winter: HiveWinter
  air: HiveReadings<'air'> | null
  outsideCelsius: number
}>()
const emit = defineEmits<{ changed: [] }>()
const preferences = usePreferences()
const moment = useMoment()
const newest = (place: SensorPlace) => props.air?.series.find((one) => one.place === place)?.latest
const inside = computed(() => newest('inside') ?? newest('crown'))
const outside = computed(() => newest('outside')?.celsius ?? props.outsideCelsius)
const said = computed(() => {
  if (!inside.value) return null
  const { figures } = props.winter.of.context
  const read = readAs(props.winter.shell, inside.value, outside.value, figures)
  const names = props.winter.of.names(preferences.vocabulary)
  return {
    ...read,
    wetWords: read.wet.map((face) => faceWord(face, names, preferences.reader)),
  }
})
const problem = ref('')
const gone = ref<string | null>(null)
async function takeBack(batchId: string, removed: boolean) {
  const answer = await server.setBatchRemoved(batchId, removed)
  if (answer.ok) gone.value = removed ? batchId : null
  else problem.value = answer.problem.sentence
  emit('changed')
}
</script>

<template>
  <div class="sensors">
    <section class="chart">
      <h2>Readings</h2>
      <WinterAirChart v-if="air && air.series.length > 0" :series="air.series" />
      <p v-else data-testid="no-air">
        No readings yet. Bring in a file of a logger, or set a sensor up: then this hive’s own air takes the place of
        what is assumed of it.
      </p>
      <div v-if="said && inside" class="told" data-testid="air-told" role="status">
        <p>
          <b>{{ moment(inside.at) }}</b>: {{ showTemperature(inside.celsius, preferences.units, 1)
          }}{{ inside.humidityPercent === null ? '' : `, ${Math.round(inside.humidityPercent)} %` }} in the hive,
          {{ showTemperature(outside, preferences.units, 1) }} outside{{
            newest('outside') ? '' : ' (as tried, not measured)'
          }}.
        </p>
        <p v-if="said.dewPointCelsius !== undefined">
          Dew point {{ showTemperature(said.dewPointCelsius, preferences.units, 1) }}:
          {{ said.wetWords.length === 0 ? 'no face is wet now' : `wet now: ${said.wetWords.join(', ')}` }}.
        </p>
        <p data-testid="cluster-gives">{{ clusterInWords(said.watts, catalogueOf(yard).figures) }}</p>
      </div>
      <ul v-if="air" class="list">
        <li v-for="one in air.series" :key="one.place">
          {{ capital(PLACE_WORDS[one.place]) }}: {{ counted(one.count, 'reading') }}
          <ElButton v-for="id in one.batchIds.slice(-1)" :key="id" text @click="takeBack(id, true)"
            >Take the newest batch back</ElButton
          >
        </li>
        <li v-if="gone"><ElButton text @click="takeBack(gone, false)">Bring the batch back</ElButton></li>
      </ul>
      <p v-if="problem" class="wrong" role="alert">{{ problem }}</p>
    </section>
    <section class="enter">
      <h2>From a file</h2>
      <WinterImportAir :yard-id="yard.id" :hive-id="hive.id" @done="emit('changed')" />
      <ReadingsDevices
        :yard-id="yard.id"
        :hive-id="hive.id"
        kind="air"
        :devices="air?.devices ?? []"
        @changed="emit('changed')"
      />
    </section>
  </div>
</template>

<style scoped>
.sensors {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(300px, 420px);
  gap: var(--space-3) var(--space-6);
  padding: var(--space-3) var(--space-5) var(--space-6);
}

.chart,
.enter {
  display: flex;
  flex-direction: column;
  gap: var(--space-3);
  min-width: 0;
}

.told {
  padding: var(--space-3) var(--space-4);
  border: 1px solid var(--seam);
  border-radius: 9px;
  background: var(--sheet);
}

.list {
  padding: 0;
  list-style: none;
}

@media (max-width: 1020px) {
  .sensors {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
