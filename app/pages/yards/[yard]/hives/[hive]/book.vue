<script setup lang="ts">
// A hive as it stood on any day, with what was changed, when and on which device.
import { useWindowVirtualizer } from '@tanstack/vue-virtual'
import { until, useDebounceFn, useElementSize, useWindowSize } from '@vueuse/core'
import dayjs from 'dayjs'
import { catalogueOf } from '#core/parts'
import { colonyIn, isEdit, leavesOf, sittingsOf, type Edit, type HiveChange, type Sitting, type Yard } from '#core/yard'
import { capital, counted, editInWords, patternName, severityWord } from '#core/words'
import { hiveIn } from '#core/ask'

const route = useRoute()
const view = useView()
const preferences = usePreferences()
const yard = computed(() => view.yard)
const hiveId = computed(() => String(route.params.hive))

const written = useHiveBook(() => (yard.value ? { yardId: yard.value.id, hiveId: hiveId.value } : null))

/** What is looked at, as it stands in the address: a day, or the change with this number; null for now. */
const wanted = useInAddress<string | null>('at', (written) => written, null)
const past = shallowRef<Yard | null>(null)
const changes = shallowRef<readonly HiveChange[]>([])
/** The moment that is looked at, and the change it comes after where one was pressed; null for now. */
const looked = computed<{ readonly at: string; readonly revision?: number } | null>(() => {
  const change = changes.value.find(({ revision }) => `r${revision}` === wanted.value)
  if (change) return { at: change.happenedAt, revision: change.revision }
  // The last moment of a day, by the clock of this device.
  const end = new Date(`${wanted.value}T23:59:59.999`)
  return Number.isNaN(end.getTime()) ? null : { at: end.toISOString() }
})
const failed = ref('')
const MODES = [
  ['found', 'Found and done'],
  ['food', 'Food and crop'],
  ['years', 'Years'],
  ['changed', 'Changed'],
] as const
const mode = useInAddress('see', modeOf(MODES), 'found')
const gone = usePast()
const hiveNow = computed(() => yard.value?.hives.find(({ id }) => id === hiveId.value))
const at = computed(() => looked.value?.at ?? null)
const dayOf = (moment: string) => dayjs(moment).format('YYYY-MM-DD')
const clockOf = (moment: string) => dayjs(moment).format('HH:mm')
const day = computed(() => (at.value ? dayOf(at.value) : ''))
let round = 0
watch(
  [yard, hiveId],
  async ([now, id]) => {
    if (!now || !id) return
    const mine = ++round
    // What was found comes first; going back through the log takes the server longer.
    await until(() => written.entries.value !== null || written.silent.value).toBe(true)
    if (mine !== round) return
    const answer = await gone.changes(now.id, id)
    if (mine === round && answer.ok) changes.value = answer.value
  },
  { immediate: true },
)
watch([looked, yard], async ([moment, now]) => {
  failed.value = ''
  if (!moment || !now) {
    past.value = null
    return
  }
  const answer = await gone.stood(
    now.id,
    moment.revision === undefined ? { at: moment.at } : { revision: moment.revision },
  )
  if (moment !== looked.value) return
  if (answer.ok) past.value = answer.value
  else failed.value = `The past could not be fetched: ${answer.problem.sentence}`
})
function pick(text: string) {
  wanted.value = text === '' ? null : text
}
/** A slider through time: every change from the first on the left, and now on the right. */
const place = computed(() => {
  const all = changes.value
  if (!at.value) return all.length
  const after = all.findIndex(({ happenedAt }) => happenedAt <= at.value!)
  return after < 0 ? 0 : all.length - 1 - after
})
const slide = useDebounceFn((to: number) => {
  const change = changes.value[changes.value.length - 1 - to]
  wanted.value = change ? `r${change.revision}` : null
}, 60)
const placeInWords = (to: number) => {
  const change = changes.value[changes.value.length - 1 - to]
  return change ? `${preferences.day(dayOf(change.happenedAt))}, ${clockOf(change.happenedAt)}` : 'now'
}
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
/** The device's clock and the server's are both told where they differ by more than a minute. */
const clocksDiffer = ({ madeAt, receivedAt }: HiveChange) =>
  Math.abs(Date.parse(madeAt) - Date.parse(receivedAt)) > 60_000
