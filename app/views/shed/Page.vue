<script setup lang="ts">
// What the yard owns: by pattern what stands and what lies in the shed, and each part with its condition and measures.
import { there } from '#core/units'
import { type Pattern, isRack, type Loan, type Part } from '#core/parts'
import { findPart, newPart, partEdit, shedOf, type Edit } from '#core/yard'
import { capital, counted, patternName } from '#core/words'
import { namesApart } from '~/composables/kitName'
import type { Owned } from './owned'
import * as deeds from '#core/yard/deeds'

const yards = useYards()
const view = useView()
const preferences = usePreferences()
const opened = ref<string | null>(null)
const sizing = shallowRef<Part | null>(null)
const adding = ref(false)
const lending = shallowRef<readonly Part[]>([])
const borrowing = ref(false)

const lying = computed(() => new Set(view.yard ? shedOf(view.yard).map(({ id }) => id) : []))
const hiveOf = computed(
  () =>
    new Map(
      (view.yard?.hives ?? []).flatMap((hive) =>
        [...hive.stack, ...hive.attachments].map(({ partId }) => [partId, hive] as const),
      ),
    ),
)
/** What lies here and belongs here: no other can be dropped. */
const isOwnHere = ({ id, borrowed }: Part) => lying.value.has(id) && !borrowed
const rows = computed<Owned[]>(() => {
  const byPattern = new Map<string, Part[]>()
  for (const part of view.yard?.parts ?? []) {
    if (isRack({ pattern: view.catalogue.patterns.get(part.patternId) })) continue
    const alike = byPattern.get(part.patternId)
    if (alike) alike.push(part)
    else byPattern.set(part.patternId, [part])
  }
  const order = [...view.catalogue.patterns.keys()]
  const called = namesApart(byPattern.keys(), view.catalogue, preferences.vocabulary)
  return [...byPattern]
    .map(([patternId, parts]) => ({
      patternId,
      parts,
      name: capital(called(patternId)),
      pattern: view.catalogue.patterns.get(patternId),
      standing: parts.filter(({ id, lent }) => !lying.value.has(id) && !lent).length,
      lent: parts.filter(({ lent }) => lent).length,
      free: parts.filter(isOwnHere),
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
  if (parts.length > 0) yards.perform(there(view.yard).id, deeds.stock(there(view.yard), parts))
}
function stockAll(wanted: ReadonlyMap<string, number>) {
  stock([...wanted].flatMap(([id, count]) => made(there(view.catalogue.patterns.get(id)), count)))
  adding.value = false
}
function drop(parts: readonly Part[]) {
  yards.perform(there(view.yard).id, deeds.drop(parts))
}
function lend(loan: Loan) {
  yards.perform(there(view.yard).id, deeds.lend(lending.value, loan))
  lending.value = []
}
function borrow(fromId: string, edit: Edit) {
  yards.perform(fromId, edit)
  borrowing.value = false
}
function change(parts: readonly Part[]) {
  const edits = parts.flatMap((part) => {
    const before = findPart(there(view.yard), part.id)
    return before ? [partEdit(before, part)] : []
  })
  if (edits.length > 0) yards.perform(there(view.yard).id, deeds.together(...edits))
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
      <ElButton class="add" data-testid="shed-borrow" :disabled="!view.yard" @click="borrowing = true">
        Borrow…
      </ElButton>
      <ElButton type="primary" class="put" data-testid="shed-add" :disabled="!view.yard" @click="adding = true">
        Put into the shed…
      </ElButton>
    </template>
    <div class="content">
      <ShellNothing v-if="!view.yard" to="/" way="Start a yard in the row">There is no yard yet.</ShellNothing>
      <ShellNothing v-else-if="rows.length === 0">
        {{ view.yard.name }} owns nothing yet. Put its kit into the shed by the button above, or stack a hive.
      </ShellNothing>
      <ShedLoans
        v-if="view.yard"
        :yard="view.yard"
        :catalogue="view.catalogue"
        @change="yards.perform(view.yard.id, $event)"
      />
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
      <ShedOwned
        v-if="view.yard && shown.length > 0"
        v-model:opened="opened"
        :rows="shown"
        :yard-id="view.yard.id"
        :lying="lying"
        :hive-of="hiveOf"
        @more="(pattern, count) => stock(made(pattern, count))"
        @drop="drop"
        @change="change"
        @size="sizing = $event"
        @lend="lending = $event"
      />
      <p class="caution">
        A box or comb that has held brood does not become a honey super. Look second-hand comb over for foul brood;
        notifiable disease is reported to the local bee inspector.
      </p>
    </div>
    <ShedLend
      v-if="lending.length > 0 && view.yard"
      :yard="view.yard"
      :parts="lending"
      @lend="lend"
      @close="lending = []"
    />
    <ShedBorrow v-if="borrowing && view.yard" :yard="view.yard" @borrow="borrow" @close="borrowing = false" />
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
  padding: 0 var(--space-5) var(--space-6);
}

.top {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(300px, 440px);
  gap: var(--space-5);
  align-items: start;
  margin-bottom: var(--space-4);
}

@media (max-width: 1020px) {
  .top {
    grid-template-columns: minmax(0, 1fr);
  }
}

.add {
  margin-left: auto;
}

.el-input.search {
  width: 180px;
}

.none,
.caution {
  max-width: 760px;
  padding: var(--space-5) 0;
  color: var(--soft-ink);
}
</style>
