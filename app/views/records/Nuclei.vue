<script setup lang="ts">
// Nuclei that the yard can make now: whose combs, in what order, what has to be ready, and what stands there once made.
import { broodCombOf, daysLater, giversOf, makeNucleus, nucleiOf, type Entry } from '#core/book'
import { hiveIn } from '#core/ask'
import type { Hive, Yard } from '#core/yard'
import { counted, hiveNameIn, listed, NO_GIFT_WORDS, nucleusSteps, nucleusTask } from '#core/words'
import { localNow, localToday } from '~/composables/localTime'
import { useWritten } from '~/composables/newEntry'
import { yardPath } from '~/composables/paths'

const props = defineProps<{ yard: Yard; entries: readonly Entry[] }>()
const yards = useYards()
const book = useBook()
const preferences = usePreferences()
const written = useWritten()
const along = useTreatmentsAlong()
const today = localToday()
const nameOf = (id: string) => hiveNameIn(props.yard, id)
const givers = computed(() => giversOf(props.yard, props.entries, today))
const plan = computed(() => nucleiOf(givers.value))
/** Whose steps are all done. */
const ticked = reactive<Record<string, boolean>>({})
const ownOf = (hive: Hive) => props.entries.filter(({ hiveId }) => hiveId === hive.id)
const boxName = (hive: Hive, partId: string) =>
  hiveIn(props.yard, hive).names(preferences.vocabulary).get(partId) ?? 'its brood box'
/** Each nucleus as a visit: whose combs, in what order, and what stands there once it is made. */
const visits = computed(() =>
  plan.value.nuclei.map(({ givers: two }) => {
    const hives = two.flatMap((id) => props.yard.hives.find((hive) => hive.id === id) ?? [])
    const combs = hives.flatMap((hive) => broodCombOf(props.yard, hive, ownOf(hive)) ?? [])
    const given = hives.flatMap((hive) => {
      const comb = combs.find(({ hiveId }) => hiveId === hive.id)
      return comb ? [{ hive: hive.name, box: boxName(hive, comb.partId), place: comb.place }] : []
    })
    const names = hives.map(({ name }) => name)
    return {
      id: two.join('/'),
      name: `Nucleus of ${listed(names)}`.slice(0, 80),
      hives,
      combs,
      steps: combs.length === 2 ? nucleusSteps(given).map((line) => said(line, names)) : [],
    }
  }),
)
const planned = ref('')
async function made({ name, hives, combs }: (typeof visits.value)[number]) {
  const done = makeNucleus(props.yard, combs, name, () => crypto.randomUUID())
  if (!done) {
    planned.value = 'These combs hang in no nucleus box that is known here: stack it on the Bench.'
    return
  }
  if (!yards.perform(props.yard.id, done.edit)) return
  const treated = hives.flatMap((hive) => along(ownOf(hive), hive.name, [done.hive.id]))
  if (treated.length > 0) await book.write(props.yard.id, treated)
}
const by = ref(daysLater(today, 2))
async function writePlan() {
  const tasks = plan.value.nuclei.flatMap(({ givers: two }, i) =>
    two.map((hiveId, n): Entry => {
      const text = nucleusTask(i + 1, nameOf(two[1 - n] ?? ''), n === 0)
      return { ...written(hiveId, localNow()), sort: 'task', body: { text, by: by.value } }
    }),
  )
  if (await book.write(props.yard.id, tasks))
    planned.value = `${counted(tasks.length, 'line')} written into Due, by ${preferences.day(by.value)}.`
}
</script>

<template>
  <UiCard title="Nuclei">
    <p data-testid="nuclei">
      <b>{{
        plan.nuclei.length === 0 ? 'No nucleus can be made now' : counted(plan.nuclei.length, 'nucleus', 'nuclei')
      }}</b>: two strong hives give one comb of brood each, never the queen.
    </p>
    <ol v-if="plan.nuclei.length > 0">
      <li v-for="(one, i) in visits" :key="i" :data-nucleus="i">
        <b>{{ one.name }}</b>
        <RecordsSteps
          v-if="one.steps.length > 0"
          :id="`nucleus/${one.id}/${today}`"
          :done="ticked[one.id] ?? false"
          :lines="one.steps"
          @update:done="ticked[one.id] = $event"
        />
        <p v-if="one.combs.length < 2" class="soft">
          Which combs have sealed brood nobody has said: press them at the next inspection, and they are named here.
        </p>
        <ElPopconfirm
          v-else
          :title="`Does it stand there, and were both queens seen in their own hives?`"
          confirm-button-text="Yes"
          cancel-button-text="No"
          width="280"
          @confirm="made(one)"
        >
          <template #reference
            ><ElButton data-testid="nucleus-made" :disabled="!ticked[one.id]">It is made</ElButton></template
          >
        </ElPopconfirm>
      </li>
    </ol>
    <p v-if="plan.nuclei.length > 0">
      To have ready: {{ counted(plan.needs.boxes, 'box', 'boxes') }} for nuclei, {{ plan.needs.foodCombs.low }} to
      {{ counted(plan.needs.foodCombs.high, 'comb') }} of food, {{ counted(plan.needs.emptyCombs, 'empty comb') }},
      {{ counted(plan.needs.feeders, 'feeder') }}, {{ counted(plan.needs.doors, 'entrance block') }},
      {{ counted(plan.needs.screens, 'travel screen') }}.
    </p>
    <p v-if="plan.nuclei.length > 0" class="fields">
      <label>By <UiDay name="By" :value="by" @change="by = $event || by" /></label>
      <ElButton type="primary" data-testid="nuclei-plan" @click="writePlan">Write it into Due</ElButton>
    </p>
    <p v-if="planned" role="status">{{ planned }} <NuxtLink :to="yardPath(yard.id, 'due')">To what is due</NuxtLink></p>
    <ul class="soft">
      <li v-for="one in givers.filter(({ no }) => no !== undefined)" :key="one.hiveId">
        {{ nameOf(one.hiveId) }}: {{ one.no ? NO_GIFT_WORDS[one.no] : '' }}
      </li>
    </ul>
  </UiCard>
</template>

<style scoped>
ol,
ul {
  margin: 0;
}

.fields {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3) var(--space-5);
  align-items: end;
}

.fields label {
  display: flex;
  flex-direction: column;
  font-size: var(--type-2);
}

ul.soft {
  padding-left: var(--space-5);
  font-size: var(--type-1);
}
</style>
