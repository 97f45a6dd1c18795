<script setup lang="ts">
// Every hive of the yard as it winters: what it has against what its winter asks, what it loses, where it is wet first.
import { proxy } from 'comlink'
import { hasBees, type Yard } from '#core/yard'
import { winterForm, type HiveWinterFigures } from '#core/ask'
import { showMass, showTemperature } from '#core/units'
import { yearOf } from '#core/year'
import { rangeInWords, showHumidity, someNamed } from '#core/words'
import { planDoor } from '~/composables/doors'
import { hivePath } from '~/composables/paths'
import { stackShapes } from '~/drawing/section'

const props = defineProps<{ yard: Yard; outsideCelsius: number; dripsAlike: number }>()
const preferences = usePreferences()
const foods = useFoods()
/** A hive without bees has no winter; it is named under the others. */
const living = computed(() => ({ ...props.yard, hives: props.yard.hives.filter(({ id }) => hasBees(props.yard, id)) }))
const without = computed(() => props.yard.hives.filter(({ id }) => !hasBees(props.yard, id)).map(({ name }) => name))
const found = shallowRef<readonly HiveWinterFigures[] | null>(null)
const done = ref(0)
const stopped = ref(false)
let round = 0
watch(
  [() => props.yard, () => props.outsideCelsius],
  async () => {
    const mine = ++round
    stopped.value = false
    done.value = 0
    await foods.whenKnown(props.yard.id)
    if (mine !== round) return
    const answer = await planDoor().winterOfYard(
      toRaw(living.value),
      props.outsideCelsius,
      proxy((count: number) => {
        if (mine === round) done.value = count
      }),
      proxy(() => mine !== round || stopped.value),
    )
    if (mine === round && answer) found.value = answer
  },
  { immediate: true },
)
onBeforeUnmount(() => {
  round++
})
const MOST_DRAWN = 60
const SCALE = 0.16
const HEIGHT = 176
const hives = computed(() => new Map(props.yard.hives.map((hive) => [hive.id, hive])))
const rows = computed(() =>
  (found.value ?? []).flatMap((one, i) => {
    const hive = hives.value.get(one.hiveId)
    if (!hive) return []
    if (i >= MOST_DRAWN) return [{ ...one, hive, shapes: [], scale: SCALE }]
    const { layout } = winterForm(props.yard, hive)
    return [
      {
        ...one,
        hive,
        shapes: stackShapes(layout, 'across'),
        scale: Math.min(SCALE, (HEIGHT - 8) / layout.heightMm),
      },
    ]
  }),
)
const mostKg = computed(() =>
  Math.max(1, ...rows.value.map(({ need, stores, byHeat }) => Math.max(need.high, stores.high, byHeat.high))),
)
const bars = (row: HiveWinterFigures) =>
  [
    ['has', row.stores, '#c98f1f'],
    ['rule asks', row.need, '#27408b'],
    ['heat burns', row.byHeat, '#b35c43'],
  ] as const
const wet = ({ topDrips, wallsDrip }: HiveWinterFigures) =>
  topDrips === null || wallsDrip === null
    ? 'no top'
    : topDrips - wallsDrip < props.dripsAlike
      ? `top wet as soon as the walls, ${showHumidity(topDrips)}`
      : `walls before the top, ${showHumidity(wallsDrip)} and ${showHumidity(topDrips)}`
const percent = (kg: number) => `${(100 * kg) / mostKg.value}%`
</script>

<template>
  <section class="yard" aria-label="Every hive of the yard">
    <h2>{{ yard.name }} at {{ showTemperature(outsideCelsius, preferences.units) }} outside</h2>
    <WinterMeans :yard="yard" />
    <p v-if="!found">
      <UiProgress :done="done" :of="living.hives.length" name="Hives worked out" /> {{ done }} of
      {{ living.hives.length }}
      <ElButton text @click="stopped = true">Stop</ElButton>
    </p>
    <ul v-else class="cards" data-testid="winter-yard">
      <li v-for="row in rows" :key="row.hiveId" :data-winter-hive="row.hive.name">
        <svg :viewBox="`0 0 130 ${HEIGHT}`" width="130" :height="HEIGHT" aria-hidden="true">
          <g :transform="`translate(65 ${HEIGHT - 4}) scale(${row.scale})`"><DrawingShapes :shapes="row.shapes" /></g>
        </svg>
        <div class="told">
          <NuxtLink :to="hivePath(yard.id, row.hiveId, 'winter')"
            ><b>{{ row.hive.name }}</b></NuxtLink
          >
          <span v-for="[word, range, colour] in bars(row)" :key="word" class="bar">
            <span class="word">{{ word }}</span>
            <span class="track"
              ><span
                :style="{ marginLeft: percent(range.low), width: percent(range.high - range.low), background: colour }"
            /></span>
            <span class="figure">{{ rangeInWords(range, preferences.reader, 0) }}</span>
          </span>
          <span :class="{ short: row.short.high > 0 && row.short.low > 0 }">{{
            row.short.high === 0 ? 'Nothing is missing' : `Short by ${rangeInWords(row.short, preferences.reader, 0)}`
          }}</span>
          <span class="soft">{{ row.wPerK.toFixed(1) }} W for each degree; {{ wet(row) }}</span>
        </div>
      </li>
    </ul>
    <p v-if="without.length > 0" class="soft" data-testid="winter-without">No bees in {{ someNamed(without) }}.</p>
    <WinterTops :living="living" />
    <p v-if="found && rows.length === 0">No hive stands in this yard yet.</p>
    <p v-if="rows.length > 0" class="soft">
      Each hive as it stands in the cold, else as it is planned for winter, with a cluster of
      {{ showMass(yearOf(yard).figures.winterBeesKg, preferences.units) }} unless its bees were counted.
    </p>
  </section>
</template>

<style scoped>
.yard {
  padding: var(--space-3) var(--space-5) var(--space-6);
}

.cards {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(400px, 100%), 1fr));
  gap: var(--space-3);
  padding: 0;
  list-style: none;
}

.cards li {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
  align-items: flex-end;
  padding: var(--space-3) var(--space-3);
  border: 1px solid var(--seam);
  border-radius: 9px;
  background: var(--sheet);
}

.told {
  display: grid;
  flex: 1 1 200px;
  min-width: 0;
  gap: var(--space-1);
}

.bar {
  display: grid;
  grid-template-columns: 72px minmax(24px, 1fr) 84px;
  gap: var(--space-3);
  align-items: center;
  font-size: var(--type-1);
}

.track {
  height: 9px;
  background: var(--linen, #f4efe4);
}

.track > span {
  display: block;
  min-width: 3px;
  height: 100%;
}

.figure {
  text-align: right;
  font-variant-numeric: tabular-nums;
}

.short {
  color: var(--stop);
  font-weight: 700;
}

svg {
  flex: none;
}
</style>
