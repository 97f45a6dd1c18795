<script setup lang="ts">
// Weigh or heft a hive: a reading, what it says of the stores, and the readings there are beside what was predicted.
import { TYPED } from '#core/yard'
import { hiveIn } from '#core/ask'
import type { Hive, Yard } from '#core/yard'
import { yearOf } from '#core/year'
import { massFigure, massUnit, parseMass, showMass } from '#core/units'
import { foodOf, storesByWeighing, weighDoubt, type WeighDoubt } from '#core/book'
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
const method = ref<'scale' | 'heft'>('scale')
const typed = reactive({ kg: '', left: '', right: '', at: localNow() })
type Field = 'kg' | 'left' | 'right' | 'at'
/** What is wrong, and the field it stands at; null where it is of none. */
const wrong = ref<{ readonly field: Field | null; readonly sentence: string } | null>(null)
const wrongAt = (field: Field | null) => (wrong.value?.field === field ? wrong.value.sentence : '')
function fail(field: Field | null, sentence: string): null {
  wrong.value = { field, sentence }
  return null
}
const held = shallowRef<HiveReadings<'weight'> | null>(null)

function localNow(): string {
  const now = new Date()
  return new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 16)
}
async function load() {
  const answer = await server.readings(props.yard.id, props.hive.id, 'weight')
  if (answer.ok) held.value = answer.value
  else fail(null, answer.problem.sentence)
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
const localAt = (at: string) => dayjs(at).format('YYYY-MM-DDTHH:mm')
const stores = computed(() =>
  newest.value
    ? storesByWeighing(
        known.value,
        entries.value,
        { at: localAt(newest.value.at), kg: newest.value.kg },
        year.value,
        chosen.value,
      )
    : null,
)
/** What is there now, with all that came and went since: what the book and the winter tell. */
const food = computed(() =>
  written.entries.value ? foodOf(known.value, written.entries.value, written.ofTheseBoxes.value, localToday()) : null,
)
function read(text: string, name: string, field: Field): number | null {
  const parsed = parseMass(text, preferences.units, TYPED.reading)
  if (parsed.ok) return parsed.kg
  const reasons = {
    empty: 'is empty',
    negative: 'is below zero',
    'two-units': 'has two units in it',
    'out-of-range': 'is no mass that a hive has',
    'not-a-mass': 'is not a mass',
  }
  return fail(
    field,
    `${name} ${reasons[parsed.problem]}: type one such as ${massFigure(45, preferences.units)} ${massUnit(preferences.units)}.`,
  )
}
async function add() {
  wrong.value = null
  doubt.value = null
  const row = method.value === 'scale' ? single() : halves()
  if (!row) return
  const odd = weighDoubt(
    known.value,
    entries.value,
    written.ofTheseBoxes.value,
    { at: localAt(row.at), kg: row.kg },
    year.value,
    chosen.value,
  )
  if (odd) doubt.value = { row, odd }
  else await keep(row)
}
/** A reading that is asked about before it is kept. */
const doubt = shallowRef<{ readonly row: WeighIn; readonly odd: WeighDoubt } | null>(null)
async function keepTyped() {
  const row = doubt.value?.row
  if (row) await keep(row)
}
async function keepOther() {
  const { row, odd } = doubt.value ?? {}
  if (!row || !odd?.otherUnitKg) return
  const factor = odd.otherUnitKg.kg / row.kg
  const halves =
    row.leftKg === undefined || row.rightKg === undefined
      ? {}
      : { leftKg: row.leftKg * factor, rightKg: row.rightKg * factor }
  await keep({ ...row, kg: odd.otherUnitKg.kg, ...halves })
}
async function keep(row: WeighIn) {
  doubt.value = null
  const weighIns = { source: 'hand' as const, batchId: crypto.randomUUID(), readings: [row] }
  if (await book.weigh(props.yard.id, props.hive.id, weighIns))
    Object.assign(typed, { kg: '', left: '', right: '', at: localNow() })
  else fail(book.refused.includes('minute') ? 'at' : null, book.refused)
  await Promise.all([load(), written.load()])
}
function momentTyped(): string | null {
  const at = new Date(typed.at)
  if (!Number.isNaN(at.getTime())) return `${at.toISOString().slice(0, 16)}:00Z`
  return fail('at', 'When is not a date with a time: such as 31 May 2026, 14:15.')
}
function single(): WeighIn | null {
  const kg = read(typed.kg, 'Reading', 'kg')
  const at = kg === null ? null : momentTyped()
  return kg === null || at === null ? null : { at, kg, method: 'scale' }
}
function halves(): WeighIn | null {
  const left = read(typed.left, 'Left half', 'left')
  const right = left === null ? null : read(typed.right, 'Right half', 'right')
  const at = right === null ? null : momentTyped()
  return left === null || right === null || at === null
    ? null
    : { at, kg: left + right, method: 'heft', leftKg: left, rightKg: right }
}
</script>

<template>
  <div class="weigh">
    <section class="enter">
      <h2>Weigh {{ hive.name }}</h2>
      <div class="tabs" role="group" aria-label="How it is weighed">
        <ElButton class="bare" :aria-pressed="method === 'scale'" @click="method = 'scale'">One reading</ElButton>
        <ElButton class="bare" :aria-pressed="method === 'heft'" data-testid="heft" @click="method = 'heft'">
          A half-lift at each side
        </ElButton>
      </div>
      <form @submit.prevent="add">
        <template v-if="method === 'scale'">
          <label
            >Reading, without the stand, {{ massUnit(preferences.units) }}
            <ElInput v-model="typed.kg" inputmode="decimal" data-testid="weigh-kg"
          /></label>
          <p v-if="wrongAt('kg')" class="wrong" role="alert">{{ wrongAt('kg') }}</p>
        </template>
        <template v-else>
          <label
            >Left half, {{ massUnit(preferences.units) }}
            <ElInput v-model="typed.left" inputmode="decimal" data-testid="weigh-left"
          /></label>
          <p v-if="wrongAt('left')" class="wrong" role="alert">{{ wrongAt('left') }}</p>
          <label
            >Right half, {{ massUnit(preferences.units) }}
            <ElInput v-model="typed.right" inputmode="decimal" data-testid="weigh-right"
          /></label>
          <p v-if="wrongAt('right')" class="wrong" role="alert">{{ wrongAt('right') }}</p>
        </template>
        <label
          >When <UiDay name="When" time :value="typed.at" data-testid="weigh-at" @change="typed.at = $event"
        /></label>
        <p v-if="wrongAt('at')" class="wrong" role="alert">{{ wrongAt('at') }}</p>
        <ElButton type="primary" native-type="submit" data-testid="weigh-add">Keep it</ElButton>
      </form>
      <p v-if="wrongAt(null)" class="wrong" role="alert">{{ wrongAt(null) }}</p>
      <div v-if="doubt" class="doubt" role="alert" data-testid="weigh-doubt">
        <p>{{ weighDoubtInWords(doubt.odd, doubt.row.kg, preferences.reader) }}</p>
        <ElButton v-if="doubt.odd.otherUnitKg" type="primary" data-testid="weigh-other" @click="keepOther"
          >It was {{ doubt.odd.otherUnitKg.typedAs }}: keep
          {{ showMass(doubt.odd.otherUnitKg.kg, preferences.units) }}</ElButton
        >
        <ElButton data-testid="weigh-anyway" @click="keepTyped"
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

form {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
  align-items: end;
}

label {
  display: flex;
  flex: 1;
  flex-direction: column;
  min-width: 130px;
  font-size: var(--type-2);
}

.soft,
.caution {
  color: var(--soft-ink);
}

.wrong {
  flex-basis: 100%;
  color: var(--stop);
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
