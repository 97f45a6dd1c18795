<script setup lang="ts">
// What two people changed at once: what would stand after either choice, drawn side by side. Only what clashes is asked.
import type { Clash, Conflict, LoggedEdit, WaitingEdit, Yard } from '#core/yard'
import { editInWords, severityWord } from '#core/words'
import { hiveIn } from '#core/ask'

const props = defineProps<{ question: { readonly conflict: Conflict; readonly clash: Clash } }>()
const journal = useJournal()
const preferences = usePreferences()
const moment = useMoment()
const open = computed(() => props.question.conflict)
const clash = computed(() => props.question.clash)
const left = computed(() => open.value.clashes.length - open.value.choices.size)
const byWhom = computed(() => {
  const last = open.value.since.at(-1)
  return last ? `${last.by ? ` by ${last.by}` : ''}, on ${preferences.deviceWord(last.device)}` : ''
})
const versions = computed(() =>
  (['mine', 'theirs'] as const).map((key) => ({
    key,
    title: key === 'mine' ? `Yours, on ${preferences.device}` : `Saved meanwhile${byWhom.value}`,
    note: noteOf(key === 'mine' ? open.value.versions.mine : open.value.since),
    ...drawn(journal.outcome(key)?.yard ?? open.value.versions.base),
  })),
)
const MOST_NAMED = 4
/** What was done, and between when and when: after a day away nobody remembers all of it. */
function noteOf(entries: readonly (WaitingEdit | LoggedEdit)[]): string {
  const words = [...new Set(entries.map(({ edit }) => editInWords(edit)))]
  const times = entries.map((entry) => ('happenedAt' in entry ? entry.happenedAt : entry.madeAt)).sort()
  const [from, to] = [times[0], times.at(-1)].map((at) => (at ? moment(at) : ''))
  const more = words.length > MOST_NAMED ? ` and ${words.length - MOST_NAMED} more` : ''
  return `${from}${to === from ? '' : ` to ${to}`}: ${words.slice(-MOST_NAMED).join(', ')}${more}`
}
function drawn(yard: Yard) {
  const hive = yard.hives.find(({ id }) => id === clash.value.hiveId)
  if (!hive) return { assessment: null, names: new Map<string, string>(), yard }
  const known = hiveIn(yard, hive)
  return { assessment: known.assessment, names: known.names(preferences.vocabulary), yard }
}
const hiveName = computed(
  () =>
    [open.value.versions.theirs, open.value.versions.base]
      .flatMap(({ hives }) => hives)
      .find(({ id }) => id === clash.value.hiveId)?.name ??
    versions.value[0]!.yard.hives.find(({ id }) => id === clash.value.hiveId)?.name ??
    open.value.versions.theirs.name,
)
</script>

<template>
  <UiSheet :title="`${hiveName} was changed in two places`" width="min(1080px, 96vw)" top="4vh" held>
    <p>
      Nothing was overwritten. Whatever else you changed is kept; choose how this stands.<template v-if="left > 1">
        {{ left - 1 }} more to choose after this.</template
      >
    </p>
    <div class="versions">
      <section v-for="version in versions" :key="version.key" :data-version="version.key">
        <h3>{{ version.title }}</h3>
        <p class="soft">{{ version.note }}</p>
        <DrawingHiveSection
          v-if="version.assessment"
          :picture="{ assessment: version.assessment, names: version.names, reader: preferences.reader, axis: 'along' }"
          :size="{ width: 490, height: 430, narrow: true }"
        />
        <p v-else-if="clash.hiveId">The hive is not there in this version.</p>
        <p v-else>
          {{ version.yard.name }}<template v-if="version.yard.note">: {{ version.yard.note }}</template>
        </p>
        <p v-if="version.assessment">
          Worst finding: <b>{{ severityWord(version.assessment.worst) }}</b>
        </p>
        <ElButton type="primary" :data-testid="`keep-${version.key}`" @click="journal.choose(version.key)">
          {{ version.key === 'mine' ? 'Keep mine' : 'Keep what was saved' }}
        </ElButton>
      </section>
    </div>
  </UiSheet>
</template>
