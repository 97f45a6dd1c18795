<script setup lang="ts">
// A look written down at the hive, in gloves: one thing at a time, large; nothing said stays unknown.
import { hiveIn } from '#core/ask'
import { type CombBrush, ontoFrames, type CombSeen } from '#core/book'
import { hasBees, isBare } from '#core/yard'
import { partingOn } from '#core/year'
import { useKeepLook } from './keepLook'
import { localToday } from '~/composables/localTime'
import { useLookDraft } from './lookDraft'
import { hivePath } from '~/composables/paths'

const route = useRoute()
const book = useBook()
const view = useView()
const place = computed(() => view.placeOf(String(route.params.hive)))
const known = computed(() => (place.value ? hiveIn(place.value.yard, place.value.hive) : null))
const draft = useLookDraft(String(route.params.yard), String(route.params.hive), String(route.query.again ?? ''))
const keeper = useKeepLook(draft)
const STEPS = [
  ['bees', 'Bees'],
  ['brood', 'Brood'],
  ['food', 'Food'],
  ['queen', 'Queen'],
  ['health', 'Health'],
  ['door', 'Entrance'],
  ['next', 'Keep it'],
] as const
const step = ref<(typeof STEPS)[number][0]>('bees')
const stepAt = computed(() => STEPS.findIndex(([one]) => one === step.value))
function go(by: number) {
  const next = STEPS[stepAt.value + by]
  if (next) step.value = next[0]
}
/** The steps at which combs are pressed: what is asked, and what they may have. */
const ON_COMBS = {
  bees: { ask: 'Press each comb: full of bees, half covered, none. What you leave stays unknown.', brushes: null },
  brood: {
    ask: 'Choose what you see, then press the combs that have it.',
    brushes: [
      ['eggs', 'Eggs'],
      ['larvae', 'Larvae'],
      ['sealed', 'Sealed'],
    ],
  },
  food: {
    ask: 'Choose what you see, then press the combs that have it; or heft the hive.',
    brushes: [
      ['stores', 'Sealed stores'],
      ['nectar', 'Nectar'],
      ['pollen', 'Pollen'],
      ['renew', 'To renew'],
    ],
  },
} as const
const brushes = reactive<{ bees: 'bees'; brood: 'eggs' | 'larvae' | 'sealed'; food: CombBrush }>({
  bees: 'bees',
  brood: 'sealed',
  food: 'stores',
})
const onCombs = computed(() =>
  step.value === 'bees' || step.value === 'brood' || step.value === 'food' ? step.value : null,
)
const combs = draft.field('combs')
function say(said: readonly CombSeen[]) {
  combs.value = said.length > 0 ? said : undefined
}
const onFrames = ref(true)
const change = computed(() => (place.value ? ontoFrames(place.value.yard, draft.all.look) : undefined))
function keep() {
  if (place.value) void keeper.keep(place.value.yard, place.value.hive, onFrames.value ? change.value : undefined)
}
function again() {
  keeper.kept = false
  step.value = 'bees'
}
const rests = computed(() => place.value !== null && partingOn(draft.at, place.value.yard) !== 'free')
useHead({ title: computed(() => `Inspection of ${place.value?.hive.name ?? 'a hive'} – Duvet`) })
</script>

