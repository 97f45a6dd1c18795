<script setup lang="ts">
// What was found and done at a hive, newest first; an entry is corrected by another one, and nothing is lost.
import { sortOf, chainOf, isEntry, type Entry, type Weighed } from '#core/book'
import type { Hive, Yard } from '#core/yard'
import { entryInWords } from '#core/words'
import { beginAgain } from '~/views/look/lookDraft'
import { useWritten } from '~/composables/newEntry'
import { hivePath } from '~/composables/paths'
import { isOfHive, slipInWords } from '~/composables/slipWords'
import type { SetAside } from '~/journal'

const props = defineProps<{
  yard: Yard
  hive: Hive
  entries: readonly Entry[] | null
  weighings: readonly Weighed[]
  silent: boolean
}>()
const emit = defineEmits<{ changed: [] }>()
const book = useBook()
const { aside } = useJournal()
const preferences = usePreferences()
const moment = useMoment()
const written = useWritten()
/** Where the book cannot be read, what waits on this device is there still. */
const known = computed(() => props.entries ?? book.waitingOf(props.yard.id, props.hive.id))
const all = computed(() => [...known.value].reverse().filter(({ sort }) => sortOf(sort).isTold))
const AT_ONCE = 12
const { shown, left, more } = useShownFirst(() => all.value, AT_ONCE)
const route = useRoute()
const router = useRouter()
const first = computed(() => (typeof route.query.write === 'string' ? route.query.write : ''))
const writing = ref(first.value !== '')
watch(first, (now) => {
  if (now !== '') writing.value = true
})
function toggleWriting() {
  correcting.value = null
  last.value = null
  writing.value = !writing.value
}
/** What was written last: the form stays for the next one, empty, at the same sort. */
const last = shallowRef<Entry | null>(null)
const round = ref(0)
function kept(entry: Entry) {
  last.value = correcting.value ? null : entry
  correcting.value = null
  round.value++
  emit('changed')
}
/** What the server did not take of this hive; all of it lies under what is set aside. */
const setAside = computed(() => aside.all.filter(({ slip }) => slip && isOfHive(slip, props.hive.id)))
async function again(one: SetAside) {
  await book.tryAgain(one)
  emit('changed')
}
/** What is written again: a look where looks are written, all else in the form here. */
const correcting = shallowRef<Entry | null>(null)
async function writeAgain(entry: Entry) {
  if (isEntry(entry, 'look')) {
    const again = chainOf(entry)
    beginAgain(props.yard.id, { ...entry, hiveId: props.hive.id }, again)
    await router.push({ path: hivePath(props.yard.id, props.hive.id, 'look'), query: { again } })
    return
  }
  writing.value = false
  correcting.value = entry
  await nextTick()
  document.querySelector<HTMLElement>('[data-testid="book-write"]')?.scrollIntoView({ block: 'start' })
}
const me = useMe()
/** Who helps corrects what is the own; its keeper corrects everything. */
const isMine = (entry: Entry) =>
  me.mayIn(props.yard.id, 'keeper') || (entry.byId !== undefined && entry.byId === me.me?.keeper?.id)
const gone = shallowRef<Entry | null>(null)
async function withdraw(entry: Entry) {
  gone.value = entry
  await correct(entry, true)
}
async function bringBack() {
  const entry = gone.value
  gone.value = null
  if (entry) await correct(entry, false)
}
async function correct(entry: Entry, withdrawn: boolean) {
  const { withdrawn: _before, ...rest } = entry
  const next: Entry = {
    ...rest,
    ...written(entry.hiveId, entry.at),
    corrects: entry.corrects ?? entry.id,
    ...(withdrawn ? { withdrawn } : {}),
  }
  await book.write(props.yard.id, [next])
  emit('changed')
}
</script>

