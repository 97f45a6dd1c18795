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
</script>

<template>
  <ShellPage title="Shed" :yard-id="view.yard?.id">
    <template #bar>
      <ShellYardChoice />
      <p>{{ totals.parts }} parts, {{ totals.shed }} of them on no hive</p>
      <form class="add" @submit.prevent="addPattern">
        <label
          >Add to the shed
          <select v-model="adding" data-testid="shed-pattern">
            <option value="">a pattern…</option>
            <option v-for="pattern in choices" :key="pattern.id" :value="pattern.id">
              {{ capital(inWords(pattern.label, preferences.vocabulary))
              }}{{ isBox({ pattern }) ? '' : ` (${pattern.format})` }}
            </option>
          </select>
        </label>
        <button class="plain-button" type="submit" :disabled="adding === ''">Add one</button>
      </form>
    </template>
    <div class="content">
      <p v-if="!view.yard" class="none">There is no yard yet. Start one in the Row.</p>
      <p v-else-if="rows.length === 0" class="none">
        {{ view.yard.name }} owns nothing yet. Choose a pattern above, or stack a hive.
      </p>
      <div v-else class="wide" tabindex="0" role="group" aria-label="What the yard owns">
        <table>
          <thead>
            <tr>
              <th scope="col">Pattern</th>
              <th scope="col">On hives</th>
              <th scope="col">In the shed</th>
              <th scope="col">Owned in all</th>
              <th scope="col"><span class="visually-hidden">More</span></th>
            </tr>
          </thead>
          <tbody v-for="row in rows" :key="row.patternId" :data-shed-row="row.patternId">
            <tr>
              <th scope="row">{{ row.name }}</th>
              <td>{{ row.standing }}</td>
              <td>{{ row.inShed }}</td>
              <td>
                <form class="own" @submit.prevent="own(row)">
                  <input
                    v-model="typed[row.patternId]"
                    type="text"
                    inputmode="numeric"
                    :placeholder="String(row.parts.length)"
                    :aria-label="`${row.name}, owned in all`"
                  />
                  <button class="plain-button" type="submit" :disabled="!typed[row.patternId]">Set</button>
                </form>
              </td>
              <td>
                <button
                  class="plain-button quiet"
                  type="button"
                  :aria-expanded="opened === row.patternId"
                  @click="opened = opened === row.patternId ? null : row.patternId"
                >
                  {{ opened === row.patternId ? 'Close' : 'Each part' }}
                </button>
              </td>
            </tr>
            <tr v-if="problems[row.patternId]">
              <td colspan="5" class="wrong" role="alert">
                {{ problems[row.patternId] }}
                <button
                  v-if="problems[row.patternId]?.includes('stand on hives')"
                  class="plain-button"
                  type="button"
                  @click="countIn(row)"
                >
                  Count those {{ row.standing }} in
                </button>
              </td>
            </tr>
            <template v-if="opened === row.patternId">
              <template v-for="(part, i) in row.parts" :key="part.id">
                <tr class="each">
                  <td>{{ part.name ?? `No. ${i + 1}` }}<small v-if="part.measured">measured</small></td>
                  <td colspan="2">
                    <NuxtLink v-if="hiveOf.get(part.id)" :to="`/hives/${encodeURIComponent(hiveOf.get(part.id)!.id)}`"
                      >on {{ hiveOf.get(part.id)!.name }}</NuxtLink
                    ><template v-else>in the shed</template>
                  </td>
                  <td>
                    <select
                      :value="part.condition ?? 'good'"
                      :aria-label="`Condition of ${part.name ?? `no. ${i + 1}`}`"
                      @change="setCondition(part, picked(CONDITIONS, $event))"
                    >
                      <option v-for="one in CONDITIONS" :key="one" :value="one">{{ CONDITION_WORDS[one] }}</option>
                    </select>
                    <label v-for="what in ['honey', 'brood'] as const" :key="what"
                      ><input type="checkbox" :checked="part.hasHeld.includes(what)" @change="toggleHeld(part, what)" />
                      has held {{ what }}</label
                    >
                  </td>
                  <td>
                    <button
                      class="plain-button quiet"
                      type="button"
                      :aria-expanded="followed === part.id"
                      @click="followed = followed === part.id ? null : part.id"
                    >
                      Where it has been</button
                    ><button class="plain-button quiet" type="button" @click="sizing = part">Sizes…</button
                    ><button v-if="lying.has(part.id)" class="plain-button quiet" type="button" @click="drop(part)">
                      Drop
                    </button>
                  </td>
                </tr>
                <tr v-if="followed === part.id">
                  <td colspan="5"><ShedPlaces :yard-id="view.yard!.id" :part-id="part.id" /></td>
                </tr>
              </template>
            </template>
          </tbody>
        </table>
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

.wide {
  position: relative;
  overflow-x: auto;
}

table {
  width: 100%;
  max-width: 1040px;
  margin-top: 10px;
  border-collapse: collapse;
}

th,
td {
  padding: 4px 8px;
  border-bottom: 1px solid var(--seam);
  text-align: left;
}

thead th {
  color: var(--soft-ink);
  font-size: 13.5px;
  font-weight: 400;
}

input[type='text'],
select {
  min-height: 40px;
  max-width: 270px;
  padding: 0 8px;
  border: 1px solid var(--indigo);
  border-radius: 7px;
  background: #fff;
  font: inherit;
}

input[type='text'] {
  width: 74px;
}

.each td {
  background: var(--paper);
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