<template>
  <ShellPage :title="place ? `Inspection of ${place.hive.name}` : 'Inspection'">
    <template #bar>
      <UiDay
        time
        name="When"
        :value="draft.at"
        :last="localToday()"
        data-testid="look-at"
        @change="draft.set({ at: $event })"
      />
    </template>
    <ShellNothing v-if="!place || !known" to="/" way="Start a hive in the row"
      >This hive is no longer here.</ShellNothing
    ><ShellNothing
      v-else-if="isBare(place.yard, place.hive)"
      :to="hivePath(place.yard.id, place.hive.id, 'bench')"
      way="Stack it on the bench"
      >No box stands at {{ place.hive.name }}: there is nothing to look into.</ShellNothing
    >
    <LookKept v-else-if="keeper.kept" :yard-id="place.yard.id" :hive="place.hive" @again="again" />
    <div v-else class="look">
      <p v-if="draft.all.corrects" class="cold" role="note" data-testid="look-again">
        You write an inspection again: it takes the place of the one in the book.
        <NuxtLink :to="hivePath(place.yard.id, place.hive.id, 'book')">Leave it as it is</NuxtLink>
      </p>
      <UiModes v-model="step" :of="STEPS" name="Step" />
      <p v-if="rests && hasBees(place.yard, place.hive.id)" class="cold" role="note">
        It is the cold time of this yard: no box is parted now. Heft it, look at the entrance, lift the crown on a mild
        day at most.
      </p>
      <template v-if="onCombs">
        <div class="step">
          <p class="soft">{{ ON_COMBS[onCombs].ask }}</p>
          <UiModes
            v-if="onCombs === 'brood'"
            v-model="brushes.brood"
            :of="ON_COMBS.brood.brushes"
            name="What the combs have"
          />
          <UiModes
            v-else-if="onCombs === 'food'"
            v-model="brushes.food"
            :of="ON_COMBS.food.brushes"
            name="What the combs have"
          />
        </div>
        <BookCombs :known="known" :combs="combs ?? []" :brush="brushes[onCombs]" @say="say" />
      </template>
      <div class="step">
        <LookBees v-if="step === 'bees'" :draft="draft" />
        <LookBrood v-else-if="step === 'brood'" :draft="draft" />
        <LookFood v-else-if="step === 'food'" :draft="draft" />
        <LookQueen v-else-if="step === 'queen'" :draft="draft" />
        <LookHealth v-else-if="step === 'health'" :draft="draft" />
        <LookDoor v-else-if="step === 'door'" :draft="draft" />
        <LookKeepIt v-else :draft="draft" :known="known">
          <ElCheckbox v-if="change" v-model="onFrames" data-testid="onto-frames">
            Write what the combs hold onto the frames of the hive too (can be undone)
          </ElCheckbox>
        </LookKeepIt>
        <template v-if="step === 'next'">
          <p v-if="book.refused" class="sign" role="alert">{{ book.refused }}</p>
          <p v-if="keeper.doubt" class="sign" role="alert" data-testid="look-doubt">
            {{ keeper.doubt }} Change the day above, or press once more to keep it all the same.
          </p>
        </template>
      </div>
      <div class="foot">
        <ElButton :disabled="stepAt === 0" @click="go(-1)">Back</ElButton>
        <ElButton v-if="step !== 'next'" type="primary" data-testid="look-on" @click="go(1)">
          {{ STEPS[stepAt + 1]?.[1] }}
        </ElButton>
        <ElButton
          v-else
          type="primary"
          data-testid="look-keep"
          :disabled="!draft.isSaid || keeper.keeping"
          :loading="keeper.keeping"
          @click="keep"
          >Write it down</ElButton
        >
      </div>
      <p class="caution">Stings: whoever has reacted to them does not open a hive alone. Lift with the legs.</p>
    </div>
  </ShellPage>
</template>

<style scoped>
.look {
  display: flex;
  flex-direction: column;
  gap: var(--space-4);
  max-width: 1120px;
  padding: 0 var(--space-5) calc(var(--space-6) + var(--foot));
}

.step {
  display: flex;
  flex-direction: column;
  gap: var(--space-3);
}

.caution {
  color: var(--soft-ink);
  font-size: var(--type-1);
}

.cold,
.look :deep(.sign) {
  margin: 0;
  padding: var(--space-3) var(--space-4);
  border-left: 5px solid var(--stop);
  background: var(--sheet);
}

.foot {
  display: flex;
  gap: var(--space-4);
  position: sticky;
  bottom: var(--foot);
  padding: var(--space-3) 0;
  background: var(--linen);
}

.foot .el-button {
  flex: 1;
  min-height: 52px;
  max-width: 320px;
  margin: 0;
}
</style>
