<script setup lang="ts">
// A visit at the hive, to be ticked off with gloves on: one step at a time, large; ticking changes the hive as it stands.
import { there } from '#core/units'
import { catalogueOf } from '#core/parts'
import { isEdit, type Stage, type VisitStep } from '#core/yard'
import { cautionsOfStage, partingOn, standsOpen, tickEdit, visitTimeOf } from '#core/year'
import { autumnInWords, cautionInWords, stepOfVisitInWords } from '#core/words'
import { hiveIn } from '#core/ask'
import * as deeds from '#core/yard/deeds'

const route = useRoute()
const yards = useYards()
const preferences = usePreferences()
const view = useView()
const place = computed(() => view.placeOf(String(route.params.hive)))
const visit = computed(() => place.value?.hive.visit)
const catalogue = computed(() => (place.value ? catalogueOf(place.value.yard) : null))
const names = computed(() =>
  place.value ? hiveIn(place.value.yard, place.value.hive).names(preferences.vocabulary) : new Map<string, string>(),
)
const lastTicked = computed(() =>
  place.value ? isEdit(yards.historyOf(place.value.yard.id).undo.at(-1)?.done, 'batch') : false,
)
/** A part that is off the hive has no name there; it keeps the one it had when it was last seen on it. */
const seen = new Map<string, string>()
watch(names, (now) => now.forEach((name, id) => seen.set(id, name)), { immediate: true })
function say(one: VisitStep) {
  const { yard, hive } = there(place.value)
  return stepOfVisitInWords(
    one,
    {
      toStage: there(visit.value).toStage,
      catalogue: there(catalogue.value),
      names: new Map([...seen, ...names.value]),
      parts: hiveIn(yard, hive).parts,
      roleOf: (id) => hive.stack.find(({ partId }) => partId === id)?.role,
      parting: partingOn(localToday(), yard),
      food: yard.foods?.[hive.id],
    },
    preferences.reader,
  )
}
/** Asked once where another hive was in view before this one: the wrong hive is opened in a row of many. */
const other = computed(() => (view.cameFrom ? view.placeOf(view.cameFrom)?.hive : undefined))
/** It is done today, whatever day it was planned for. */
const time = computed(() => ({
  ...visitTimeOf(there(visit.value).toStage, localToday(), there(place.value).yard),
  parting: partingOn(localToday(), there(place.value).yard),
}))
const isSure = ref(false)
const asksWhich = computed(() => !isSure.value && visit.value?.done === 0 && other.value !== undefined)
const words = computed(() => visit.value?.steps.map(say) ?? [])
const now = computed(() => words.value[visit.value?.done ?? 0])
/** A step that was just ticked is not ticked again by the same press. */
const REST_MS = 600
const resting = ref(false)
const last = ref<{ readonly hive: string; readonly stage: Stage } | null>(null)
function tick() {
  const { yard, hive } = there(place.value)
  const edit = resting.value || asksWhich.value ? undefined : tickEdit(yard, hive)
  if (!edit) return
  resting.value = true
  setTimeout(() => {
    resting.value = false
  }, REST_MS)
  last.value = { hive: hive.id, stage: there(hive.visit).toStage }
  yards.perform(yard.id, edit)
}
const open = computed(
  () => place.value !== null && standsOpen(place.value.hive, place.value.yard, there(catalogue.value)),
)
const ending = ref(false)
function endHere() {
  ending.value = false
  if (visit.value) yards.perform(there(place.value).yard.id, deeds.endVisit(there(place.value).hive))
}
const stuck = ref(false)
useHead({ title: computed(() => `Visit to ${place.value?.hive.name ?? 'a hive'} – Duvet`) })
</script>

