<script setup lang="ts">
// Colonies too weak to winter alone: with whom, how, and what stands there once it is done.
import { forMerging, isUnitingTime, mergeEdit, partnerOf, type Entry } from '#core/book'
import type { Yard } from '#core/yard'
import { counted, mergeSteps, NO_MERGE_WORDS } from '#core/words'
import { localNow, localToday } from '~/composables/localTime'
import { useWritten } from '~/composables/newEntry'

const props = defineProps<{ yard: Yard; entries: readonly Entry[] }>()
const emit = defineEmits<{ changed: [] }>()
const yards = useYards()
const book = useBook()
const written = useWritten()
const along = useTreatmentsAlong()
const today = localToday()
/** Whose steps are all done. */
const ticked = reactive<Record<string, boolean>>({})
const all = computed(() => forMerging(props.yard, props.entries, today))
const hiveOf = (id: string) => props.yard.hives.find((hive) => hive.id === id)
const pairs = computed(() =>
  all.value
    .filter(({ isWeak }) => isWeak)
    .flatMap((weak) => {
      const partner = partnerOf(weak, all.value)
      const [hive, onto] = [hiveOf(weak.hiveId), partner && hiveOf(partner.hiveId)]
      return hive ? [{ weak, hive, onto, partner }] : []
    }),
)
const isTime = computed(() => isUnitingTime(props.yard, today))
const small = computed(() => all.value.flatMap(({ isSmall, hiveId }) => (isSmall ? [hiveOf(hiveId)?.name ?? ''] : [])))
const signs = computed(() => all.value.filter(({ no }) => no === 'sign'))
type Pair = (typeof pairs.value)[number]
async function planned({ hive, onto }: Pair) {
  if (!onto) return
  const text = `Unite with ${onto.name}: paper between, the better queen kept, no sign in either`
  await book.write(props.yard.id, [{ ...written(hive.id, localNow()), sort: 'task', body: { text, by: today } }])
  emit('changed')
}
async function done({ hive, onto }: Pair) {
  if (!onto || !yards.perform(props.yard.id, mergeEdit(props.yard, hive, onto))) return
  const own = props.entries.filter(({ hiveId }) => hiveId === hive.id)
  await book.write(props.yard.id, [
    { ...written(hive.id, localNow()), sort: 'fate', body: { fate: 'merged', cause: `with ${onto.name}` } },
    ...along(own, hive.name, [onto.id]),
  ])
  emit('changed')
}
const stepsOf = (weak: string, onto: string) => mergeSteps(weak, onto).map((line) => said(line, [weak, onto]))
</script>

<template>
  <div class="merge" data-testid="merging">
    <p v-if="pairs.length === 0 && isTime">No colony is too weak by an inspection of these four weeks.</p>
    <p v-if="!isTime" data-testid="not-uniting-time">
      Colonies are united from late summer to early autumn.
      <template v-if="small.length > 0"
        >{{ small.join(', ') }}: few bees now, which is ordinary in spring. Look for the queen, food and
        disease.</template
      >
    </p>
    <article v-for="pair in pairs" :key="pair.hive.id" :data-merge="pair.hive.id">
      <p>
        <b>{{ pair.hive.name }}</b> has {{ counted(pair.weak.seams ?? 0, 'seam') }} of bees:
        <template v-if="pair.onto">too few to winter alone. The strongest here is {{ pair.onto.name }}.</template>
        <template v-else>too few to winter alone, and no other hive here is known to be sound with its queen.</template>
      </p>
      <template v-if="pair.onto">
        <RecordsSteps
          :id="`merge/${pair.hive.id}/${pair.onto.id}/${today}`"
          :done="ticked[pair.hive.id] ?? false"
          :lines="stepsOf(pair.hive.name, pair.onto.name)"
          @update:done="ticked[pair.hive.id] = $event"
        />
        <p class="large-acts">
          <ElButton @click="planned(pair)">Write it into Due</ElButton>
          <ElPopconfirm
            :title="`Do ${pair.hive.name} and ${pair.onto.name} stand together now, with no sign in either?`"
            confirm-button-text="Yes"
            cancel-button-text="No"
            width="260"
            @confirm="done(pair)"
          >
            <template #reference
              ><ElButton data-testid="merge-done" :disabled="!ticked[pair.hive.id]"
                >They stand together now</ElButton
              ></template
            >
          </ElPopconfirm>
        </p>
      </template>
    </article>
    <p v-for="one in signs" :key="one.hiveId" class="stop" role="note">
      {{ hiveOf(one.hiveId)?.name }}: {{ said(NO_MERGE_WORDS.sign) }}.
    </p>
  </div>
</template>

<style scoped>
p {
  margin: 0 0 var(--space-3);
}

.large-acts {
  gap: var(--space-4);
}

.stop {
  padding: var(--space-3) var(--space-3);
  border-left: 5px solid var(--stop);
}
</style>
