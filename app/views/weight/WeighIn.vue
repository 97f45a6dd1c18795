<script setup lang="ts">
// Weigh or heft a hive: a reading, what it says of the stores, and the readings there are beside what was predicted.
import { hiveIn } from '#core/ask'
import type { Hive, Yard } from '#core/yard'
import { yearOf } from '#core/year'
import { showMass } from '#core/units'
import { asOtherMass, foodOf, storesByWeighing, weighDoubt, type WeighDoubt } from '#core/book'
import { weighDoubtInWords } from '#core/words'
import { localToday } from '~/composables/localTime'
import { useHiveBook } from '~/views/book/hiveBook'
import dayjs from 'dayjs'
import { server } from '~/client/server'
import type { HiveReadings } from '#wire/answers'
import type { WeighIn } from '#wire/readings/weight'

const props = defineProps<{ yard: Yard; hive: Hive }>()
const weighing = useWeighing()
const book = useBook()
const preferences = usePreferences()
const method = ref<WeighIn['method']>('scale')
/** Counts what was kept: the form is empty for the next. */
const round = ref(0)
const wrong = ref('')
const wrongAt = ref('')
const held = shallowRef<HiveReadings<'weight'> | null>(null)
async function load() {
  const answer = await server.readings(props.yard.id, props.hive.id, 'weight')
  if (answer.ok) held.value = answer.value
  else wrong.value = answer.problem.sentence
}
watch(
  () => props.hive.id,
  () => {
    held.value = null
    void load()
  },
  { immediate: true },
)

const year = computed(() => yearOf(props.yard))
const known = computed(() => hiveIn(props.yard, props.hive))
const newest = computed(() => held.value?.latest[0])
const written = useHiveBook(() => ({ yardId: props.yard.id, hiveId: props.hive.id }))
const entries = computed(() => written.entries.value ?? [])
/** The timber and the fill that were chosen here; bees, brood and stage are those of the day. */
const chosen = computed(() => {
  const { timberKgPerM3, fill } = weighing.weighingAt(props.hive.stage)
  return { timberKgPerM3, fill }
})
const weighedAt = ({ at, kg }: Pick<WeighIn, 'at' | 'kg'>) => ({ at: dayjs(at).format('YYYY-MM-DDTHH:mm'), kg })
const stores = computed(() =>
  newest.value ? storesByWeighing(known.value, entries.value, weighedAt(newest.value), year.value, chosen.value) : null,
)
/** What is there now, with all that came and went since: what the book and the winter tell. */
const food = computed(() =>
  written.entries.value ? foodOf(known.value, written.entries.value, written.ofTheseBoxes.value, localToday()) : null,
)
/** A reading that is asked about before it is kept. */
const doubt = shallowRef<{ readonly row: WeighIn; readonly odd: WeighDoubt } | null>(null)
/** What was asked or wrong was about what stood there before. */
function typed() {
  doubt.value = null
  wrong.value = wrongAt.value = ''
}
async function add(row: WeighIn) {
  const weighings = written.ofTheseBoxes.value
  const odd = weighDoubt(known.value, entries.value, weighings, weighedAt(row), year.value, chosen.value)
  doubt.value = odd ? { row, odd } : null
  if (!odd) await keep(row)
}
async function keep(row: WeighIn) {
  doubt.value = null
  const weighIns = { source: 'hand' as const, batchId: crypto.randomUUID(), readings: [row] }
  const isKept = await book.weigh(props.yard.id, props.hive.id, weighIns)
  const isOfTheMinute = book.refused.includes('minute')
  wrongAt.value = !isKept && isOfTheMinute ? book.refused : ''
  wrong.value = !isKept && !isOfTheMinute ? book.refused : ''
  if (isKept) round.value++
  await Promise.all([load(), written.load()])
}
</script>

<template>
  <div class="weigh">
    <section class="enter">
      <h2>Weigh {{ hive.name }}</h2>
      <WeightTypedReading :key="round" v-model:method="method" :wrong-at="wrongAt" @typed="typed" @sound="add" />
      <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
      <div v-if="doubt" class="doubt" role="alert" data-testid="weigh-doubt">
        <p>{{ weighDoubtInWords(doubt.odd, doubt.row.kg, preferences.reader) }}</p>
        <ElButton
          v-if="doubt.odd.otherUnitKg"
          type="primary"
          data-testid="weigh-other"
          @click="keep(asOtherMass(doubt.row, doubt.odd.otherUnitKg.kg))"
          >It was {{ doubt.odd.otherUnitKg.typedAs }}: keep
          {{ showMass(doubt.odd.otherUnitKg.kg, preferences.units) }}</ElButton
        >
        <ElButton data-testid="weigh-anyway" @click="keep(doubt.row)"
          >Keep {{ showMass(doubt.row.kg, preferences.units) }}</ElButton
        >
        <ElButton text @click="doubt = null">Type it again</ElButton>
      </div>
      <WeightStoresByReading
        v-if="stores && newest"
        :yard="yard"
        :hive="hive"
        :newest="newest"
        :stores="stores"
        :food="food"
      />
      <p class="caution">
        A half-lift at each side is read with a luggage scale, hive straight, nobody under it. Figures are guidance;
        look at the combs before you trust them.
      </p>
    </section>
    <WeightWeighed :yard="yard" :hive="hive" :held="held" @changed="load" />
  </div>
</template>

<style scoped>
.weigh {
  display: grid;
  grid-template-columns: minmax(300px, 430px) minmax(0, 1fr);
  gap: var(--space-3) var(--space-6);
}

.enter {
  display: flex;
  flex-direction: column;
  gap: var(--space-3);
  min-width: 0;
}

.soft,
.caution {
  color: var(--soft-ink);
}

.doubt {
  padding: var(--space-3) var(--space-4);
  border-left: 5px solid var(--watch);
  background: var(--sheet);
}

@media (max-width: 1020px) {
  .weigh {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
