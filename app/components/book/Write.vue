<script setup lang="ts">
// A count, a treatment, food, a crop or the end of a colony, written down with what it means at once.
import {
  beesInCups,
  cropFrom,
  entriesOf,
  isCropTooEarly,
  judgedCount,
  ripenessOf,
  storesOfFeed,
  treatmentWarnings,
  type Entry,
  type EntryBodies,
} from '#core/book'
import type { Hive, Yard } from '#core/hive'
import { keysOf } from '#core/plain'
import { yearOf } from '#core/season'
import { KG_PER_POUND, massUnit, poundsFromKg, showMass } from '#core/units'
import { outsideOn } from '#core/winter'
import { mitesInWords, TREATMENT_CAUTION, treatmentWarningInWords } from '#core/wording/book-words'
import { localNow, localToday, useWritten } from '~/composables/newEntry'

const props = defineProps<{ yard: Yard; hive: Hive; entries: readonly Entry[] }>()
const emit = defineEmits<{ kept: [] }>()
const book = useBook()
const preferences = usePreferences()
const written = useWritten()
const SORTS = [
  ['mites', 'Mites'],
  ['treatment', 'Treatment'],
  ['feed', 'Food given'],
  ['crop', 'Crop'],
  ['fate', 'What became of it'],
] as const
const sort = ref<(typeof SORTS)[number][0]>('mites')
const at = ref(localNow())
const year = computed(() => yearOf(props.yard))
const mites = reactive<{ way: EntryBodies['mites']['way']; mites: number; days: number; bees: number }>({
  way: 'tray',
  mites: 0,
  days: 3,
  bees: 300,
})
const treatment = reactive<{ -readonly [K in keyof EntryBodies['treatment']]: EntryBodies['treatment'][K] }>({
  product: '',
})
const feed = reactive<{ feed: EntryBodies['feed']['feed']; kg: number }>({ feed: 'two-to-one', kg: 1 })
const crop = reactive<{ kg: number; sealed: number | undefined; water: number | undefined }>({
  kg: 0,
  sealed: undefined,
  water: undefined,
})
const fate = reactive<{ fate: EntryBodies['fate']['fate']; cause: string }>({ fate: 'dead', cause: '' })
const WAYS = [
  ['tray', 'On a tray'],
  ['wash', 'Washed'],
  ['sugar', 'In sugar'],
] as const
const FEEDS = [
  ['two-to-one', 'Syrup 2 : 1'],
  ['one-to-one', 'Syrup 1 : 1'],
  ['fondant', 'Fondant'],
  ['comb', 'Combs'],
] as const
const FATES = [
  ['alive', 'Alive'],
  ['dead', 'Dead'],
  ['merged', 'Merged'],
  ['sold', 'Sold'],
] as const
const shownMass = (kg: number) => Math.round((preferences.units === 'mm' ? kg : poundsFromKg(kg)) * 10) / 10
const kgOf = (typed: number | undefined) => (preferences.units === 'mm' ? (typed ?? 0) : (typed ?? 0) * KG_PER_POUND)
const said = computed(() => ({ ...written(props.hive.id, at.value) }))
const entry = computed((): Entry | null => {
  switch (sort.value) {
    case 'mites': {
      const { way, mites: count, days, bees } = mites
      return {
        ...said.value,
        sort: 'mites',
        body: way === 'tray' ? { way, mites: count, days } : { way, mites: count, bees },
      }
    }
    case 'treatment': {
      const { product, ...label } = treatment
      return product.trim()
        ? { ...said.value, sort: 'treatment', body: { product: product.trim(), ...told(label) } }
        : null
    }
    case 'feed':
      return feed.kg > 0 ? { ...said.value, sort: 'feed', body: { ...feed } } : null
    case 'crop':
      return crop.kg > 0
        ? {
            ...said.value,
            sort: 'crop',
            body: {
              kg: crop.kg,
              ...(crop.sealed === undefined ? {} : { sealedShare: crop.sealed / 100 }),
              ...(crop.water === undefined ? {} : { water: crop.water / 100 }),
            },
          }
        : null
    default:
      return {
        ...said.value,
        sort: 'fate',
        body: { fate: fate.fate, ...(fate.cause.trim() ? { cause: fate.cause.trim() } : {}) },
      }
  }
})
/** Only what was filled in. */
function told<T extends object>(fields: T): T {
  const rest = { ...fields }
  for (const name of keysOf(rest)) if (rest[name] === undefined || rest[name] === '') delete rest[name]
  return rest
}
const supersOn = computed(() => props.hive.stack.filter(({ role }) => role === 'super').length)
const means = computed((): string[] => {
  const one = entry.value
  if (!one) return []
  const { figures } = year.value
  if (one.sort === 'mites') {
    const { limit, over } = judgedCount(one, year.value)
    const measure = one.body.way === 'tray' ? 'a day' : 'in 100 bees'
    return [
      `${mitesInWords(one.body)}; the limit of this yard on that day is ${limit} ${measure}: ` +
        (over ? 'over it. Decide with the label and local law.' : 'not over it.'),
    ]
  }
  if (one.sort === 'treatment') {
    const cropDays = entriesOf(props.entries, 'crop').map((other) => other.at)
    const mean = outsideOn(one.at, year.value.calendar, props.yard.season?.winterMeansCelsius, figures)
    const from = cropFrom(one)
    return [
      ...treatmentWarnings(one, {
        supersOn: supersOn.value,
        cropDays,
        ...(mean === undefined ? {} : { meanCelsius: mean }),
      }).map((warning) => treatmentWarningInWords(warning, preferences.reader)),
      ...(from ? [`A crop may be taken again from ${preferences.day(from)}.`] : []),
    ]
  }
  if (one.sort === 'feed')
    return [`About ${showMass(storesOfFeed(one.body, figures), preferences.units, 1)} of stores once it is taken down.`]
  if (one.sort === 'crop') {
    const ripe = ripenessOf(one.body, figures)
    const early = entriesOf(props.entries, 'treatment').filter((other) => isCropTooEarly(other, one.at))
    return [
      ...(ripe === 'unripe' ? ['Not ripe: it may ferment. 80 % sealed, or 18 % of water and below, keeps.'] : []),
      ...(ripe === 'too-wet' ? ['More than 20 % of water: it is no honey for people.'] : []),
      ...early.map(
        ({ body }) =>
          `${body.product}: its withdrawal is not over by what was noted. This is no honey for people then.`,
      ),
    ]
  }
  return one.sort === 'fate' && one.body.fate === 'dead'
    ? ['Close it at once, so that no other bees rob it. Its combs go to no other hive before the cause is known.']
    : []
})
const wrong = ref('')
async function keep() {
  const one = entry.value
  if (!one) return
  wrong.value = (await book.write(props.yard.id, [one])) ? '' : book.refused
  if (wrong.value === '') emit('kept')
}
const LABEL = [
  ['labelDays', 'Days it stays on', 0, 400],
  ['fromCelsius', 'Not below, °C', -20, 50],
  ['toCelsius', 'Not above, °C', -20, 50],
  ['withdrawalDays', 'Withdrawal, days', 0, 400],
] as const
</script>

