<script setup lang="ts">
// A hive as it stood on any day, with what was changed, when and on which device.
import { there } from '#core/units'
import { useElementSize, useWindowSize } from '@vueuse/core'
import { colonyIn } from '#core/yard'
import { capital, severityWord } from '#core/words'
import { hiveIn } from '#core/ask'
import { clockOf, dayOf } from '~/composables/localTime'

const route = useRoute()
const view = useView()
const preferences = usePreferences()
const yard = computed(() => view.yard)
const hiveId = computed(() => String(route.params.hive))

const written = useHiveBook(() => (yard.value ? { yardId: yard.value.id, hiveId: hiveId.value } : null))

const MODES = [
  ['found', 'Found and done'],
  ['food', 'Food and crop'],
  ['years', 'Years'],
  ['changed', 'Changed'],
] as const
const mode = useInAddress('see', modeOf(MODES), 'found')
const hiveNow = computed(() => yard.value?.hives.find(({ id }) => id === hiveId.value))
const then = useStoodThen(yard, hiveId, written)
const { wanted, at, day, past, changes, failed, looked, pick, place, slide, placeInWords, writtenFrom } = then
const shownYard = computed(() => (at.value ? past.value : yard.value))
const hive = computed(() => shownYard.value?.hives.find(({ id }) => id === hiveId.value))
const stood = ref<HTMLElement | null>(null)
const { width: stoodPx } = useElementSize(stood)
const { height: windowPx } = useWindowSize()
/** The drawing takes what the window has: its whole width, and its height below what is said over it. */
const drawnPx = computed(() => ({
  width: Math.max(320, Math.floor(stoodPx.value)),
  height: Math.max(300, Math.min(windowPx.value - 250, stoodPx.value + 40)),
}))
const drawn = computed(() => {
  if (!shownYard.value || !hive.value) return null
  const known = hiveIn(shownYard.value, hive.value)
  const { assessment } = known
  return {
    assessment,
    colony: colonyIn(shownYard.value, hive.value.id),
    names: known.names(preferences.vocabulary),
  }
})
const hives = computed(() => [
  ...new Map(
    [...(yard.value?.hives ?? []), ...(past.value?.hives ?? [])].map((one) => [one.id, { id: one.id, name: one.name }]),
  ).values(),
])
const name = computed(() => hive.value?.name ?? hives.value.find(({ id }) => id === hiveId.value)?.name ?? 'This hive')
useHead({ title: computed(() => `The book of ${name.value} – Duvet`) })
</script>

<template>
  <ShellPage :title="`The book of ${name}`">
    <template #bar>
      <label
        >As it stood on
        <UiDay
          name="As it stood on"
          :value="day"
          :last="dayOf(new Date().toISOString())"
          data-testid="log-day"
          @change="pick"
      /></label>
      <ElButton v-if="at" data-testid="log-now" @click="wanted = null"> As it stands now </ElButton>
    </template>
    <ShellNothing v-if="!yard || hives.length === 0" to="/" way="Start a hive in the row">
      No hive stands here yet. What you do to one is written down here, with the day and the device.
    </ShellNothing>
    <div v-else class="columns">
      <section ref="stood" class="stood" :aria-label="`${name} as it stood`">
        <h2 data-testid="log-title">
          {{ at ? `As it stood on ${preferences.day(day)}, ${clockOf(at)}` : 'As it stands now' }}
        </h2>
        <div v-if="changes.length > 0" class="time">
          <span>{{ placeInWords(0) }}</span>
          <ElSlider
            :model-value="place"
            :min="0"
            :max="changes.length"
            :show-tooltip="false"
            :format-value-text="placeInWords"
            aria-label="Through time"
            data-testid="through-time"
            @update:model-value="slide(Number($event))"
          />
          <span>now</span>
        </div>
        <p v-if="failed" role="alert" class="wrong">{{ failed }}</p>
        <p v-if="past && hive && writtenFrom !== undefined" class="unknown" data-testid="log-unknown">
          {{
            writtenFrom
              ? `Nothing is written down before ${preferences.day(writtenFrom)}`
              : 'Nothing is written down of this hive yet'
          }}: how it stood on this day is not known. Drawn is the oldest state that is.
        </p>
        <ShellInTurn v-if="drawn">
          <p>
            {{ capital(stageSaid(there(hive).stage)) }}. Worst finding:
            <b>{{ severityWord(drawn.assessment.worst) }}</b>
          </p>
          <DrawingHiveSection
            :picture="{ ...drawn, reader: preferences.reader, axis: 'along' }"
            :size="{ ...drawnPx, narrow: drawnPx.width < 520 }"
          />
        </ShellInTurn>
        <p v-else-if="!at || past">{{ name }} did not stand here then.</p>
      </section>
      <ShellInTurn
        ><section class="changes" aria-label="What was written">
          <UiModes v-model="mode" :of="MODES" name="What was written" />
          <BookFound
            v-if="mode === 'found' && hiveNow"
            :yard="yard"
            :hive="hiveNow"
            :entries="written.entries.value"
            :weighings="written.ofTheseBoxes.value"
            :silent="written.silent.value"
            @changed="written.load"
          />
          <BookFood
            v-if="mode === 'food' && hiveNow && written.entries.value"
            :yard="yard"
            :hive="hiveNow"
            :entries="written.entries.value"
            :weighings="written.ofTheseBoxes.value"
          />
          <BookYears
            v-if="mode === 'years' && written.entries.value"
            :entries="written.entries.value"
            :weighings="written.weighings.value"
          />
          <BookChanged
            v-if="mode === 'changed'"
            :yard="yard"
            :past="past"
            :changes="changes"
            :looked="looked?.revision"
            @look="wanted = `r${$event}`"
          /></section
      ></ShellInTurn>
    </div>
  </ShellPage>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(280px, 500px);
  gap: var(--space-3) var(--space-6);
  padding: var(--space-2) var(--space-5) var(--space-6);
}

.time {
  display: grid;
  grid-template-columns: auto 1fr auto;
  gap: var(--space-5);
  align-items: center;
  color: var(--soft-ink);
  font-size: var(--type-1);
}

.unknown {
  padding: var(--space-3) var(--space-3);
  border-left: 5px solid var(--watch);
  background: var(--sheet);
}

.stood :deep(svg[role='group']) {
  max-width: 100%;
  height: auto;
}

@media (max-width: 1020px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
