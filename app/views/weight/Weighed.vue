<script setup lang="ts">
// What a hive has weighed, beside what was predicted; taken back, brought from a file, sent by a scale.
import { predictedKgOn } from '#core/ask'
import { massFigure, showMass } from '#core/units'
import { capital, counted } from '#core/words'
import type { Hive, Yard } from '#core/yard'
import { stageOn, yearOf } from '#core/year'
import type { HiveReadings } from '#wire/answers'
import { localToday } from '~/composables/localTime'
import { server } from '~/client/server'

const props = defineProps<{ yard: Yard; hive: Hive; held: HiveReadings<'weight'> | null }>()
const emit = defineEmits<{ changed: [] }>()
const weighing = useWeighing()
const foodBooks = useFoodBooks()
const preferences = usePreferences()
const moment = useMoment()
const takenBack = ref<string | null>(null)
const importing = ref(false)
const wrong = ref('')
const year = computed(() => yearOf(props.yard))
const series = computed(() => props.held?.series[0])
/** A chart shows so many points at most. */
const MOST_POINTS = 120
/** What the hive would weigh on each day of the readings. */
const predicted = computed(() => {
  const points = series.value?.points ?? []
  const every = Math.max(1, Math.floor(points.length / MOST_POINTS))
  const at = points.filter((_, i) => i % every === 0 || i === points.length - 1).map((point) => point.at)
  const kg = predictedKgOn(props.yard, props.hive, at, weighing.weighingAt(props.hive.stage).timberKgPerM3)
  return at.flatMap((one, i) => (kg[i] ? [{ at: one, ...kg[i] }] : []))
})
async function setRemoved(batchId: string, removed: boolean) {
  const answer = await server.setBatchRemoved(batchId, removed)
  void foodBooks.load()
  wrong.value = answer.ok ? '' : answer.problem.sentence
  takenBack.value = removed ? batchId : null
  emit('changed')
}
const LATEST = columnsFor<HiveReadings<'weight'>['latest'][number]>(
  { key: 'when', label: 'When', width: 150, by: ({ at }) => at },
  { key: 'weight', label: 'Weight', width: 130, by: ({ kg }) => kg },
  {
    key: 'from',
    label: 'From',
    text: ({ source }) => (source.startsWith('scale:') ? 'a scale' : source === 'csv' ? 'a file' : 'by hand'),
  },
  { key: 'back', label: 'Take back', unsaid: true },
)
</script>

<template>
  <section class="history">
    <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
    <LazyWeightWeighChart v-if="series && series.count > 1" :points="series.points" :predicted="predicted" />
    <p v-if="held" class="soft" data-testid="weigh-count">
      {{ counted(series?.count ?? 0, 'reading')
      }}{{ series?.thinnedBy ? `, ${series.points.length} drawn (thinned: ${series.thinnedBy})` : '' }}. Predicted is
      this stack as each season has it ({{ capital(stageSaid(stageOn(localToday(), year))) }}
      today).
    </p>
    <p v-if="takenBack" role="status">
      Taken back.
      <ElButton text data-testid="bring-back" @click="setRemoved(takenBack, false)"> Bring them back </ElButton>
    </p>
    <UiTable
      v-if="held && held.latest.length > 0"
      class="list"
      :rows="held.latest.slice(0, 8)"
      :columns="LATEST"
      :key-of="({ id }) => id"
    >
      <template #when="{ row }"
        ><span data-weigh-row>{{ moment(row.at) }}</span></template
      >
      <template #weight="{ row }"
        >{{ showMass(row.kg, preferences.units)
        }}<template v-if="row.leftKg !== undefined && row.rightKg !== undefined">
          ({{ massFigure(row.leftKg, preferences.units) }} + {{ massFigure(row.rightKg, preferences.units) }})</template
        ></template
      >
      <template #back="{ row }"><ElButton text @click="setRemoved(row.batchId, true)">Take back</ElButton></template>
    </UiTable>
    <p v-else-if="held">No reading yet. Weigh it, bring a file, or put a scale under it.</p>
    <h2>From a file</h2>
    <ElButton data-testid="open-import" @click="importing = !importing">
      {{ importing ? 'Close' : 'Bring readings from a CSV file' }}
    </ElButton>
    <WeightImportCsv v-if="importing" :yard-id="yard.id" :hive-id="hive.id" @done="emit('changed')" />
    <ReadingsDevices
      :yard-id="yard.id"
      :hive-id="hive.id"
      kind="weight"
      :devices="held?.devices ?? []"
      @changed="emit('changed')"
    />
  </section>
</template>

<style scoped>
.history {
  display: flex;
  flex-direction: column;
  gap: var(--space-3);
  min-width: 0;
}
</style>
