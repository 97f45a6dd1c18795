<script setup lang="ts">
// What was fed, who writes, what is next, and what follows from all of it.
import type { HiveIn } from '#core/ask'
import type { LookDraft } from './lookDraft'

const props = defineProps<{ draft: LookDraft; known: HiveIn }>()
const preferences = usePreferences()
const fed = computed({
  get: () => props.draft.fed,
  set: (typed) => props.draft.set({ fed: typed }),
})
const note = computed({
  get: () => props.draft.all.note,
  set: (typed: string) => props.draft.set({ note: typed }),
})
const by = computed({ get: () => props.draft.by, set: (typed: string) => props.draft.setBy(typed) })
const FEEDS = [
  ['two-to-one', 'syrup 2 : 1'],
  ['one-to-one', 'syrup 1 : 1'],
  ['fondant', 'fondant'],
  ['comb', 'combs'],
] as const
const task = reactive({ text: '', by: '' })
function addTask() {
  if (!task.text.trim() || !task.by) return
  props.draft.set({ tasks: [...props.draft.all.tasks, { text: task.text.trim(), by: task.by }] })
  task.text = ''
}
const leaveOut = (i: number) => props.draft.set({ tasks: props.draft.all.tasks.filter((_, other) => other !== i) })
</script>

<template>
  <EntryPick
    :model-value="fed.kg === undefined ? undefined : fed.feed"
    name="Fed"
    :of="FEEDS"
    @update:model-value="
      fed = typeof $event === 'string' ? { feed: $event, kg: fed.kg ?? 1 } : { ...fed, kg: undefined }
    "
  />
  <EntryMass
    v-if="fed.kg !== undefined"
    :model-value="fed.kg"
    name="Fed"
    :most-kg="100"
    @update:model-value="fed = { ...fed, kg: $event }"
  />
  <EntryText v-model="by" name="By" :most="60" hint="whoever writes" />
  <EntryText v-model="note" name="Note" :most="2000" :rows="2" />
  <div class="task" role="group" aria-label="What is next">
    <ElInput v-model="task.text" :maxlength="200" placeholder="what is next" aria-label="What is next" />
    <UiDay name="By" :value="task.by" @change="task.by = $event" />
    <ElButton :disabled="!task.text.trim() || !task.by" @click="addTask">Add it</ElButton>
  </div>
  <ul v-if="draft.all.tasks.length > 0">
    <li v-for="(one, i) in draft.all.tasks" :key="i">
      {{ one.text }}, by {{ preferences.day(one.by) }}
      <ElButton text @click="leaveOut(i)">Leave it out</ElButton>
    </li>
  </ul>
  <slot />
  <BookFollows :known="known" :look="draft.all.look" :day="draft.at.slice(0, 10)" :tray="draft.tray" />
</template>

<style scoped>
.task {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
  align-items: center;
}

.task .el-input {
  flex: 1 1 200px;
}
</style>
