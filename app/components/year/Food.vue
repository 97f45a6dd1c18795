<script setup lang="ts">
// What a hive has to eat in its winter form against what the winter of its climate asks, and what to mix for the rest.
import { foodNeedOf, storesByModelKg } from '#core/checks'
import { hasBees, isCold, type Yard } from '#core/hive'
import { feedAt, mixFor, shortOf, type PlannedStage } from '#core/season'
import { showMass } from '#core/units'
import { climateUnsaid, FEED_WORDS, rangeInWords } from '#core/wording'
import { plannedHiveIn } from '#core/hive-in'
import { winterForm, winterOf } from '#core/wintering'

const props = defineProps<{ yard: Yard; planned: PlannedStage }>()
const preferences = usePreferences()
const standing = computed(() => props.yard.hives.find(({ id }) => id === props.planned.hive.id))
const known = useKnownStores(() => standing.value && { yard: props.yard, hive: standing.value })
const asked = computed(
  () =>
    hasBees(props.yard, props.planned.hive.id) &&
    (isCold(props.planned.stage) || ['crop', 'after-crop', 'dearth'].includes(props.planned.stage)),
)
const food = computed(() => {
  const planned = plannedHiveIn(props.yard, props.planned)
  const need = foodNeedOf(planned.context)
  const stores = known.value?.kg ?? storesByModelKg(planned.assembled, { planned: true })
  const short = shortOf(stores, need)
  const feed = feedAt(props.planned.stage)
  return {
    need,
    byHeat: winterOf(standing.value ? winterForm(props.yard, standing.value) : planned).food().byHeat,
    stores,
    short,
    feed,
    least: mixFor(short.low, feed, planned.context.figures),
    most: mixFor(short.high, feed, planned.context.figures),
  }
})
const words = (range: { low: number; high: number }) => rangeInWords(range, preferences.reader, 0)
const mass = (kg: number) => showMass(kg, preferences.units)
</script>

<template>
  <section v-if="asked" class="food" data-testid="food">
    <h2>Food</h2>
    <p>
      In its usual winter form a hive of this climate asks for {{ words(food.need) }}{{ climateUnsaid(yard) }}; by the
      heat of this form it burns {{ words(food.byHeat) }}. <template v-if="known">It has {{ known.said }}.</template
      ><template v-else
        >The boxes of this stage hold about {{ words(food.stores) }} by the model; weigh or heft it to know.</template
      >
    </p>
    <p v-if="food.short.high === 0"><b>Nothing is missing.</b></p>
    <p v-else>
      <b>Short by {{ words(food.short) }}</b
      >: {{ FEED_WORDS[food.feed] }},
      <template v-if="food.feed === 'fondant'"
        >{{ mass(food.least.totalKg) }} to {{ mass(food.most.totalKg) }} of it</template
      ><template v-else
        >{{ mass(food.least.sugarKg) }} to {{ mass(food.most.sugarKg) }} of sugar in {{ mass(food.least.waterKg) }} to
        {{ mass(food.most.waterKg) }} of water</template
      >. Never with crop supers on.
    </p>
  </section>
</template>

<style scoped>
.food {
  margin: 4px 0 10px;
  padding: 8px 12px;
  border: 1px solid var(--seam);
  border-radius: 9px;
  background: var(--sheet);
}

h2 {
  font-size: 16px;
}
</style>
