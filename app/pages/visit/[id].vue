<script setup lang="ts">
// A visit at the hive, to be ticked off with gloves on: one step at a time, large; ticking changes the hive as it stands.
import { catalogueOf } from '#core/catalogue'
import { assembleHive, partsById } from '#core/geometry'
import type { VisitStep } from '#core/hive'
import { COOL_MARITIME, cautionsOfStage, daysToWinter, tickEdit } from '#core/season'
import { CAUTION_WORDS, partNames, stageWord, stepOfVisitInWords } from '#core/wording'

const route = useRoute()
const yards = useYards()
const preferences = usePreferences()
const view = useView()
const place = computed(() => {
  const id = String(route.params.id)
  const yard = view.yardOf(id)
  const hive = yard?.hives.find((one) => one.id === id)
  return yard && hive ? { yard, hive } : null
})
const visit = computed(() => place.value?.hive.visit)
const catalogue = computed(() => (place.value ? catalogueOf(place.value.yard) : null))
const names = computed(() => (place.value ? partNames(assembleHive(place.value.hive, partsById(place.value.yard), catalogue.value!), preferences.vocabulary) : new Map<string, string>()))
const lastTicked = computed(() => (place.value ? yards.historyOf(place.value.yard.id).undo.at(-1)?.done.kind === 'batch' : false))
/** A part that is off the hive has no name there; it keeps the one it had when it was last seen on it. */
const seen = new Map<string, string>()
watch(names, (now) => { for (const [id, name] of now) seen.set(id, name) }, { immediate: true })
function say(one: VisitStep) {
  const { yard, hive } = place.value!
  return stepOfVisitInWords(one, {
    toStage: visit.value!.toStage, catalogue: catalogue.value!, names: new Map([...seen, ...names.value]), parts: { get: (id) => yard.parts.find((part) => part.id === id) },
    roleOf: (id) => hive.stack.find(({ partId }) => partId === id)?.role, beforeWinterDays: daysToWinter(new Date().toISOString().slice(5, 10), yard.season?.calendar ?? COOL_MARITIME),
  }, preferences.reader)
}
const words = computed(() => visit.value?.steps.map(say) ?? [])
const now = computed(() => words.value[visit.value?.done ?? 0])
function tick() {
  const edit = place.value && tickEdit(place.value.yard, place.value.hive)
  if (edit) yards.perform(place.value!.yard.id, edit)
}
function giveUp() {
  if (visit.value) yards.perform(place.value!.yard.id, { kind: 'set-visit', hiveId: place.value!.hive.id, visit: null, doneBefore: visit.value.done })
}
useHead({ title: computed(() => `Visit to ${place.value?.hive.name ?? 'a hive'} – Duvet`) })
</script>

<template>
  <ShellPage :title="place ? `At ${place.hive.name}` : 'Visit'" :yard-id="place?.yard.id">
    <p v-if="!place" class="none">This hive is no longer here. Undo in its yard brings it back, and its visit with it.</p>
    <section v-else-if="!visit" class="none" data-testid="visit-done">
      <p><b>{{ place.hive.name }} stands as {{ stageWord(place.hive.stage) }}.</b> No visit is under way here.</p>
      <p><NuxtLink to="/year">To the year</NuxtLink> · <NuxtLink :to="`/hives/${encodeURIComponent(place.hive.id)}`">{{ place.hive.name }} on the bench</NuxtLink></p>
    </section>
    <section v-else class="visit">
      <p class="count" role="status">{{ visit.done }} of {{ visit.steps.length }} done, to {{ stageWord(visit.toStage) }} <progress :max="visit.steps.length" :value="visit.done" aria-label="Steps done" /></p>
      <div v-if="now" class="now">
        <p class="step" data-testid="visit-step">{{ now.text }}</p>
        <p class="why">Why: {{ now.why }}.</p>
        <p v-for="caution in now.cautions" :key="caution" class="mind"><ShellSeverityMark grade="watch" /> {{ caution }}</p>
        <button class="tick" type="button" data-testid="tick" @click="tick">Done</button>
      </div>
      <div class="beside">
        <button class="plain-button" type="button" :disabled="!lastTicked" data-testid="untick" @click="yards.undo(place.yard.id)">One step back</button>
        <button class="plain-button quiet" type="button" data-testid="give-up" @click="giveUp">Leave it here</button>
      </div>
      <ol class="all">
        <li v-for="(one, i) in words" :key="i" :class="{ done: i < visit.done, here: i === visit.done }"><span aria-hidden="true">{{ i < visit.done ? '✓' : '' }}</span> {{ one.text }}<span v-if="i < visit.done" class="visually-hidden"> (done)</span></li>
      </ol>
      <ul class="caution"><li v-for="caution in cautionsOfStage(visit.toStage)" :key="caution">{{ CAUTION_WORDS[caution] }}</li></ul>
    </section>
  </ShellPage>
</template>

<style scoped>
.visit {
  display: flex;
  flex-direction: column;
  gap: 12px;
  max-width: 760px;
  padding: 4px 16px 40px;
}

.now {
  padding: 16px;
  border: 2px solid var(--indigo);
  border-radius: 12px;
  background: var(--sheet);
}

.step {
  margin: 0;
  font-size: 24px;
  font-weight: 700;
  line-height: 1.25;
}

.mind {
  display: flex;
  gap: 6px;
  margin: 0 0 12px;
  color: var(--watch);
  font-weight: 700;
}

.why {
  margin: 6px 0 10px;
  color: var(--soft-ink);
  font-size: 17px;
}

.tick {
  width: 100%;
  min-height: 84px !important;
  border: 0;
  border-radius: 12px;
  background: var(--indigo);
  color: #fff;
  font: inherit;
  font-size: 26px;
  font-weight: 700;
  cursor: pointer;
}

.beside {
  display: flex;
  gap: 10px;
}

.beside button {
  flex: 1;
  min-height: 56px;
}

.all {
  margin: 0;
  padding-left: 30px;
}

.all li {
  padding: 5px 0;
  border-bottom: 1px solid var(--seam);
}

.done {
  color: var(--soft-ink);
}

.here {
  font-weight: 700;
}

.caution {
  padding-left: 18px;
  color: var(--soft-ink);
  font-size: 13.5px;
}

.none {
  padding: 24px 16px;
}

progress {
  vertical-align: middle;
}
</style>
