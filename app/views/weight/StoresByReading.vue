<script setup lang="ts">
// What one weighing says of the stores of a hive, beside what its winter asks; it can set how full combs count.
import { winterForm, winterOf, hiveIn } from '#core/ask'
import type { foodOf, storesByWeighing } from '#core/book'
import { massFigure, showMass } from '#core/units'
import { climateUnsaid, foodThereInWords, rangeInWords } from '#core/words'
import type { Hive, Yard } from '#core/yard'

const props = defineProps<{
  yard: Yard
  hive: Hive
  newest: { readonly at: string; readonly kg: number }
  stores: NonNullable<ReturnType<typeof storesByWeighing>>
  food: ReturnType<typeof foodOf> | null
}>()
const weighing = useWeighing()
const preferences = usePreferences()
const moment = useMoment()
/** What its winter form burns by its heat, beside the one need. */
const byHeat = computed(() => winterOf(winterForm(props.yard, props.hive)).food().byHeat)
const fillNow = computed(
  () => weighing.fillPercent ?? Math.round(hiveIn(props.yard, props.hive).context.figures.fillShareTypical * 100),
)
const fillAfter = computed(() => Math.round(Math.min(1, props.stores.fill) * 1000) / 10)
</script>

<template>
  <div class="stores">
    <h2>Stores by the reading of {{ moment(newest.at) }}</h2>
    <dl data-testid="stores">
      <dt>Weighed, predicted</dt>
      <dd>
        {{ showMass(newest.kg, preferences.units) }}, {{ showMass(stores.predictedKg.middle, preferences.units) }} ({{
          rangeInWords(stores.predictedKg, preferences.reader)
        }})
      </dd>
      <dt>Tare of this stack</dt>
      <dd>
        {{ showMass(stores.tareKg.middle, preferences.units) }} ({{ rangeInWords(stores.tareKg, preferences.reader) }})
      </dd>
      <dt>Bees and brood allowed</dt>
      <dd>{{ showMass(stores.beesKg.middle + stores.broodKg.middle, preferences.units) }}</dd>
      <dt>Stores</dt>
      <dd>
        <b>{{ showMass(stores.storesKg.middle, preferences.units) }}</b> ({{
          rangeInWords(stores.storesKg, preferences.reader)
        }})
      </dd>
      <template v-if="food">
        <dt>There now</dt>
        <dd data-testid="weigh-there">{{ foodThereInWords(food, preferences.reader) }}</dd>
      </template>
      <dt>Winter here asks for{{ climateUnsaid(yard) }}</dt>
      <dd>
        {{ massFigure(stores.needKg.low, preferences.units) }} to {{ showMass(stores.needKg.high, preferences.units) }}:
        {{ stores.shortKg > 0 ? `${showMass(stores.shortKg, preferences.units)} short` : 'enough' }}
      </dd>
      <dt>Heat of its winter form</dt>
      <dd>burns {{ rangeInWords(byHeat, preferences.reader, 0) }}</dd>
      <dt>Combs filled</dt>
      <dd>{{ Math.round(stores.fill * 100) }} % of all that they can hold</dd>
    </dl>
    <p>
      Fill of a full comb: {{ fillNow }} % before, {{ fillAfter }} % after.
      <ElButton data-testid="use-fill" @click="weighing.fillPercent = fillAfter"> Correct it by this reading </ElButton>
      <ElButton v-if="weighing.fillPercent !== null" text @click="weighing.fillPercent = null"> As it came </ElButton>
    </p>
  </div>
</template>

<style scoped>
.stores {
  display: flex;
  flex-direction: column;
  gap: var(--space-3);
}

dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: var(--space-2) var(--space-4);
  margin: 0;
}
</style>
