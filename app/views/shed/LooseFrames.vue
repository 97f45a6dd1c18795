<script setup lang="ts">
// Frames that hang in no box: counted by what they are and how far their comb is, more and fewer in place.
import { there } from '#core/units'
import {
  find,
  type HangingPattern,
  isFramePattern,
  isRack,
  COMB_STARTS,
  type CombStart,
  type Content,
  type Part,
  inWords,
} from '#core/parts'
import { newPart, type Yard } from '#core/yard'
import { COMB_WORDS, capital, holdsWord } from '#core/words'
import * as deeds from '#core/yard/deeds'
import { whole } from '#wire/fields'
import { numberOf } from '~/kit/formRules'

const props = defineProps<{ yard: Yard; sought: string }>()
const MOST = 200
const yards = useYards()
const view = useView()
const preferences = usePreferences()
const racks = computed(() =>
  props.yard.parts.filter(({ patternId }) => isRack({ pattern: view.catalogue.patterns.get(patternId) })),
)
interface Row {
  readonly key: string
  readonly pattern: HangingPattern | undefined
  readonly name: string
  readonly state: string
  readonly frames: readonly Content[]
}
const nameOf = (patternId: string) => {
  const pattern = view.catalogue.hanging.get(patternId)
  return pattern ? capital(inWords(pattern.label, preferences.vocabulary)) : 'Frame of a pattern that is not here'
}
function stateOf({ comb, holds, hasHeld = [] }: Content): string {
  const said = [
    comb ? COMB_WORDS[comb] : 'nothing said of its comb',
    ...(holds ? [holdsWord(holds, preferences.reader)] : []),
    ...(hasHeld.includes('brood') ? ['has held brood'] : []),
  ]
  return said.join(', ')
}
const rows = computed<Row[]>(() => {
  const alike = new Map<string, Content[]>()
  for (const frame of racks.value.flatMap(({ contents }) => contents)) {
    const key = `${frame.patternId} ${stateOf(frame)}`
    alike.set(key, [...(alike.get(key) ?? []), frame])
  }
  return [...alike]
    .map(([key, frames]) => ({
      key,
      frames,
      pattern: view.catalogue.hanging.get(frames[0]!.patternId),
      name: nameOf(frames[0]!.patternId),
      state: stateOf(frames[0]!),
    }))
    .filter(({ name, state }) => `${name} ${state}`.toLowerCase().includes(props.sought.trim().toLowerCase()))
    .sort((a, b) => a.name.localeCompare(b.name) || a.state.localeCompare(b.state))
})
const newRack = (): Part =>
  newPart(there(find(view.catalogue, { kind: 'rack' })), view.catalogue, () => crypto.randomUUID())
function hang(frames: readonly Omit<Content, 'place' | 'id'>[]) {
  const made = frames.map((frame) => ({ ...frame, id: crypto.randomUUID() }))
  yards.perform(props.yard.id, deeds.stockFrames(props.yard, racks.value, made, newRack))
}
function oneMore({ frames }: Row) {
  const { id: _id, place: _place, ...alike } = frames[0]!
  hang([alike])
}
function oneLess({ frames }: Row) {
  yards.perform(props.yard.id, deeds.dropFrames(racks.value, new Set([there(frames.at(-1)).id])))
}

const choices = computed(() => [...view.catalogue.hanging.values()].filter((pattern) => isFramePattern(pattern)))
/** Frames of the yard's own boxes first. */
const usual = computed(() => props.yard.parts.flatMap(({ contents }) => contents)[0]?.patternId)
const model = reactive<{ patternId: string; comb: CombStart; count: string }>({
  patternId: usual.value ?? choices.value[0]!.id,
  comb: 'drawn',
  count: '10',
})
const RULES = {
  count: {
    schema: { isValidSync: (text: unknown) => whole(1, MOST).isValidSync(numberOf(text)) },
    sentence: `How many is not a whole number from 1 to ${MOST}: type how many frames, such as 10.`,
  },
}
const adding = ref(false)
function add() {
  const { patternId, comb, count } = model
  hang(Array.from({ length: numberOf(count) }, () => ({ patternId, comb })))
  adding.value = false
}
const total = computed(() => racks.value.reduce((sum, { contents }) => sum + contents.length, 0))
</script>

<template>
  <section class="loose" aria-labelledby="loose-frames" data-testid="loose-frames">
    <h2 id="loose-frames">Loose frames</h2>
    <p class="soft">
      {{ total === 0 ? 'None: every frame hangs in a box.' : `${total} on the rack, in no box.` }}
      <ElButton text data-testid="add-frames" @click="adding = true">Add frames…</ElButton>
    </p>
    <ul>
      <li v-for="row in rows" :key="row.key" data-loose>
        <FramesHangingPicture v-if="row.pattern" :pattern="row.pattern" />
        <span
          >{{ row.name }}<small>{{ row.state }}</small></span
        >
        <ElButton :aria-label="`One less: ${row.name}, ${row.state}`" @click="oneLess(row)">−</ElButton>
        <b>{{ row.frames.length }}</b>
        <ElButton :aria-label="`One more: ${row.name}, ${row.state}`" @click="oneMore(row)">+</ElButton>
      </li>
    </ul>
    <UiSheet v-if="adding" title="Loose frames for the rack" width="min(440px, 94vw)" @close="adding = false">
      <UiForm :model="model" :rules="RULES" @sound="add">
        <UiField name="patternId" label="Frame" for="loose-pattern">
          <ElSelect id="loose-pattern" v-model="model.patternId" filterable data-testid="loose-pattern">
            <ElOption v-for="one in choices" :key="one.id" :value="one.id" :label="nameOf(one.id)" />
          </ElSelect>
        </UiField>
        <UiField name="comb" label="Comb" for="loose-comb">
          <ElSelect id="loose-comb" v-model="model.comb" data-testid="loose-comb">
            <ElOption v-for="one in COMB_STARTS" :key="one" :value="one" :label="capital(COMB_WORDS[one])" />
          </ElSelect>
        </UiField>
        <UiField name="count" label="How many" for="loose-count">
          <ElInput id="loose-count" v-model="model.count" inputmode="numeric" data-testid="loose-count" />
        </UiField>
        <ElButton type="primary" native-type="submit" data-testid="keep-frames">Put them on the rack</ElButton>
      </UiForm>
    </UiSheet>
  </section>
</template>

<style scoped>
.loose {
  margin-top: var(--space-5);
}

.soft,
small {
  color: var(--soft-ink);
}

small {
  display: block;
  font-size: var(--type-1);
}

ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(320px, 1fr));
  gap: var(--space-2) var(--space-6);
  margin: var(--space-2) 0 var(--space-4);
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: 46px 1fr 40px 40px 40px;
  gap: var(--space-3);
  align-items: center;
  min-height: 48px;
  border-bottom: 1px solid var(--seam);
}

li b {
  text-align: center;
}

.el-select {
  width: 100%;
}
</style>
