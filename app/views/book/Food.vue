<script setup lang="ts">
// The food of a hive: what is there against what it needs, super by super as they are taken, and how long it lasts.
import { foodOf, isFoodShort, type Entry, type Weighed } from '#core/book'
import { hiveIn } from '#core/ask'
import type { Hive, Yard } from '#core/yard'
import { massFigure, massUnit, showMass } from '#core/units'
import {
  capital,
  climateUnsaid,
  needInWords,
  rangeInWords,
  againstCropInWords,
  cropCaution,
  foodThereInWords,
  lastsInWords,
  ledgerInWords,
} from '#core/words'
import * as deeds from '#core/yard/deeds'
import { localToday } from '~/composables/localTime'

const props = defineProps<{ yard: Yard; hive: Hive; entries: readonly Entry[]; weighings: readonly Weighed[] }>()
const yards = useYards()
const preferences = usePreferences()
const reader = computed(() => preferences.reader)
const known = computed(() => hiveIn(props.yard, props.hive))
const names = computed(() => known.value.names(preferences.vocabulary))
const food = computed(() => foodOf(known.value, props.entries, props.weighings, localToday()))
const lasts = computed(() => lastsInWords(food.value))
const isKnown = computed(() => food.value.measured.by !== 'model')
const starves = computed(() => isKnown.value && isFoodShort(food.value, known.value.context.figures))
const rows = computed(() => [
  { id: 'now', name: 'There now', ...food.value.ledger.there, mayGo: undefined },
  ...food.value.supers.map(({ partId, left, mayGo }) => ({
    id: partId,
    name: `Without ${names.value.get(partId) ?? 'it'}`,
    ...left,
    mayGo,
  })),
])
const WIDE = 440
const HIGH = 34
const mostKg = computed(() => Math.max(food.value.ledger.need.high * 1.15, food.value.ledger.there.high) || 1)
const x = (kg: number) => (kg / mostKg.value) * WIDE
const lineOf = (kg: Parameters<typeof rangeInWords>[0]) => rangeInWords(kg, reader.value, 0)
const leftOn = computed(() => props.hive.stack.filter(({ role }) => role === 'food'))
function useAsFood(partId: string) {
  const placement = props.hive.stack.find((one) => one.partId === partId)
  if (placement) yards.perform(props.yard.id, deeds.stand(props.hive, { ...placement, role: 'food' }))
}
</script>

<template>
  <section class="food" aria-label="Food" data-testid="book-food">
    <p>
      <b>{{ foodThereInWords(food, reader) }}.</b> {{ capital(needInWords(food.asks, reader))
      }}{{ climateUnsaid(yard) }}; never under {{ showMass(known.context.figures.foodLeastKg, reader.units, 0) }}.
      <template v-if="lasts">When nothing comes in, it lasts {{ lasts }}.</template>
    </p>
    <p v-if="starves" class="stop" role="alert" data-testid="food-starves">
      It can starve within days when nothing comes in: feed it, or leave on what is there.
    </p>
    <p v-for="one in food.against" :key="one.against" class="stop" role="note" data-testid="against-crop">
      {{ againstCropInWords(one, reader) }}
    </p>
    <svg
      :viewBox="`0 0 ${WIDE} ${rows.length * (HIGH + 22) + 26}`"
      role="img"
      :aria-label="`Food there and left as supers are taken, against the need of ${lineOf(food.ledger.need)}`"
      data-testid="food-drawn"
    >
      <rect
        class="need"
        :x="x(food.ledger.need.low)"
        y="0"
        :width="x(food.ledger.need.high) - x(food.ledger.need.low)"
        :height="rows.length * (HIGH + 22)"
      />
      <g v-for="(row, i) in rows" :key="row.id" :transform="`translate(0 ${i * (HIGH + 22)})`">
        <text class="name" y="14">
          {{ row.name }}: {{ lineOf(row) }}{{ row.mayGo === undefined ? '' : row.mayGo ? ', may go' : ', stays' }}
        </text>
        <rect
          :class="['bar', row.mayGo === false ? 'stays' : '']"
          y="20"
          :width="Math.max(1, x(row.middle))"
          :height="HIGH - 12"
        />
        <line class="range" :x1="x(row.low)" :x2="x(row.high)" :y1="20 + (HIGH - 12) / 2" :y2="20 + (HIGH - 12) / 2" />
      </g>
      <text
        class="scale"
        :x="(x(food.ledger.need.low) + x(food.ledger.need.high)) / 2"
        :y="rows.length * (HIGH + 22) + 18"
        text-anchor="middle"
      >
        the need, {{ massFigure(food.ledger.need.low, reader.units, 0) }} to
        {{ massFigure(food.ledger.need.high, reader.units, 0) }} {{ massUnit(reader.units) }}
      </text>
    </svg>
    <p data-testid="may-take">
      <template v-if="food.against.length > 0">Nothing is taken now.</template>
      <template v-else-if="food.ledger.mayTake.low > 0"
        >{{ showMass(food.ledger.mayTake.low, reader.units, 1) }} may surely be taken and the need stays; at the most
        {{ showMass(food.ledger.mayTake.high, reader.units, 1) }}.</template
      >
      <template v-else>All of it is needed, by what is surely there: nothing is taken.</template>
    </p>
    <ul v-if="food.supers.length > 0" class="supers">
      <li v-for="one in food.supers" :key="one.partId">
        <span
          >{{ capital(names.get(one.partId) ?? 'super') }}, {{ lineOf(one.kg) }}:
          <b>{{ one.mayGo ? 'may go' : 'stays' }}</b></span
        >
        <ElButton
          :aria-label="`Use as food: ${names.get(one.partId) ?? 'super'}`"
          :data-as-food="one.partId"
          @click="useAsFood(one.partId)"
          >Use as food</ElButton
        >
      </li>
    </ul>
    <p v-if="leftOn.length > 0" class="soft" data-testid="left-as-food">
      Left on as food, kept in its plan and never cropped:
      {{ leftOn.map(({ partId }) => names.get(partId) ?? 'a box').join(', ') }}.
    </p>
    <h3>How it adds up</h3>
    <ElTable :data="ledgerInWords(food, reader)" data-testid="ledger">
      <ElTableColumn prop="day" label="Day" width="120" />
      <ElTableColumn prop="what" label="What" />
      <ElTableColumn prop="kg" label="How much" align="right" width="120" />
    </ElTable>
    <p class="soft">{{ cropCaution(known.context.figures, reader) }}</p>
  </section>
</template>

<style scoped>
.food p {
  margin: 0 0 var(--space-3);
}

.stop {
  padding: var(--space-3) var(--space-3);
  border-left: 5px solid var(--stop);
  background: var(--sheet);
}

svg {
  width: 100%;
  max-width: 640px;
}

.need {
  fill: var(--good);
  opacity: 0.16;
}

.name,
.scale {
  fill: var(--ink);
  font-size: var(--type-2);
}

.scale {
  fill: var(--good);
}

.bar {
  fill: #e0b45a;
  stroke: #7d6233;
}

.stays {
  fill: none;
  stroke-dasharray: 5 4;
}

.range {
  stroke: var(--ink);
  stroke-width: 3;
}

.supers {
  margin: 0 0 var(--space-3);
  padding: 0;
  list-style: none;
}

.supers li {
  display: flex;
  gap: var(--space-4);
  align-items: center;
  justify-content: space-between;
  padding: var(--space-2) 0;
  border-bottom: 1px solid var(--seam);
}

.supers .el-button {
  min-height: 44px;
}

h3 {
  margin: var(--space-3) 0 var(--space-2);
  font-size: var(--type-3);
}
</style>
