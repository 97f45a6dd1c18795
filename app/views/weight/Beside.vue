<script setup lang="ts">
// A lighter way beside the hive as it stands: what changes, what it costs, what it asks to buy.
import { outlayOf, type Alternative } from '#core/ask'
import type { Hive, Yard } from '#core/yard'
import { catalogueOf, inWords } from '#core/parts'
import { showLength, showMass, there } from '#core/units'
import { capital, changesInWords, counted, patternName } from '#core/words'
import { usePrices } from '~/composables/prices'
import { plannedOn } from './wayDrawn'

const props = defineProps<{ way: Alternative; now: Alternative; yard: Yard; hive: Hive }>()
defineEmits<{ take: [] }>()
const preferences = usePreferences()
const weighing = useWeighing()
const outlay = computed(() => outlayOf(props.yard, props.way, props.now))
const sides = computed(() =>
  [
    { title: 'As it stands', way: props.now, profile: weighing.own },
    { title: 'Lighter', way: props.way, profile: props.way.profile },
  ].map(({ title, way, profile }) => {
    return { title, way, profile, known: plannedOn(props.yard, props.hive, way), lifts: way.carried }
  }),
)
const lines = computed(() => {
  const catalogue = catalogueOf(props.yard)
  const { toGet, framesToGet, fromShed, secondStand } = outlay.value
  const standMm = props.way.profile.putDownMm
  const frame = (id: string) => inWords(there(catalogue.hanging.get(id)).label, preferences.vocabulary)
  const parts = (list: typeof toGet) =>
    list.map(({ patternId, count }) => `${count} × ${patternName(patternId, catalogue, preferences.vocabulary)}`)
  return {
    get: [
      ...toGet.map((thing, i) => ({ ...thing, word: parts(toGet)[i]! })),
      ...framesToGet.map((thing) => ({ ...thing, word: `${thing.count} × ${frame(thing.patternId)}` })),
      ...(secondStand
        ? [
            {
              patternId: 'second-stand',
              count: 1,
              word: `a second stand, ${showLength(standMm, preferences.units)} high, that bears all the boxes`,
            },
          ]
        : []),
    ],
    shed: parts(fromShed),
  }
})
const work = computed(() => {
  const { moreLifts, morePeople } = outlay.value
  const lifts =
    moreLifts === 0
      ? 'as many lifts as now'
      : `${counted(Math.abs(moreLifts), 'lift')} ${moreLifts > 0 ? 'more' : 'fewer'} in each full inspection`
  return morePeople > 0 ? `${lifts}; a second pair of hands every time` : lifts
})
const { priceOf, setPrice, costOf } = usePrices()
const cost = computed(() => {
  const { sum, unpriced } = costOf(lines.value.get)
  if (sum === 0) return 'say your prices to see it'
  return `${sum.toFixed(2)} at your prices${unpriced > 0 ? `, and ${counted(unpriced, 'thing')} without a price` : ''}`
})
const index = (value: number | null) => (value === null ? 'no figure' : value.toFixed(2))
</script>

<template>
  <section class="beside" data-testid="beside" aria-label="This way beside yours">
    <h2>{{ capital(changesInWords(way.changes, preferences.reader)) }}</h2>
    <div class="two">
      <div v-for="{ title, known, profile, lifts, way: one } in sides" :key="title" class="side">
        <h3>
          {{ title }}: worst lift {{ index(one.worstIndex) }} of what is allowed, heaviest
          {{ showMass(one.heaviestKg, preferences.units) }}
        </h3>
        <WeightDrawing
          class="drawing"
          :layout="known.layout"
          :lifts="lifts"
          :profile="profile"
          :names="known.names(preferences.vocabulary)"
          :chosen="null"
        />
      </div>
    </div>
    <dl>
      <dt>To get</dt>
      <dd v-if="lines.get.length === 0">nothing</dd>
      <dd v-else>
        <ul>
          <li v-for="thing in lines.get" :key="thing.patternId">
            <span>{{ thing.word }}</span>
            <UiNumber
              :model-value="priceOf(thing.patternId) || undefined"
              look="bare"
              placeholder="each"
              :name="`Your price for one of ${thing.word}`"
              :of="{ min: 0, max: 1_000_000, decimals: 2 }"
              @update:model-value="setPrice(thing.patternId, $event)"
            />
          </li>
        </ul>
      </dd>
      <template v-if="lines.get.length > 0">
        <dt>Cost</dt>
        <dd data-testid="way-cost">{{ cost }}</dd>
      </template>
      <template v-if="lines.shed.length > 0">
        <dt>From the shed</dt>
        <dd>{{ lines.shed.join(', ') }}</dd>
      </template>
      <dt>Work</dt>
      <dd>{{ capital(work) }}</dd>
    </dl>
    <p v-if="way.habit">It holds as long as you work so, every time: the boxes themselves get no lighter by it.</p>
    <ElButton v-if="way.edit || !way.habit" type="primary" data-testid="take-way" @click="$emit('take')">{{
      way.edit ? (way.habit ? 'Build it so' : 'Do it') : 'Work so'
    }}</ElButton>
  </section>
</template>

<style scoped>
.beside {
  padding: var(--space-4) var(--space-5);
  border: 1px solid var(--seam);
  border-radius: 9px;
  background: var(--sheet);
}

.two {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(320px, 100%), 1fr));
  gap: var(--space-5);
}

.drawing {
  height: 400px;
}

dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: var(--space-2) var(--space-5);
  margin: var(--space-3) 0;
}

ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  gap: var(--space-3) var(--space-4);
  align-items: center;
}

li .el-input {
  width: 90px;
}
</style>
