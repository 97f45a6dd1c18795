<script setup lang="ts">
// What the yard owns: by pattern what stands and what lies in the shed, and each part with its condition and measures.
import type { Pattern } from '#core/catalogue'
import { findPart, newPart, partEdit, shedOf, type Part } from '#core/hive'
import { isRack } from '#core/parts'
import { capital, counted, patternName } from '#core/wording'
import * as deeds from '#core/hive/deeds'

const MOST = 500
const yards = useYards()
const view = useView()
const preferences = usePreferences()
const opened = ref<string | null>(null)
const sizing = shallowRef<Part | null>(null)
const typed = reactive<Record<string, string>>({})
const problems = reactive<Record<string, string>>({})
const adding = ref(false)

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
    if (isRack({ pattern: view.catalogue.patterns.get(part.patternId) })) continue
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
      framesInShed: parts
        .filter(({ id }) => lying.value.has(id))
        .reduce((sum, { contents }) => sum + contents.length, 0),
    }))
    .sort((a, b) => order.indexOf(a.patternId) - order.indexOf(b.patternId))
})
const search = ref('')
const shown = computed(() => {
  const asked = search.value.trim().toLowerCase()
  return rows.value.filter(({ name }) => name.toLowerCase().includes(asked))
})
const made = (pattern: Pattern, count: number) =>
  Array.from({ length: count }, () => newPart(pattern, view.catalogue, () => crypto.randomUUID()))
function stock(parts: readonly Part[]) {
  if (parts.length > 0) yards.perform(view.yard!.id, deeds.stock(view.yard!, parts))
}
function stockAll(wanted: ReadonlyMap<string, number>) {
  stock([...wanted].flatMap(([id, count]) => made(view.catalogue.patterns.get(id)!, count)))
  adding.value = false
}
function drop(parts: readonly Part[]) {
  yards.perform(view.yard!.id, deeds.drop(parts))
}
/** One more on the shelf, or one that lies there less. */
function oneMore(row: (typeof rows.value)[number]) {
  if (row.pattern) stock(made(row.pattern, 1))
}
function oneLess(row: (typeof rows.value)[number]) {
  const last = row.parts.findLast(({ id }) => lying.value.has(id))
  if (last) drop([last])
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
  if (wanted > row.parts.length && row.pattern) stock(made(row.pattern, wanted - row.parts.length))
  const surplus = row.parts.filter(({ id }) => lying.value.has(id)).slice(0, row.parts.length - wanted)
  if (surplus.length > 0) drop(surplus)
  delete typed[row.patternId]
}
function countIn(row: (typeof rows.value)[number]) {
  typed[row.patternId] = String(row.standing)
  own(row)
}
function change(parts: readonly Part[]) {
  const edits = parts.flatMap((part) => {
    const before = findPart(view.yard!, part.id)
    return before ? [partEdit(before, part)] : []
  })
  if (edits.length > 0) yards.perform(view.yard!.id, deeds.together(...edits))
}
const totals = computed(() => ({
  parts: rows.value.reduce((sum, { parts }) => sum + parts.length, 0),
  shed: rows.value.reduce((sum, { inShed }) => sum + inShed, 0),
}))
useHead({ title: 'Shed – Duvet' })

function takeSizes(part: Part): void {
  change([part])
  sizing.value = null
}
const COLUMNS = columnsFor<(typeof rows.value)[number]>(
  { key: 'name', label: 'Pattern', width: 260, text: ({ name }) => name, by: ({ name }) => name },
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
      <p>{{ counted(totals.parts, 'part') }}, {{ totals.shed }} on no hive</p>
      <ElInput
        v-model="search"
        class="search"
        aria-label="Search what is owned"
        placeholder="Search"
        maxlength="80"
        clearable
        data-testid="shed-search"
      />
      <ElButton type="primary" class="add" data-testid="shed-add" :disabled="!view.yard" @click="adding = true">
        Put into the shed…
      </ElButton>
    </template>
    <div class="content">
      <ShellNothing v-if="!view.yard" to="/" way="Start a yard in the row">There is no yard yet.</ShellNothing>
      <ShellNothing v-else-if="rows.length === 0">
        {{ view.yard.name }} owns nothing yet. Put its kit into the shed by the button above, or stack a hive.
      </ShellNothing>
      <div v-if="view.yard && rows.length > 0" class="top">
        <div>
          <p v-if="totals.shed === 0" class="soft">
            Nothing lies in the shed: all that is owned here stands on hives, faint on its shelf.
          </p>
          <ShedShelves :rows="shown" @open="opened = $event" />
        </div>
        <div class="right">
          <ShellInTurn v-if="view.yard.hives.length > 0" :key="view.yard.id"
            ><ShedOverYear :yard="view.yard" :part="opened"
          /></ShellInTurn>
          <ShedLooseFrames :yard="view.yard" :sought="search" />
        </div>
      </div>
      <ShedLooseFrames v-if="view.yard && rows.length === 0" :yard="view.yard" :sought="search" />
      <p v-if="rows.length > 0 && shown.length === 0" class="none">Nothing that is owned here is called that.</p>
      <div v-if="shown.length > 0" class="wide" tabindex="0" role="group" aria-label="What the yard owns">
        <UiTable :rows="shown" :columns="COLUMNS" :key-of="({ patternId }) => patternId" :open="under">
          <template #name="{ row }"
            ><span class="named"
              ><BenchPatternPicture v-if="row.pattern" :pattern="row.pattern" />{{ row.name }}</span
            ></template
          >
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
            <ShedEach
              v-if="opened === row.patternId"
              :parts="row.parts"
              :yard-id="view.yard!.id"
              :lying="lying"
              :hive-of="hiveOf"
              @change="change"
              @drop="drop"
              @size="sizing = $event"
            />
          </template>
        </UiTable>
      </div>
      <p class="caution">
        A box or comb that has held brood does not become a honey super. Look second-hand comb over for foul brood;
        notifiable disease is reported to the local bee inspector.
      </p>
    </div>
    <ShedAddParts v-if="adding" @add="stockAll" @close="adding = false" />
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

.top {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(300px, 440px);
  gap: 16px;
  align-items: start;
  margin-bottom: 12px;
}

.named {
  display: flex;
  gap: 10px;
  align-items: center;
}

@media (max-width: 860px) {
  .top {
    grid-template-columns: minmax(0, 1fr);
  }
}

.own {
  display: flex;
  align-items: center;
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

.wrong {
  color: var(--stop);
}

.soft {
  color: var(--soft-ink);
}

.none,
.caution {
  max-width: 760px;
  padding: 18px 0;
  color: var(--soft-ink);
}
</style>