<template>
  <section class="found" aria-label="What was found and done">
    <p class="ways">
      <NuxtLink class="to-look" :to="hivePath(yard.id, hive.id, 'look')" data-testid="write-look"
        >Write down an inspection</NuxtLink
      >
      <ElButton class="else" :aria-expanded="writing" data-testid="write-else" @click="toggleWriting">
        Mites, treatment, food, crop
      </ElButton>
    </p>
    <p v-if="writing && last" role="status" data-testid="just-written">
      Written down: {{ entryInWords(last, preferences.reader) }}. Write the next one, or
      <ElButton text @click="toggleWriting">close the form</ElButton>
    </p>
    <BookWrite
      v-if="writing || correcting"
      :key="`${correcting?.id ?? 'new'} ${first} ${round}`"
      :yard="yard"
      :hive="hive"
      :entries="entries ?? []"
      :weighings="weighings"
      :correcting="correcting"
      :first="last?.sort ?? first"
      @kept="kept"
    />
    <div v-for="one in setAside" :key="one.id" class="aside" role="alert" data-testid="set-aside">
      <p>
        The server did not take what was written while it was away: {{ one.why }}
        <b>{{ one.slip ? slipInWords(one.slip, preferences.reader).join('; ') : '' }}</b>
      </p>
      <ElButton @click="again(one)">Send it again</ElButton>
      <ElButton text @click="aside.drop(one.id)">Let it go</ElButton>
    </div>
    <p v-if="silent" role="alert" data-testid="book-silent">
      The server cannot be reached: the book cannot be read now{{
        shown.length > 0 ? ', only what waits on this device' : ''
      }}.
    </p>
    <p v-else-if="entries && shown.length === 0" data-testid="book-empty">
      Nothing is written of this hive yet. An inspection takes less than a minute: press what you see, leave the rest.
    </p>
    <p v-if="gone" role="status">
      Taken away. <ElButton text data-testid="entry-back" @click="bringBack">Bring it back</ElButton>
    </p>
    <ShellInTurn v-if="entries"><BookMiteChart :yard="yard" :entries="entries" /></ShellInTurn>
    <ol data-testid="book-entries">
      <li v-for="entry in shown" :key="entry.id" :data-entry="entry.sort">
        <span class="when">{{ moment(entry.at) }}</span>
        <span class="said"
          >{{ entryInWords(entry, preferences.reader) }}<small v-if="entry.note">{{ entry.note }}</small
          ><small
            >{{ entry.by ? `by ${entry.by}, ` : '' }}on {{ preferences.deviceWord(entry.device)
            }}{{ entry.corrects ? ', corrected' : '' }}</small
          ></span
        >
        <span class="acts">
          <ElButton
            v-if="sortOf(entry.sort).form && isMine(entry)"
            text
            :aria-label="`Write again: ${entryInWords(entry, preferences.reader)}`"
            @click="writeAgain(entry)"
            >Write again</ElButton
          >
          <ElButton
            v-if="isMine(entry)"
            text
            :aria-label="`Take away: ${entryInWords(entry, preferences.reader)}`"
            @click="withdraw(entry)"
            >Take away</ElButton
          >
        </span>
      </li>
    </ol>
    <ElButton v-if="left > 0" class="more" data-testid="found-more" @click="more"
      >Show earlier ones: {{ left }} more</ElButton
    >
  </section>
</template>

<style scoped>
.found p {
  margin: 0 0 var(--space-3);
}

.to-look {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  padding: 0 var(--space-5);
  border-radius: 7px;
  background: var(--indigo);
  color: var(--sheet);
  font-weight: 700;
  text-decoration: none;
}

.aside {
  margin-bottom: var(--space-3);
  padding: var(--space-3) var(--space-4);
  border-left: 5px solid var(--stop);
  background: var(--sheet);
}

.more {
  min-height: 44px;
  margin-top: var(--space-3);
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
}

.else {
  min-height: 44px;
}

ol {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0 var(--space-3);
  align-items: start;
  padding: var(--space-3) var(--space-2);
  border-bottom: 1px solid var(--seam);
}

.acts {
  display: flex;
  flex-direction: column;
  align-items: end;
}

.acts .el-button {
  margin: 0;
}

.when {
  grid-column: 1 / -1;
  color: var(--soft-ink);
  font-size: var(--type-1);
}

small {
  display: block;
  color: var(--soft-ink);
  font-size: var(--type-1);
}

@media (max-width: 760px) {
  li {
    grid-template-columns: 1fr;
  }
}
</style>
