<script setup lang="ts">
// Frames as stock: counted by make and comb, what wider spacing frees, nuclei, and the combs of a colony that died.
import {
  broodCombOf,
  colonyOf,
  combGifts,
  combsToRenew,
  daysLater,
  entriesOf,
  framesInStock,
  freedBySpacing,
  giftEdit,
  giversOf,
  makeNucleus,
  mayShareCombs,
  nucleiOf,
  type Entry,
  type FrameStock,
} from '#core/book'
import { catalogueOf, inWords } from '#core/parts'
import { hiveIn } from '#core/ask'
import { isSound, type Hive, type Yard } from '#core/yard'
import { capital, counted, causeInWords, NO_GIFT_WORDS, nucleusSteps } from '#core/words'
import { columnsFor } from '~/kit/tableColumn'
import { localNow, localToday } from '~/composables/localTime'
import { useWritten } from '~/composables/newEntry'
import { yardPath } from '~/composables/paths'

const props = defineProps<{ yard: Yard }>()
const yards = useYards()
const book = useBook()
const preferences = usePreferences()
const written = useWritten()
const along = useTreatmentsAlong()
const today = localToday()
const { entries, problem, load } = useYardBook(() => ({
  yardId: props.yard.id,
  from: daysLater(today, -400),
  to: today,
  sorts: ['look', 'treatment', 'fate', 'cleared'],
}))
const names = computed(() => new Map(props.yard.hives.map(({ id, name }) => [id, name])))
const nameOf = (id: string) => names.value.get(id) ?? 'a hive that is gone'
const stock = computed(() => framesInStock(props.yard, combsToRenew(entries.value ?? [])))
const makeOf = ({ patternId }: FrameStock) => {
  const label = catalogueOf(props.yard).hanging.get(patternId)?.label
  return label ? capital(inWords(label, preferences.vocabulary)) : patternId
}
const count = (key: keyof Omit<FrameStock, 'patternId'>, label: string) => ({
  key,
  label,
  text: (row: FrameStock) => String(row[key]),
  by: (row: FrameStock) => row[key],
  number: true as const,
  width: 80,
})
const columns = columnsFor<FrameStock>(
  { key: 'make', label: 'Frame', text: makeOf, by: makeOf, width: 210 },
  count('onHives', 'On hives'),
  count('inShed', 'In the shed'),
  count('drawn', 'Drawn'),
  count('foundation', 'Foundation'),
  count('bare', 'Bare'),
  count('toRenew', 'To renew'),
  count('unknown', 'Not said'),
)
const spacing = reactive({ boxes: 10, before: 10, after: 9 })
const freed = computed(() =>
  spacing.after > spacing.before ? null : freedBySpacing(spacing.boxes, spacing.before, spacing.after),
)
const givers = computed(() => giversOf(props.yard, entries.value ?? [], today))
const plan = computed(() => nucleiOf(givers.value))
/** Whose steps are all done. */
const ticked = reactive<Record<string, boolean>>({})
/** Each nucleus as a visit: whose combs, in what order, and what stands there once it is made. */
const visits = computed(() =>
  plan.value.nuclei.map(({ givers: two }) => {
    const hives = two.flatMap((id) => props.yard.hives.find((hive) => hive.id === id) ?? [])
    const ownOf = (hive: Hive) => (entries.value ?? []).filter(({ hiveId }) => hiveId === hive.id)
    const combs = hives.flatMap((hive) => broodCombOf(props.yard, hive, ownOf(hive)) ?? [])
    const boxName = (hive: Hive, partId: string) =>
      hiveIn(props.yard, hive).names(preferences.vocabulary).get(partId) ?? 'its brood box'
    const given = hives.flatMap((hive) => {
      const comb = combs.find(({ hiveId }) => hiveId === hive.id)
      return comb ? [{ hive: hive.name, box: boxName(hive, comb.partId), place: comb.place }] : []
    })
    const names = hives.map(({ name }) => name)
    return {
      id: two.join('/'),
      name: `Nucleus of ${names.join(' and ')}`.slice(0, 80),
      hives,
      combs,
      steps: combs.length === 2 ? nucleusSteps(given).map((line) => said(line, names)) : [],
    }
  }),
)
async function made({ name, hives, combs }: (typeof visits.value)[number]) {
  const done = makeNucleus(props.yard, combs, name, () => crypto.randomUUID())
  if (!done) {
    planned.value = 'These combs hang in no nucleus box that is known here: stack it on the Bench.'
    return
  }
  if (!yards.perform(props.yard.id, done.edit)) return
  const treated = hives.flatMap((hive) =>
    along(
      (entries.value ?? []).filter(({ hiveId }) => hiveId === hive.id),
      hive.name,
      [done.hive.id],
    ),
  )
  if (treated.length > 0) await book.write(props.yard.id, treated)
}
const by = ref(daysLater(today, 2))
const planned = ref('')
async function writePlan() {
  const tasks = plan.value.nuclei.flatMap(({ givers: two }, i) =>
    two.map((hiveId, n): Entry => {
      const other = nameOf(two[1 - n]!)
      const text =
        `Nucleus ${i + 1}, with ${other}: see the queen first, then one comb of sealed brood with its bees, without her` +
        (n === 0 ? '; bring the box, an empty comb, 1 to 2 of food, feeder, entrance block and screen' : '')
      return { ...written(hiveId, localNow()), sort: 'task', body: { text, by: by.value } }
    }),
  )
  if (await book.write(props.yard.id, tasks))
    planned.value = `${counted(tasks.length, 'line')} written into Due, by ${preferences.day(by.value)}.`
}
const dead = computed(() =>
  props.yard.hives.flatMap((hive) => {
    const own = (entries.value ?? []).filter(({ hiveId }) => hiveId === hive.id)
    const fate = entriesOf(own, 'fate').at(-1)
    if (fate?.body.fate !== 'dead') return []
    const signs = entriesOf(own, 'look').flatMap(({ body }) => body.signs ?? [])
    const may = colonyOf(own, today)?.holds === 'nothing' ? 'yes' : mayShareCombs(fate.body, signs)
    return [{ hive, cause: causeInWords(fate.body), may }]
  }),
)
/** Only colonies that live and are under no suspicion are given anything. */
const alive = computed(() => props.yard.hives.filter(({ id }) => isSound(props.yard, id)))
const gifts = computed(
  () =>
    new Map(
      dead.value
        .filter(({ may }) => may === 'yes')
        .map(({ hive }) => [hive.id, combGifts(props.yard, hive, alive.value)]),
    ),
)
function giftsTo(hive: Hive) {
  const to = new Map<string, number>()
  for (const { toHiveId } of gifts.value.get(hive.id) ?? []) to.set(toHiveId, (to.get(toHiveId) ?? 0) + 1)
  return [...to]
}
async function share(hive: Hive) {
  const all = gifts.value.get(hive.id) ?? []
  if (all.length === 0 || !yards.perform(props.yard.id, giftEdit(props.yard, all))) return
  const own = (entries.value ?? []).filter(({ hiveId }) => hiveId === hive.id)
  const treated = along(own, hive.name, [...new Set(all.map(({ toHiveId }) => toHiveId))])
  if (treated.length > 0) await book.write(props.yard.id, treated)
}
const FIELDS = [
  ['boxes', 'Boxes', 0, 1000],
  ['before', 'Frames in each now', 1, 14],
  ['after', 'Frames in each then', 1, 14],
] as const
</script>