<template>
  <ShellPage :title="place ? `At ${place.hive.name}` : 'Visit'">
    <ShellNothing v-if="!place" to="/" way="To the row"
      >This hive is no longer here. Undo in its yard brings it back, and its visit with it.</ShellNothing
    >
    <VisitEnded v-else-if="!visit" :yard="place.yard" :hive="place.hive" :last="last" />
    <section v-else class="visit">
      <p class="count" role="status">
        {{ visit.done }} of {{ visit.steps.length }} done, to {{ stageSaid(visit.toStage) }}
        <UiProgress :done="visit.done" :of="visit.steps.length" name="Steps done" />
      </p>
      <div v-if="asksWhich" class="which" role="alert" data-testid="which-hive">
        <p>
          This visit is at <b>{{ place.hive.name }}</b>; you were at {{ other?.name }} before. Is
          {{ place.hive.name }} the hive in front of you?
        </p>
        <ElButton type="primary" size="large" data-testid="this-hive" @click="isSure = true"
          >Yes, {{ place.hive.name }}</ElButton
        >
        <NuxtLink class="plain-button quiet" :to="hivePath(place.yard.id, there(other).id, 'bench')"
          >No, to {{ other?.name }}</NuxtLink
        >
      </div>
      <div v-if="now" class="now">
        <p class="step" data-testid="visit-step"><UiTerms :text="now.text" /></p>
        <ul v-if="now.how" class="how">
          <li v-for="line in now.how" :key="line"><UiTerms :text="line" /></li>
        </ul>
        <p class="why"><UiTerms :text="`Why: ${now.why}.`" /></p>
        <p v-for="caution in now.cautions" :key="caution" class="mind">
          <ShellSeverityMark grade="watch" /> <span><UiTerms :text="caution" /></span>
        </p>
      </div>
      <p v-if="open" class="mind" role="status" data-testid="visit-open">
        <ShellSeverityMark grade="watch" /> {{ place.hive.name }} stands open: its bees chill, and robbers come. Close
        it before you leave it.
      </p>
      <div class="next-press">
        <ElButton class="bare tick" data-testid="tick" :aria-disabled="resting || asksWhich" @click="tick">
          {{ now?.asks ?? 'Done' }}
        </ElButton>
        <div class="beside">
          <ElButton :disabled="!lastTicked" data-testid="untick" @click="yards.undo(place.yard.id)">
            One step back
          </ElButton>
          <ElButton data-testid="cannot" @click="stuck = true">Can’t do this</ElButton>
          <NuxtLink class="plain-button quiet" :to="yardPath(there(place).yard.id, 'year')" data-testid="pause"
            >Pause: go on later</NuxtLink
          >
          <ElButton text data-testid="give-up" @click="ending = true"> End it here </ElButton>
        </div>
      </div>
      <ol class="all">
        <li v-for="(one, i) in words" :key="i" :class="{ done: i < visit.done, here: i === visit.done }">
          <span aria-hidden="true">{{ i < visit.done ? '✓' : '' }}</span> {{ one.text
          }}<span v-if="i < visit.done" class="visually-hidden"> (done)</span>
        </li>
      </ol>
      <VisitStuck
        v-if="stuck && now"
        :yard="place.yard"
        :hive="place.hive"
        :step="now.text"
        @planned="last = $event"
        @close="stuck = false"
      />
      <UiSheet v-if="ending" title="End this visit here?" width="min(460px, 94vw)" @close="ending = false">
        <p>
          {{ place.hive.name }} is noted as it stands after the steps that are done<template v-if="open"
            >: <b>open, without its roof</b>. Close it first, or pause and go on later</template
          >. The steps that are left are dropped; undo brings them back.
        </p>
        <ElButton size="large" data-testid="go-on" @click="ending = false">Go on with it</ElButton>
        <ElButton size="large" type="danger" plain data-testid="end-here" @click="endHere">End it</ElButton>
      </UiSheet>
      <ul class="caution">
        <li v-for="one in autumnInWords(visit.toStage, place.yard, preferences.reader)" :key="one">{{ one }}</li>
        <li v-for="caution in cautionsOfStage(visit.toStage, time)" :key="caution">
          {{ cautionInWords(caution, preferences.reader) }}
        </li>
      </ul>
    </section>
  </ShellPage>
</template>

<style scoped>
.visit {
  display: flex;
  flex-direction: column;
  gap: var(--space-4);
  max-width: 760px;
  padding: var(--space-2) var(--space-5) 190px;
}

.now {
  padding: var(--space-5);
  border: 2px solid var(--indigo);
  border-radius: 12px;
  background: var(--sheet);
}

.step {
  margin: 0;
  font-size: var(--type-6);
  font-weight: 700;
  line-height: 1.25;
}

.mind {
  display: flex;
  gap: var(--space-3);
  margin: 0 0 var(--space-4);
  color: var(--watch);
  font-weight: 700;
}

.why {
  margin: var(--space-3) 0 var(--space-3);
  color: var(--soft-ink);
  font-size: var(--type-4);
}

.tick {
  width: 100%;
  padding: var(--space-2) var(--space-3);
  line-height: 1.15;
  min-height: 84px !important;
  border: 0;
  border-radius: 12px;
  background: var(--indigo);
  color: #fff;
  font: inherit;
  font-size: var(--type-6);
  font-weight: 700;
  cursor: pointer;
}

.which {
  padding: var(--space-3) var(--space-4);
  border: 2px solid var(--stop);
  border-radius: 9px;
  background: var(--sheet);
  font-size: var(--type-4);
}

/* One place on the screen, whatever the step says: who taps twice meets the same button. */
.next-press {
  position: fixed;
  right: 0;
  bottom: var(--foot);
  left: 0;
  z-index: 5;
  display: grid;
  gap: var(--space-3);
  justify-items: center;
  padding: var(--space-3) var(--space-5);
  border-top: 1px solid var(--seam);
  background: var(--linen);
}

.next-press > * {
  width: min(760px, 100%);
}

.tick[aria-disabled='true'] {
  background: #7d8bbd;
}

.how {
  margin: var(--space-3) 0;
  padding-left: var(--space-5);
  font-size: var(--type-4);
}

.beside {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
}

.beside > * {
  display: inline-flex;
  flex: 1;
  align-items: center;
  justify-content: center;
  min-height: 56px;
  white-space: nowrap;
  text-decoration: none;
}

.all {
  margin: 0;
  padding-left: var(--space-6);
}

.all li {
  padding: var(--space-2) 0;
  border-bottom: 1px solid var(--seam);
}

.done {
  color: var(--soft-ink);
}

.here {
  font-weight: 700;
}

.caution {
  padding-left: var(--space-5);
  color: var(--soft-ink);
  font-size: var(--type-2);
}

progress {
  vertical-align: middle;
}
</style>
