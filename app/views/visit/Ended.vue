<script setup lang="ts">
// A visit that has ended: how the hive stands, what is still to do there, and the hive that comes next.
import { hiveIn, plannedHiveIn } from '#core/ask'
import { catalogueOf } from '#core/parts'
import { patternName } from '#core/words'
import type { Hive, Stage, VisitStep, Yard } from '#core/yard'
import { changeoverOf, writeHive, type PlannedStage } from '#core/year'

/** So many hives are looked through for the next one. */
const MOST_HIVES = 100
const props = defineProps<{
  yard: Yard
  hive: Hive
  last: { readonly hive: string; readonly stage: Stage } | null
}>()
const view = useView()
const preferences = usePreferences()
const catalogue = computed(() => catalogueOf(props.yard))
const stepsTo = (hive: Hive, planned: PlannedStage) =>
  changeoverOf(hiveIn(props.yard, hive), plannedHiveIn(props.yard, planned), catalogue.value, view.places).steps
/** Hives of the yard that this stage asks something of, in their order; worked out a little at a time. */
const askedOf = useSliced(
  computed(() => (props.last ? props.yard.hives.slice(0, MOST_HIVES) : null)),
  computed(() => {
    const { yard, last } = props
    return (hive: Hive) => {
      const planned = last ? writeHive(yard, hive, [last.stage]).stages.get(last.stage) : undefined
      if (!planned || hive.id === last?.hive) return { hive, asked: hive.id === last?.hive }
      return {
        hive,
        asked: stepsTo(hive, planned).length > 0,
      }
    }
  }),
)
/** What is not as planned once a visit has ended with something left out: the steps that are still to do. */
const stillToDo = computed(() => {
  const { yard, hive, last } = props
  if (!last || hive.id !== last.hive || hive.stage === last.stage) return []
  const planned = writeHive(yard, hive, [last.stage]).stages.get(last.stage)
  if (!planned) return []
  const known = hiveIn(yard, hive).names(preferences.vocabulary)
  const nameOf = ({ partId, patternId }: VisitStep) =>
    known.get(partId) ?? patternName(patternId, catalogue.value, preferences.vocabulary)
  return [...new Set(stepsTo(hive, planned).map(nameOf))]
})
const next = computed(() => {
  const asked = (askedOf.value ?? []).filter((one) => one.asked)
  const at = asked.findIndex(({ hive }) => hive.id === props.last?.hive)
  const following = asked[at + 1]
  return following ? { hive: following.hive, number: at + 2, of: asked.length } : null
})
</script>

<template>
  <section class="none" data-testid="visit-done">
    <p>
      <b>{{
        last && stillToDo.length > 0
          ? `${hive.name} is closed, and not as planned: it still counts as ${stageSaid(hive.stage)}, and ${stageSaid(last.stage)} stays in Due.`
          : last
            ? `${hive.name} is done: it stands as ${stageSaid(hive.stage)}.`
            : `${hive.name} stands as ${stageSaid(hive.stage)}. No visit is under way here.`
      }}</b>
    </p>
    <p v-if="last && stillToDo.length > 0" data-testid="still-to-do">
      Not as planned for {{ stageSaid(last.stage) }}: {{ stillToDo.join(', ') }}.
    </p>
    <p v-if="last && next" class="next" data-testid="visit-next">
      Next:
      <NuxtLink :to="{ path: yardPath(yard.id, 'year'), query: { stage: last.stage, hive: next.hive.id } }"
        >{{ next.hive.name }}, {{ next.number }} of {{ next.of }}</NuxtLink
      >
    </p>
    <p v-else-if="last && askedOf" class="next" data-testid="visit-next">
      That was the last hive that this stage asks anything of.
    </p>
    <p>
      <NuxtLink :to="yardPath(yard.id, 'year')">To the year</NuxtLink> ·
      <NuxtLink :to="hivePath(yard.id, hive.id, 'bench')">{{ hive.name }} on the bench</NuxtLink>
    </p>
  </section>
</template>

<style scoped>
.none {
  padding: var(--space-6) var(--space-5);
}

.next {
  font-size: var(--type-5);
}
</style>
