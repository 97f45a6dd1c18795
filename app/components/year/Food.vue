<script setup lang="ts">
// What a hive has to eat in its winter form against what the winter of its climate asks, and what to mix for the rest.
import { foodNeedOf, storesByModelKg } from '#core/checks'
import { isCold, type Yard } from '#core/hive'
import { feedAt, mixFor, shortOf, type PlannedStage } from '#core/season'
import { showMass } from '#core/units'
import { storesOf, usualWeighing } from '#core/weight'
import { FEED_WORDS, rangeInWords } from '#core/wording'
import { server } from '~/sync/server'
import { hiveIn, plannedHiveIn } from '#core/hive-in'
import { winterForm, winterOf } from '#core/wintering'

const props = defineProps<{ yard: Yard; planned: PlannedStage }>()
/** A weighing that is older says little of what is left. */
const NEWEST_DAYS = 45
const preferences = usePreferences()
const weighed = shallowRef<{ readonly kg: number; readonly at: string } | null>(null)
watch(
  () => props.planned.hive.id,
  async (hiveId) => {
    weighed.value = null
    const answer = await server.weighIns(props.yard.id, hiveId)
    const newest = answer.ok ? answer.value.latest[0] : undefined
    if (hiveId === props.planned.hive.id && newest && Date.now() - Date.parse(newest.at) < NEWEST_DAYS * 86_400_000)
      weighed.value = newest
  },
  { immediate: true },
)
const asked = computed(
  () => isCold(props.planned.stage) || ['crop', 'after-crop', 'dearth'].includes(props.planned.stage),
)
const food = computed(() => {
  const planned = plannedHiveIn(props.yard, props.planned)
  const need = foodNeedOf(planned.context)
  const standing = props.yard.hives.find(({ id }) => id === props.planned.hive.id)
  const byScale =
    weighed.value && standing
      ? storesOf(hiveIn(props.yard, standing).assembled, weighed.value.kg, usualWeighing(standing.stage), need).storesKg
      : null
  const stores = byScale ?? storesByModelKg(planned.assembled, { planned: true })
  const short = shortOf(stores, need)
  const feed = feedAt(props.planned.stage)
  return {
    need,
    byHeat: winterOf(standing ? winterForm(props.yard, standing) : planned).food().byHeat,
    stores,
    byScale: byScale !== null,
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
      In its usual winter form a hive of this climate asks for {{ words(food.need) }}; by the heat of this form it burns
      {{ words(food.byHeat) }}.
      <template v-if="food.byScale"
        >By the weighing of {{ preferences.day(weighed!.at) }} it has {{ words(food.stores) }}.</template
      ><template v-else
        >The boxes of this stage hold about {{ words(food.stores) }} by the model; weigh or heft it to know.</template
      >
    </p>
    <p v-if="food.short.high === 0"><b>Nothing is missing.</b></p>
    <p v-else>
      <b>Short by {{ words(food.short) }}</b
      >: {{ FEED_WORDS[food.feed] }}, {{ mass(food.least.sugarKg) }} to {{ mass(food.most.sugarKg) }} of sugar<template
        v-if="food.most.waterKg > 0"
      >
        in {{ mass(food.least.waterKg) }} to {{ mass(food.most.waterKg) }} of water</template
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
