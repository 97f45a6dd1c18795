<script setup lang="ts">
// Two versions of one hive, drawn side by side; either can be kept, and neither is lost.
import { assessHive } from '#core/assess'
import type { Yard } from '#core/hive'
import { editInWords, partNames, severityWord } from '#core/wording'

const yards = useYards()
const preferences = usePreferences()
const conflict = computed(() => yards.conflict!)
const versions = computed(() => [
  { key: 'mine' as const, title: `Yours, on ${preferences.device}`, yard: conflict.value.mine, note: 'not saved yet' },
  { key: 'theirs' as const, title: `Saved meanwhile${byWhom.value}`, yard: conflict.value.theirs, note: conflict.value.since.map(({ edit }) => editInWords(edit)).slice(-3).join(', ') },
].map((version) => ({ ...version, ...drawn(version.yard) })))
const byWhom = computed(() => {
  const last = conflict.value.since.at(-1)
  return last ? `, on ${last.device}` : ''
})
function drawn(yard: Yard) {
  const hive = yard.hives.find(({ id }) => id === conflict.value.hiveId)
  if (!hive) return { assessment: null, names: new Map<string, string>() }
  const assessment = assessHive(yard, hive)
  return { assessment, names: partNames(assessment.assembled, preferences.vocabulary) }
}
const hiveName = computed(() => [conflict.value.mine, conflict.value.theirs].flatMap(({ hives }) => hives).find(({ id }) => id === conflict.value.hiveId)?.name ?? 'This yard')
</script>

<template>
  <ElDialog :model-value="true" :title="`${hiveName} was changed in two places`" width="min(1080px, 96vw)" top="4vh" append-to-body :show-close="false" :close-on-click-modal="false" :close-on-press-escape="false">
    <p>Nothing was overwritten. Look at both and choose; the other version stays in the log.</p>
    <div class="versions">
      <section v-for="version in versions" :key="version.key" :data-version="version.key">
        <h3>{{ version.title }}</h3>
        <p class="note">{{ version.note }}</p>
        <DrawingHiveSection v-if="version.assessment" :assessment="version.assessment" :names="version.names" :reader="preferences.reader" axis="along" :width="490" :height="430" narrow />
        <p v-else>The hive was removed in this version.</p>
        <p v-if="version.assessment">Worst finding: <b>{{ severityWord(version.assessment.worst) }}</b></p>
        <button class="plain-button filled" type="button" :data-testid="`keep-${version.key}`" @click="yards.settle(version.key)">
          {{ version.key === 'mine' ? 'Keep mine' : 'Keep what was saved' }}
        </button>
      </section>
    </div>
  </ElDialog>
</template>

<style scoped>
.versions {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(300px, 1fr));
  gap: 16px;
  margin-top: 10px;
}

section {
  min-width: 0;
  padding: 10px;
  overflow: hidden;
  border: 1px solid var(--seam);
  border-radius: 9px;
  background: var(--linen);
}

section :deep(svg[role='group']) {
  max-width: 100%;
  height: auto;
}

.note {
  color: var(--soft-ink);
}
</style>
