<script setup lang="ts">
// What to do with the hives that are picked, all at once.
import { STAGES, type Stage, type Yard } from '#core/yard'
import { capital } from '#core/words'
import { download } from '~/composables/download'
import { server } from '~/client/server'

const preferences = usePreferences()
const row = useRow()
const yards = useYards()
const many = useManyHives()
const copying = ref(false)
const failed = ref('')
const opened = computed(() => row.picked.flatMap(({ hives }) => hives.filter(({ visit }) => visit)))
const others = computed(() => yards.yards.filter(({ id }) => row.picked.some(({ yard }) => yard.id !== id)))

function stand(stage: Stage) {
  many.stand(row.picked, stage, stageSaid(stage))
}
function move(to: Yard) {
  if (opened.value.length > 0)
    failed.value = `${opened.value[0]!.name} has a visit under way: end it first, then move the hive.`
  else if (many.move(row.picked, to)) row.end()
}
function remove() {
  if (many.remove(row.picked)) row.end()
}
async function print() {
  failed.value = ''
  const answer = await server.printCards({
    title: 'Hive cards',
    paper: preferences.paper,
    cards: row.picked.flatMap(({ yard, hives }) => hiveCards(yard, hives)),
  })
  if (answer.ok) download('hive-cards.pdf', answer.pdf, 'application/pdf')
  else failed.value = `Nothing was printed: ${answer.sentence}`
}
</script>

<template>
  <div class="picked" role="group" aria-label="What to do with the picked hives">
    <b role="status">{{ row.count === 0 ? 'No hive picked yet: press them' : `${hivesInWords(row.picked)} picked` }}</b>
    <template v-if="row.count > 0">
      <UiMenu
        :entries="STAGES.map((stage) => ({ command: stage, word: capital(stageSaid(stage)) }))"
        data-testid="picked-stage"
        @command="stand"
        >Say the stage…</UiMenu
      >
      <ElButton data-testid="picked-copy" @click="copying = true">Copy…</ElButton>
      <UiMenu
        v-if="others.length > 0"
        :entries="others.map((yard) => ({ command: yard, word: yard.name }))"
        data-testid="picked-move"
        @command="move"
        >Move to…</UiMenu
      >
      <ElButton data-testid="picked-print" @click="print">Print cards</ElButton>
      <ElButton data-testid="picked-remove" @click="remove">Remove</ElButton>
    </template>
    <ElButton type="primary" class="done" data-testid="picked-done" @click="row.end()">Done</ElButton>
    <p v-if="failed" class="failed" role="alert">{{ failed }}</p>
    <LazyRowCopies v-if="copying" :picked="row.picked" @close="copying = false" />
  </div>
</template>

<style scoped>
.picked {
  position: sticky;
  bottom: var(--foot);
  z-index: 6;
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3) var(--space-3);
  align-items: center;
  padding: var(--space-3) var(--space-5);
  border-top: 2px solid var(--indigo);
  background: var(--paper);
}

b {
  min-width: 150px;
}

.picked > .el-button.done {
  margin-left: auto;
}

.failed {
  flex: 1 0 100%;
  color: var(--stop);
}
</style>
