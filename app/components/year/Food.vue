<script setup lang="ts">
// What a hive has to eat in its winter form against what the winter of its climate asks, and what to mix for the rest.
import { foodNeedOf, storesByModelKg } from '#core/checks'
import { hasBees, isCold, type Stage, type Yard } from '#core/hive'
import { feedingOf, needOfHive, type Mix, type PlannedStage } from '#core/season'
import { showMass } from '#core/units'
import { capital, climateUnsaid, FEED_WORDS, needInWords, rangeInWords } from '#core/wording'
import { plannedHiveIn } from '#core/hive-in'
import { winterForm, winterOf } from '#core/wintering'

const props = defineProps<{ yard: Yard; planned: PlannedStage }>()
const preferences = usePreferences()
const standing = computed(() => props.yard.hives.find(({ id }) => id === props.planned.hive.id))
const known = useKnownStores(() => standing.value && { yard: props.yard, hive: standing.value })
const NOT_ASKED: ReadonlySet<Stage> = new Set<Stage>(['flow', 'settling', 'moving', 'bait'])
const asked = computed(() => hasBees(props.yard, props.planned.hive.id) && !NOT_ASKED.has(props.planned.stage))
const food = computed(() => {
  const planned = plannedHiveIn(props.yard, props.planned)
  const asked = planned.context.need
  const need = asked && needOfHive(planned.assembled, asked, planned.context.figures)
  const stores = known.value?.kg ?? storesByModelKg(planned.assembled, { planned: true })
  const { stage, stack } = planned.hive
  return {
    ...feedingOf(stores, need ?? foodNeedOf(planned.context), {
      stage,
      hasSupers: stack.some(({ role }) => role === 'super'),
      figures: planned.context.figures,
    }),
    need,
    leastKg: planned.context.figures.foodLeast,
    byHeat: winterOf(standing.value ? winterForm(props.yard, standing.value) : planned).food().byHeat,
    stores,
  }
})
const words = (range: { low: number; high: number }) => rangeInWords(range, preferences.reader, 0)
const mass = (kg: number) => showMass(kg, preferences.units)
const mixed = ({ feed, totalKg, sugarKg, waterKg }: Mix) =>
  feed === 'fondant' ? mass(totalKg) : `${mass(sugarKg)} of sugar in ${mass(waterKg)} of water`
</script>

<template>
  <section v-if="asked" class="food" data-testid="food">
    <h2>Food</h2>
    <p>
      <template v-if="food.need">{{ capital(needInWords(food.need, preferences.reader)) }}</template>{{
        climateUnsaid(yard)
      }}; never under {{ mass(food.leastKg) }}.
      <template v-if="isCold(planned.stage)"
        >By the heat of this form a winter burns {{ words(food.byHeat) }}.</template
      >
      <template v-if="known"> It has {{ known.said }}.</template
      ><template v-else>
        The boxes of this stage hold about {{ words(food.stores) }} by the model; weigh or heft it to know.</template
      >
    </p>
    <p v-if="food.todo === 'nothing'"><b>Nothing is missing.</b></p>
    <p v-else-if="food.todo === 'supers-first'">
      <b>Short by {{ words(food.short) }}.</b> Crop supers are on: leave one as food, or take them off before anything
      is fed. Sugar never goes under a crop.
    </p>
    <p v-else>
      <b>{{
        food.todo === 'weigh-first' ? `It may be short by ${words(food.short)}` : `Short by ${words(food.short)}`
      }}</b>: {{ FEED_WORDS[food.feed] }},
      <template v-if="food.todo === 'weigh-first'"
        >heft or weigh it first; if it cannot be weighed, give {{ mixed(food.middle) }}</template
      ><template v-else>{{ mixed(food.least) }}, up to {{ mixed(food.most) }}</template
      >. In the evening, nothing spilt.
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
