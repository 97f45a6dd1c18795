<script setup lang="ts">
// Every way of wintering this hive in figures, worked out in the worker; press one to see it beside the hive.
import { catalogueOf } from '#core/parts'
import type { Hive, Stage, Yard } from '#core/yard'
import type { WinterWay, WayFigures, WinterTry } from '#core/ask'
import { DAYS_A_MONTH, showMass, showTemperature } from '#core/units'
import {
  capital,
  rangeInWords,
  showAirflow,
  showHumidity,
  showOpening,
  showSmallMass,
  showWatts,
  WINTER_GROUP_WORDS,
  winterWayWord,
} from '#core/words'
import { planDoor } from '~/composables/doors'

const props = defineProps<{
  yard: Yard
  hive: Hive
  stage: Stage
  ways: readonly WinterWay[]
  outsideCelsius: number
  beesKg: number
}>()
const emit = defineEmits<{ choose: [wayId: string] }>()
const preferences = usePreferences()
const SCHOOLS = [
  ['cluster', 'Cluster warm'],
  ['cavity', 'Cavity warm'],
] as const
const school = ref<(typeof SCHOOLS)[number][0]>('cluster')
const rows = shallowRef<readonly WayFigures[]>([])
let round = 0
watch(
  [() => props.yard, () => props.hive.id, () => props.outsideCelsius, () => props.beesKg, school],
  async () => {
    const mine = ++round
    const tried: WinterTry = {
      outsideCelsius: props.outsideCelsius,
      beesKg: props.beesKg,
      inside:
        school.value === 'cluster'
          ? { warm: 'cluster' }
          : { warm: 'cavity', celsius: catalogueOf(props.yard).figures.wholeCavityWarmCelsius },
    }
    const found = await planDoor().winterWaysOf(toRaw(props.yard), props.hive.id, props.stage, tried)
    if (mine === round) rows.value = found
  },
  { immediate: true },
)
onBeforeUnmount(() => {
  round++
})
const byId = computed(() => new Map(props.ways.map((way) => [way.id, way])))
const nameOf = ({ wayId }: WayFigures) => {
  const way = byId.value.get(wayId ?? '')
  return way ? `${said(WINTER_GROUP_WORDS[way.group])}: ${winterWayWord(way, preferences.reader)}` : 'As it is'
}
const humidity = (share: number | null) => (share === null ? '–' : showHumidity(share))
const COLUMNS = columnsFor<WayFigures>(
  { key: 'way', label: 'Way', width: 230, by: nameOf },
  { key: 'watts', label: 'Heat lost', number: true, text: ({ watts }) => showWatts(watts), by: ({ watts }) => watts },
  {
    key: 'inside',
    label: 'In the hive',
    number: true,
    text: ({ insideCelsius }) => showTemperature(insideCelsius, preferences.units, 1),
    by: ({ insideCelsius }) => insideCelsius,
  },
  {
    key: 'month',
    label: 'Honey a month',
    number: true,
    width: 110,
    text: ({ honeyKgADay }) => showMass(honeyKgADay * DAYS_A_MONTH, preferences.units),
    by: ({ honeyKgADay }) => honeyKgADay,
  },
  {
    key: 'winter',
    label: 'A winter',
    number: true,
    width: 110,
    text: ({ winterKg }) => rangeInWords(winterKg, preferences.reader, 0),
    by: ({ winterKg }) => winterKg.middle,
  },
  {
    key: 'top',
    label: 'Top drips from',
    number: true,
    width: 115,
    text: ({ topDrips }) => humidity(topDrips),
    by: ({ topDrips }) => topDrips ?? 0,
  },
  {
    key: 'walls',
    label: 'Walls from',
    number: true,
    text: ({ wallsDrip }) => humidity(wallsDrip),
    by: ({ wallsDrip }) => wallsDrip ?? 0,
  },
  {
    key: 'air',
    label: 'Air to keep top dry',
    number: true,
    width: 140,
    text: ({ dry }) =>
      dry && Number.isFinite(dry.m3PerS) ? showAirflow(dry.m3PerS, preferences.units) : 'none is enough',
    by: ({ dry }) => dry?.m3PerS ?? 0,
  },
  {
    key: 'opening',
    label: 'Opening for it',
    number: true,
    width: 110,
    text: ({ dry }) =>
      dry?.openingMm2 === undefined ? 'entrance too small' : showOpening(dry.openingMm2, preferences.units),
    by: ({ dry }) => dry?.openingMm2 ?? Infinity,
  },
  {
    key: 'costs',
    label: 'Honey it costs a month',
    number: true,
    width: 130,
    text: ({ dry }) =>
      dry && Number.isFinite(dry.honeyKgADay) ? showSmallMass(dry.honeyKgADay * DAYS_A_MONTH, preferences.units) : '–',
    by: ({ dry }) => dry?.honeyKgADay ?? 0,
  },
)
</script>

<template>
  <section class="ways">
    <div class="head">
      <h2>Every way, at {{ showTemperature(outsideCelsius, preferences.units) }} outside</h2>
      <UiModes v-model="school" :of="SCHOOLS" name="What is warm inside" />
    </div>
    <p v-if="rows.length === 0">Working it out…</p>
    <div v-else class="scroll" tabindex="0" role="group" aria-label="Every way">
      <UiTable
        :rows="rows"
        :columns="COLUMNS"
        :key-of="({ wayId }) => wayId ?? 'own'"
        :marked="({ wayId }) => wayId === null"
      >
        <template #way="{ row }"
          ><ElButton v-if="row.wayId" text :data-way-row="row.wayId" @click="emit('choose', row.wayId)">{{
            capital(nameOf(row))
          }}</ElButton
          ><b v-else>As it is</b></template
        >
      </UiTable>
    </div>
    <p class="soft">
      A mesh floor is reckoned in still air: any wind takes more. Each way is this hive with that one thing changed,
      planned as the year would plan it. Press one to see it beside yours, with what it gains and gives up.
    </p>
  </section>
</template>

<style scoped>
.ways {
  padding: var(--space-3) var(--space-5) var(--space-6);
}

.head {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3) var(--space-5);
  align-items: center;
}

.scroll {
  overflow-x: auto;
}

.el-button {
  justify-content: flex-start;
  padding: 0 var(--space-2);
  white-space: normal;
  text-align: left;
}

.soft {
  margin-top: var(--space-3);
  color: var(--soft-ink);
  font-size: var(--type-1);
}
</style>
