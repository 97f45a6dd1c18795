<script setup lang="ts">
// A count, a treatment, food, a crop or the end of a colony, written down with what it means at once.
import {
  chainOf,
  ENTRY_SORTS,
  entryOf,
  isEntry,
  sortOf,
  type Entry,
  type EntryBodies,
  type EntrySort,
  type Weighed,
} from '#core/book'
import { hiveIn } from '#core/ask'
import type { Hive, Yard } from '#core/yard'
import { yearOf } from '#core/year'
import { meaningInWords, SORT_WORDS } from '#core/words'
import { localNow, localToday } from '~/composables/localTime'
import { useWritten } from '~/composables/newEntry'

const props = defineProps<{
  yard: Yard
  hive: Hive
  entries: readonly Entry[]
  weighings: readonly Weighed[]
  /** What is written again; what it says now takes the place of it. */
  correcting?: Entry | null
  /** What the form begins with. */
  first?: string
}>()
const emit = defineEmits<{ kept: [entry: Entry] }>()
const book = useBook()
const preferences = usePreferences()
const written = useWritten()
type Sort = 'mites' | 'treatment' | 'feed' | 'crop' | 'fate' | 'cleared'
const isHere = (sort: EntrySort): sort is Sort => sortOf(sort).form === 'book'
const SORTS = ENTRY_SORTS.filter(isHere).map((sort) => [sort, SORT_WORDS[sort].one] as const)
const me = useMe()
/** Who helps is offered what a helper writes. */
const offered = computed(() =>
  me.mayIn(props.yard.id, 'keeper') ? SORTS : SORTS.filter(([one]) => sortOf(one).writtenBy === 'helper'),
)
const old = props.correcting ?? undefined
const sort = ref<Sort>(SORTS.find(([one]) => one === (old?.sort ?? props.first))?.[0] ?? 'mites')
const at = ref(old?.at ?? localNow())
const year = computed(() => yearOf(props.yard))
/** What is typed so far, of each sort: going to another and back loses nothing. */
const bodies: { [S in Sort]: EntryBodies[S] | null } = shallowReactive({
  mites: isEntry(old, 'mites') ? old.body : null,
  treatment: isEntry(old, 'treatment') ? old.body : null,
  feed: isEntry(old, 'feed') ? old.body : null,
  crop: isEntry(old, 'crop') ? old.body : null,
  fate: isEntry(old, 'fate') ? old.body : null,
  cleared: isEntry(old, 'cleared') ? old.body : null,
})
const own = computed(() => ({
  ...written(props.hive.id, at.value),
  ...(old ? { corrects: chainOf(old), ...(old.note ? { note: old.note } : {}) } : {}),
}))
const entry = computed((): Entry | null => {
  const typed = <S extends Sort>(one: S) => {
    const body = bodies[one]
    return body && entryOf(one, body, own.value)
  }
  return typed(sort.value)
})
const means = computed(() =>
  entry.value
    ? meaningInWords(
        entry.value,
        {
          known: hiveIn(props.yard, props.hive),
          entries: props.entries.filter((one) => one !== old),
          weighings: props.weighings,
        },
        preferences.reader,
      )
    : [],
)
const wrong = ref('')
const { cameOff, boxesTaken, takenOff } = useCropTaken(props, () =>
  isEntry(entry.value ?? undefined, 'crop') && !old ? (bodies.crop?.boxIds ?? []) : [],
)
async function keep() {
  const one = entry.value
  if (!one) return
  if (boxesTaken.value.length > 0 && cameOff.value === null) {
    wrong.value = 'Did these boxes come off the hive? Press one of the two.'
    return
  }
  wrong.value = (await book.write(props.yard.id, [one])) ? '' : book.refused
  if (wrong.value !== '') return
  takenOff()
  emit('kept', one)
}
</script>

<template>
  <div class="write on-sheet" data-testid="book-write">
    <p v-if="old" data-testid="correcting">
      Written again: it takes the place of what was written on {{ preferences.day(old.at) }}, which stays in the log.
    </p>
    <UiModes v-else v-model="sort" :of="offered" name="What to write down" />
    <p v-if="!old && offered.length < SORTS.length" class="soft" data-testid="helps-only">
      You help in {{ yard.name }}: inspections and counts are yours to write, the rest is its keeper’s.
    </p>
    <UiDay time name="When" :value="at" :last="localToday()" @change="at = $event || localNow()" />
    <BookWriteMites v-show="sort === 'mites'" v-model="bodies.mites" :year="year" />
    <BookWriteTreatment v-show="sort === 'treatment'" v-model="bodies.treatment" />
    <BookWriteFeed v-show="sort === 'feed'" v-model="bodies.feed" />
    <BookWriteCrop
      v-show="sort === 'crop'"
      v-model="bodies.crop"
      v-model:came-off="cameOff"
      :yard="yard"
      :hive="hive"
    />
    <BookWriteCleared v-show="sort === 'cleared'" v-model="bodies.cleared" />
    <BookWriteFate v-show="sort === 'fate'" v-model="bodies.fate" />
    <ul v-if="means.length > 0" data-testid="write-means">
      <li v-for="sentence in means" :key="sentence">{{ sentence }}</li>
    </ul>
    <p v-if="wrong" class="caution" role="alert">{{ wrong }}</p>
    <ElButton type="primary" data-testid="write-keep" :disabled="entry === null" @click="keep">Write it down</ElButton>
  </div>
</template>

<style scoped>
.write :deep(.form) {
  display: flex;
  flex-direction: column;
  gap: var(--space-3);
}

.write > p {
  margin: 0;
}

ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

.caution {
  margin: 0;
  padding: var(--space-3) var(--space-3);
  border-left: 5px solid var(--stop);
  font-size: var(--type-1);
}

.write > .el-button {
  min-height: 46px;
}
</style>
