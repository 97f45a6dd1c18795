<script setup lang="ts">
// What the yard owns: by pattern what stands and what lies in the shed, and each part with its condition and measures.
import type { Pattern } from '#core/catalogue'
import { CONDITIONS, findPart, newPart, partEdit, shedOf, type Condition, type Part } from '#core/hive'
import { capital, inWords, patternName } from '#core/wording'
import { isBox } from '#core/parts'
import * as deeds from '#core/hive/deeds'

const MOST = 500
const yards = useYards()
const view = useView()
const preferences = usePreferences()
const opened = ref<string | null>(null)
const sizing = shallowRef<Part | null>(null)
const typed = reactive<Record<string, string>>({})
const problems = reactive<Record<string, string>>({})
const adding = ref('')

const lying = computed(() => new Set(view.yard ? shedOf(view.yard).map(({ id }) => id) : []))
const hiveOf = computed(
  () =>
    new Map(
      (view.yard?.hives ?? []).flatMap((hive) =>
        [...hive.stack, ...hive.attachments].map(({ partId }) => [partId, hive] as const),
      ),
    ),
)
const rows = computed(() => {
  const byPattern = new Map<string, Part[]>()
  for (const part of view.yard?.parts ?? []) {
    const alike = byPattern.get(part.patternId)
    if (alike) alike.push(part)
    else byPattern.set(part.patternId, [part])
  }
  const order = [...view.catalogue.patterns.keys()]
  return [...byPattern]
    .map(([patternId, parts]) => ({
      patternId,
      parts,
      name: capital(patternName(patternId, view.catalogue, preferences.vocabulary)),
      pattern: view.catalogue.patterns.get(patternId),
      standing: parts.filter(({ id }) => !lying.value.has(id)).length,
      inShed: parts.filter(({ id }) => lying.value.has(id)).length,
    }))
    .sort((a, b) => order.indexOf(a.patternId) - order.indexOf(b.patternId))
})
const search = ref('')
const shown = computed(() => {
  const asked = search.value.trim().toLowerCase()
  return rows.value.filter(({ name }) => name.toLowerCase().includes(asked))
})
const choices = computed(() =>
  [...view.catalogue.patterns.values()].filter(({ id }) => !rows.value.some(({ patternId }) => patternId === id)),
)

function stock(pattern: Pattern, count: number) {
  const parts = Array.from({ length: count }, () => newPart(pattern, view.catalogue, () => crypto.randomUUID()))
  if (parts.length > 0) yards.perform(view.yard!.id, deeds.stock(view.yard!, parts))
}
function drop(part: Part) {
  yards.perform(view.yard!.id, deeds.drop([part]))
}
/** One more on the shelf, or one that lies there less. */
function oneMore(row: (typeof rows.value)[number]) {
  if (row.pattern) stock(row.pattern, 1)
}
function oneLess(row: (typeof rows.value)[number]) {
  const last = row.parts.findLast(({ id }) => lying.value.has(id))
  if (last) drop(last)
}
/** Sets how many of a pattern are owned in all: more go to the shed, fewer come out of it, never those that stand. */
function own(row: (typeof rows.value)[number]) {
  const text = (typed[row.patternId] ?? '').trim()
  delete problems[row.patternId]
  if (!/^\d{1,3}$/.test(text) || Number(text) > MOST) {
    problems[row.patternId] =
      `Owned in all is not a whole number from 0 to ${MOST}: type how many there are, such as ${row.parts.length}.`
    return
  }
  const wanted = Number(text)
  if (wanted < row.standing) {
    problems[row.patternId] = `Owned in all is ${wanted}, but ${row.standing} stand on hives: it cannot be fewer.`
    return
  }
  if (wanted > row.parts.length && row.pattern) stock(row.pattern, wanted - row.parts.length)
  const surplus = row.parts.filter(({ id }) => lying.value.has(id)).slice(0, row.parts.length - wanted)
  if (surplus.length > 0) yards.perform(view.yard!.id, deeds.drop(surplus))
  delete typed[row.patternId]
}
function countIn(row: (typeof rows.value)[number]) {
  typed[row.patternId] = String(row.standing)
  own(row)
}
const followed = ref<string | null>(null)
function change(part: Part) {
  const before = findPart(view.yard!, part.id)
  if (before) yards.perform(view.yard!.id, partEdit(before, part))
}
function setCondition(part: Part, condition: Condition) {
  change({ ...part, condition })
}
function toggleHeld(part: Part, what: 'honey' | 'brood') {
  change({
    ...part,
    hasHeld: part.hasHeld.includes(what) ? part.hasHeld.filter((one) => one !== what) : [...part.hasHeld, what],
  })
}
function addPattern() {
  const pattern = view.catalogue.patterns.get(adding.value)
  if (pattern) stock(pattern, 1)
  opened.value = adding.value
  adding.value = ''
}
const CONDITION_WORDS: Record<Condition, string> = { good: 'good', worn: 'worn', 'needs-repair': 'needs repair' }
const totals = computed(() => ({ parts: view.yard?.parts.length ?? 0, shed: lying.value.size }))
useHead({ title: 'Shed – Duvet' })