<template>
  <section class="frames" aria-label="Frames as stock" data-testid="frames-stock">
    <p v-if="problem" role="alert">{{ problem }} <ElButton @click="load">Try again</ElButton></p>
    <UiCard class="wide" title="Frames of this yard">
      <UiTable :rows="stock" :columns="columns" :key-of="(row) => row.patternId" />
    </UiCard>
    <UiCard title="Freed by wider spacing">
      <p class="fields">
        <span v-for="[key, word, min, max] in FIELDS" :key="key"
          >{{ word }} <UiNumber v-model="spacing[key]" always :name="word" :min="min" :max="max" />
        </span>
      </p>
      <p v-if="freed" data-testid="freed">
        <b>{{ counted(freed.frames, 'frame') }} freed</b>: they fill {{ counted(freed.boxes, 'box', 'boxes') }} of
        {{ spacing.after }}{{ freed.left > 0 ? `, and ${freed.left} are left` : '' }}. Wider only in drawn comb.
      </p>
      <p v-else class="wrong" role="alert">More frames would hang than now: choose fewer.</p>
    </UiCard>
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
      <p v-if="planned" role="status">
        {{ planned }} <NuxtLink :to="yardPath(yard.id, 'due')">To what is due</NuxtLink>
      </p>
      <ul class="soft">
        <li v-for="one in givers.filter(({ no }) => no !== undefined)" :key="one.hiveId">
          {{ nameOf(one.hiveId) }}: {{ NO_GIFT_WORDS[one.no!] }}
        </li>
      </ul>
    </UiCard>
    <UiCard title="Uniting">
      <RecordsMerge v-if="entries" :yard="yard" :entries="entries" @changed="load" />
    </UiCard>
    <UiCard title="Combs of a colony that died">
      <p v-if="dead.length === 0">No colony here was noted as dead.</p>
      <template v-for="one in dead" :key="one.hive.id">
        <p v-if="one.may === 'never'" class="stop" role="note">
          {{ one.hive.name }}: signs were seen in its brood. Nothing of it goes to another hive: close it, have it
          looked at; some diseases must be reported.
        </p>
        <p v-else-if="one.may === 'cause-first'" class="stop" role="note" data-testid="cause-first">
          {{ one.hive.name }}: say first what it died of, in its book. Until then its combs go to no other hive, and it
          is closed so that none rob it.
        </p>
        <template v-else>
          <p>
            <b>{{ one.hive.name }}</b> ({{ one.cause }}): first to the hives that are shortest of food, in the place of
            empty frames. Each comb keeps its past.
          </p>
          <ul>
            <li v-for="[hiveId, many] in giftsTo(one.hive)" :key="hiveId">
              {{ counted(many, 'comb') }} to {{ nameOf(hiveId) }}
            </li>
          </ul>
          <ElPopconfirm
            v-if="giftsTo(one.hive).length > 0"
            title="Did you look at every comb, with no sunken or pierced cap, no scale, no thread in any?"
            confirm-button-text="Yes"
            cancel-button-text="No"
            width="280"
            @confirm="share(one.hive)"
          >
            <template #reference><ElButton data-testid="share-combs">They hang there now</ElButton></template>
          </ElPopconfirm>
          <p v-else>No hive is short and has room for its sealed combs.</p>
        </template>
      </template>
    </UiCard>
  </section>
</template>

<style scoped>
.frames {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(360px, 100%), 1fr));
  gap: var(--space-5);
  align-items: start;
}

.wide {
  grid-column: 1 / -1;
}

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

.fields .number {
  width: 140px;
}

.fields .el-button,
.frames :deep(.el-button) {
  min-height: 44px;
}

.soft {
  padding-left: var(--space-5);
  color: var(--soft-ink);
  font-size: var(--type-1);
}

.stop {
  padding: var(--space-3) var(--space-3);
  border-left: 5px solid var(--stop);
}
</style>