/** The day from which this hive is written down, where an earlier one is looked at; null for never. */
const writtenFrom = computed(() => {
  const oldest = changes.value.at(-1)?.happenedAt
  if (!at.value || (oldest !== undefined && at.value >= oldest)) return undefined
  return oldest === undefined ? null : dayOf(oldest)
})
const list = ref<HTMLElement | null>(null)
const virtualizer = useWindowVirtualizer(
  computed(() => ({
    count: changes.value.length,
    estimateSize: () => 50,
    overscan: 4,
    scrollMargin: list.value ? list.value.getBoundingClientRect().top + window.scrollY : 0,
  })),
)
const measureRow = (row: unknown) => {
  if (row instanceof Element) virtualizer.value.measureElement(row)
}
/** What was done in one go has one heading, over its newest change. */
const sittings = computed(
  () => new Map(sittingsOf(changes.value).map((one) => [one.changes[0]!.revision, headed(one)])),
)
function headed({ changes: all, visitTo }: Sitting): string {
  const [from, to] = [all.at(-1)!.happenedAt, all[0]!.happenedAt]
  const [began, ended] = [clockOf(from), clockOf(to)]
  const when = `${preferences.day(dayOf(from))}, ${began === ended ? began : `${began} to ${ended}`}`
  const count = `${counted(all.length, 'change')}`
  return visitTo ? `Visit to ${stageSaid(visitTo)}: ${when}, ${count}` : `${when}: ${count}`
}
const seen = computed(() =>
  virtualizer.value.getVirtualItems().flatMap((item) => {
    const change = changes.value[item.index]
    return change ? [{ item, change, begins: sittings.value.get(change.revision) }] : []
  }),
)
function said({ edit, kind }: HiveChange): string {
  const words = `${editInWords(edit)}${partsIn(edit)}`
  return capital({ do: '', undo: 'undone: ', redo: 'done again: ' }[kind] + words)
}
function partsIn(edit: Edit): string {
  const ids = patternsIn(edit)
  const names = [...new Set(ids)].map((id) => patternName(id, catalogueOf(yard.value!), preferences.vocabulary))
  return names.length > 0
    ? ` (${names.join(', ')})`
    : isEdit(edit, 'set-hive') && edit.stage
      ? ` (${stageSaid(edit.stage)})`
      : ''
}
function patternsIn(edit: Edit): string[] {
  return leavesOf(edit).flatMap((leaf) => {
    if (isEdit(leaf, 'add-part', 'attach-part', 'set-part')) return [leaf.part.patternId]
    const partId = isEdit(leaf, 'place-part', 'set-placement')
      ? leaf.placement.partId
      : isEdit(leaf, 'take-off', 'move-part')
        ? leaf.partId
        : undefined
    const part = partId
      ? (yard.value?.parts.find(({ id }) => id === partId) ?? past.value?.parts.find(({ id }) => id === partId))
      : undefined
    return part ? [part.patternId] : []
  })
}
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
        <p v-if="failed" role="alert" class="failed">{{ failed }}</p>
        <p v-if="past && hive && writtenFrom !== undefined" class="unknown" data-testid="log-unknown">
          {{
            writtenFrom
              ? `Nothing is written down before ${preferences.day(writtenFrom)}`
              : 'Nothing is written down of this hive yet'
          }}: how it stood on this day is not known. Drawn is the oldest state that is.
        </p>
        <ShellInTurn v-if="drawn">
          <p>
            {{ capital(stageSaid(hive!.stage)) }}. Worst finding: <b>{{ severityWord(drawn.assessment.worst) }}</b>
          </p>
          <DrawingHiveSection
            :assessment="drawn.assessment"
            :names="drawn.names"
            :colony="drawn.colony"
            :reader="preferences.reader"
            axis="along"
            :width="drawnPx.width"
            :height="drawnPx.height"
            :narrow="drawnPx.width < 520"
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
          <p v-if="mode === 'changed' && changes.length === 0">Nothing yet since it came here.</p>
          <ol
            v-if="mode === 'changed'"
            ref="list"
            data-testid="log-changes"
            :style="{ height: `${virtualizer.getTotalSize()}px` }"
          >
            <li
              v-for="{ item, change, begins } in seen"
              :key="change.revision"
              :ref="measureRow"
              :data-index="item.index"
              :style="{ top: `${item.start - virtualizer.options.scrollMargin}px` }"
            >
              <h3 v-if="begins" data-testid="sitting">{{ begins }}</h3>
              <ElButton
                class="bare"
                :aria-pressed="looked?.revision === change.revision"
                @click="wanted = `r${change.revision}`"
              >
                <b>{{ said(change) }}</b><small
                  >{{ clockOf(change.happenedAt) }}, {{ change.by ? `${change.by}, ` : '' }}on
                  {{ preferences.deviceWord(change.device) }}</small
                ><small v-if="clocksDiffer(change)" class="clocks"
                  >Its clock said {{ preferences.day(dayOf(change.madeAt)) }}, {{ clockOf(change.madeAt) }}; it came in
                  {{ preferences.day(dayOf(change.receivedAt)) }}, {{ clockOf(change.receivedAt) }}.</small
                >
              </ElButton>
            </li>
          </ol>
        </section></ShellInTurn
      >
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

h3 {
  padding: var(--space-4) var(--space-3) var(--space-1);
  font-size: var(--type-3);
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

ol {
  margin: var(--space-3) 0 0;
  padding: 0;
  position: relative;
  list-style: none;
}

li {
  position: absolute;
  left: 0;
  right: 0;
}

li .el-button {
  display: flex;
  flex-direction: column;
  width: 100%;
  min-height: 48px;
  padding: var(--space-2) var(--space-3);
  border: 1px solid transparent;
  border-bottom-color: var(--seam);
  background: none;
  color: var(--ink);
  text-align: left;
  cursor: pointer;
}

li .el-button[aria-pressed='true'] {
  border: 2px solid var(--indigo);
  border-radius: 7px;
  background: var(--indigo-wash);
}

small {
  color: var(--soft-ink);
  font-size: var(--type-1);
}

.failed {
  color: var(--stop);
}

@media (max-width: 1020px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