function takeSizes(part: Part): void {
  change(part)
  sizing.value = null
}
const COLUMNS = columnsFor<(typeof rows.value)[number]>(
  { key: 'name', label: 'Pattern', width: 200, text: ({ name }) => name, by: ({ name }) => name },
  {
    key: 'standing',
    label: 'On hives',
    number: true,
    text: ({ standing }) => String(standing),
    by: ({ standing }) => standing,
  },
  {
    key: 'inShed',
    label: 'In the shed',
    number: true,
    text: ({ inShed }) => String(inShed),
    by: ({ inShed }) => inShed,
  },
  { key: 'own', label: 'Owned in all', width: 260 },
  { key: 'more', label: 'More', unsaid: true, width: 120 },
)
/** Rows with something under them: those that are open, and those with something wrong. */
const under = computed(() =>
  rows.value.map(({ patternId }) => patternId).filter((id) => opened.value === id || problems[id]),
)
</script>

<template>
  <ShellPage :title="`Shed of ${view.yard?.name ?? ''}`">
    <template #bar>
      <p>{{ totals.parts }} parts, {{ totals.shed }} of them on no hive</p>
      <ElInput
        v-model="search"
        class="search"
        aria-label="Search what is owned"
        placeholder="Search"
        maxlength="80"
        clearable
        data-testid="shed-search"
      />
      <form class="add" @submit.prevent="addPattern">
        <label
          >Add to the shed
          <ElSelect v-model="adding" data-testid="shed-pattern" placeholder="a pattern…" filterable>
            <ElOption
              v-for="pattern in choices"
              :key="pattern.id"
              :value="pattern.id"
              :label="`${capital(inWords(pattern.label, preferences.vocabulary))}${isBox({ pattern }) ? '' : ` (${pattern.format})`}`"
            />
          </ElSelect>
        </label>
        <ElButton native-type="submit" :disabled="adding === ''">Add one</ElButton>
      </form>
    </template>
    <div class="content">
      <p v-if="!view.yard" class="none">There is no yard yet. Start one in the Row.</p>
      <p v-else-if="rows.length === 0" class="none">
        {{ view.yard.name }} owns nothing yet. Choose a pattern above, or stack a hive.
      </p>
      <ShedShelves v-if="totals.shed > 0" :rows="shown" @open="opened = $event" />
      <p v-if="rows.length > 0 && shown.length === 0" class="none">Nothing that is owned here is called that.</p>
      <div v-if="shown.length > 0" class="wide" tabindex="0" role="group" aria-label="What the yard owns">
        <UiTable :rows="shown" :columns="COLUMNS" :key-of="({ patternId }) => patternId" :open="under">
          <template #own="{ row }"
            ><form class="own" @submit.prevent="own(row)">
              <ElButton
                :aria-label="`One ${row.name} less in the shed`"
                :disabled="row.inShed === 0"
                class="step"
                @click="oneLess(row)"
                >−</ElButton
              >
              <ElInput
                v-model="typed[row.patternId]"
                inputmode="numeric"
                :placeholder="String(row.parts.length)"
                :aria-label="`${row.name}, owned in all`"
              />
              <ElButton
                :aria-label="`One ${row.name} more in the shed`"
                :disabled="!row.pattern"
                class="step"
                @click="oneMore(row)"
                >+</ElButton
              >
              <ElButton v-if="typed[row.patternId]" native-type="submit">Set</ElButton>
            </form></template
          >
          <template #more="{ row }"
            ><ElButton
              text
              :aria-expanded="opened === row.patternId"
              :data-shed-row="row.patternId"
              @click="opened = opened === row.patternId ? null : row.patternId"
            >
              {{ opened === row.patternId ? 'Close' : 'Each part' }}
            </ElButton></template
          >
          <template #under="{ row }">
            <p v-if="problems[row.patternId]" class="wrong" role="alert">
              {{ problems[row.patternId] }}
              <ElButton v-if="problems[row.patternId]?.includes('stand on hives')" @click="countIn(row)">
                Count those {{ row.standing }} in
              </ElButton>
            </p>
            <ul v-if="opened === row.patternId" class="each">
              <li v-for="(part, i) in row.parts" :key="part.id">
                <b>{{ part.name ?? `No. ${i + 1}` }}</b><small v-if="part.measured">measured</small>
                <span
                  ><NuxtLink v-if="hiveOf.get(part.id)" :to="hivePath(view.yard!.id, hiveOf.get(part.id)!.id, 'bench')"
                    >on {{ hiveOf.get(part.id)!.name }}</NuxtLink
                  ><template v-else>in the shed</template></span
                >
                <ElSelect
                  :model-value="part.condition ?? 'good'"
                  :aria-label="`Condition of ${part.name ?? `no. ${i + 1}`}`"
                  @change="setCondition(part, picked(CONDITIONS, $event))"
                >
                  <ElOption v-for="one in CONDITIONS" :key="one" :value="one" :label="CONDITION_WORDS[one]" />
                </ElSelect>
                <ElCheckbox
                  v-for="what in ['honey', 'brood'] as const"
                  :key="what"
                  :model-value="part.hasHeld.includes(what)"
                  @change="toggleHeld(part, what)"
                  >has held {{ what }}</ElCheckbox
                >
                <ElButton
                  text
                  :aria-expanded="followed === part.id"
                  @click="followed = followed === part.id ? null : part.id"
                >
                  Where it has been</ElButton
                ><ElButton text @click="sizing = part">Sizes…</ElButton
                ><ElButton v-if="lying.has(part.id)" text @click="drop(part)"> Drop </ElButton>
                <ShedPlaces v-if="followed === part.id" :yard-id="view.yard!.id" :part-id="part.id" />
              </li>
            </ul>
          </template>
        </UiTable>
      </div>
      <p class="caution">
        A box or comb that has held brood does not become a honey super. Look second-hand comb over for foul brood;
        notifiable disease is reported to the local bee inspector.
      </p>
    </div>
    <BenchSizes
      v-if="sizing"
      :part="sizing"
      :pattern="view.catalogue.patterns.get(sizing.patternId)"
      :name="sizing.name ?? patternName(sizing.patternId, view.catalogue, preferences.vocabulary)"
      @take="takeSizes"
      @close="sizing = null"
    />
  </ShellPage>
</template>

<style scoped>
.content {
  padding: 0 16px 40px;
}

.add,
.own {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 16px;
  align-items: center;
}

.own {
  gap: 6px;
  flex-wrap: nowrap;
}

.add {
  margin-left: auto;
}

.step {
  min-width: 40px;
}

.el-input.search {
  width: 180px;
}

.wide {
  position: relative;
  overflow-x: auto;
}

.el-input,
.el-select {
  max-width: 270px;
}

.el-input {
  width: 74px;
}

.each label {
  margin-left: 12px;
}

small {
  margin-left: 8px;
  color: var(--soft-ink);
}

.wrong {
  color: var(--stop);
}

.none,
.caution {
  max-width: 760px;
  padding: 18px 0;
  color: var(--soft-ink);
}
</style>