<template>
  <div class="write" data-testid="book-write">
    <UiModes v-model="sort" :of="SORTS" name="What to write down" />
    <UiDay time name="When" :value="at" :last="localToday()" @change="at = $event || localNow()" />
    <template v-if="sort === 'mites'">
      <UiModes v-model="mites.way" :of="WAYS" name="How they were counted" />
      <label
        >Mites <ElInputNumber v-model="mites.mites" :min="0" :max="100000" :precision="0" aria-label="Mites"
      /></label>
      <label v-if="mites.way === 'tray'"
        >Days the tray was in
        <ElInputNumber v-model="mites.days" :min="0.5" :max="120" :step="1" aria-label="Days the tray was in"
      /></label>
      <label v-else
        >Bees in the sample
        <ElInputNumber
          v-model="mites.bees"
          :min="10"
          :max="5000"
          :precision="0"
          aria-label="Bees in the sample"
        /><small>half a cup is about {{ beesInCups(0.5, year.figures) }}</small></label
      >
    </template>
    <template v-else-if="sort === 'treatment'">
      <label
        >What, by its label <ElInput v-model="treatment.product" :maxlength="80" aria-label="What, by its label"
      /></label>
      <label>How much <ElInput v-model="treatment.amount" :maxlength="80" aria-label="How much" /></label>
      <label v-for="[name, word, min, max] in LABEL" :key="name"
        >{{ word }}
        <ElInputNumber
          :model-value="treatment[name] ?? null"
          :min="min"
          :max="max"
          :precision="0"
          :aria-label="word"
          @update:model-value="treatment[name] = $event ?? undefined"
      /></label>
      <label
        >Came out on
        <UiDay name="Came out on" :value="treatment.until ?? ''" @change="treatment.until = $event || undefined"
      /></label>
      <ElCheckbox v-model="treatment.supersMayStay">Its label allows supers for people</ElCheckbox>
      <p class="caution" role="note">{{ TREATMENT_CAUTION }}</p>
    </template>
    <template v-else-if="sort === 'feed'">
      <UiModes v-model="feed.feed" :of="FEEDS" name="What" />
      <label
        >{{ massUnit(preferences.units) }}
        <ElInputNumber
          :model-value="shownMass(feed.kg)"
          :min="0.1"
          :max="220"
          :aria-label="`Food, ${massUnit(preferences.units)}`"
          @update:model-value="feed.kg = kgOf($event ?? undefined)"
      /></label>
    </template>
    <template v-else-if="sort === 'crop'">
      <label
        >{{ massUnit(preferences.units) }}
        <ElInputNumber
          :model-value="shownMass(crop.kg)"
          :min="0"
          :max="880"
          :aria-label="`Crop, ${massUnit(preferences.units)}`"
          @update:model-value="crop.kg = kgOf($event ?? undefined)"
      /></label>
      <label
        >Cells sealed, %
        <ElInputNumber
          :model-value="crop.sealed ?? null"
          :min="0"
          :max="100"
          :precision="0"
          aria-label="Cells sealed, %"
          @update:model-value="crop.sealed = $event ?? undefined"
      /></label>
      <label
        >Water, %
        <ElInputNumber
          :model-value="crop.water ?? null"
          :min="10"
          :max="35"
          :precision="1"
          aria-label="Water, %"
          @update:model-value="crop.water = $event ?? undefined"
      /></label>
    </template>
    <template v-else>
      <UiModes v-model="fate.fate" :of="FATES" name="What became of it" />
      <label>Cause, where it is known <ElInput v-model="fate.cause" :maxlength="200" aria-label="Cause" /></label>
    </template>
    <ul v-if="means.length > 0" data-testid="write-means">
      <li v-for="sentence in means" :key="sentence">{{ sentence }}</li>
    </ul>
    <p v-if="wrong" class="caution" role="alert">{{ wrong }}</p>
    <ElButton type="primary" data-testid="write-keep" :disabled="entry === null" @click="keep">Write it down</ElButton>
  </div>
</template>

<style scoped>
.write {
  display: flex;
  flex-direction: column;
  gap: 10px;
  padding: 10px 12px;
  border: 1px solid var(--seam);
  border-radius: 8px;
  background: var(--sheet);
}

label {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
  justify-content: space-between;
}

label .el-input {
  max-width: 240px;
}

ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

.caution {
  margin: 0;
  padding: 6px 10px;
  border-left: 5px solid var(--stop);
  font-size: 13px;
}

.write > .el-button {
  min-height: 46px;
}
</style>
