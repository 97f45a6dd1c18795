<script setup lang="ts">
// Every way of wintering this hive in figures, worked out in the worker; press one to see it beside the hive.
import { catalogueOf } from '#core/parts'
import type { Hive, Stage, Yard } from '#core/yard'
import type { WinterWay, WayFigures, WinterTry } from '#core/ask'
import { showTemperature } from '#core/units'
import { capital, WINTER_GROUP_WORDS, winterWayWord } from '#core/words'
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
const COLUMNS = wayColumns(nameOf, () => preferences.reader)
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
