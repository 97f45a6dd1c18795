<script setup lang="ts">
// Trials of a yard: hives drawn by lot into two sides, and what came of it so far.
import { daysLater, drawTrial, trialOutcome, trialsOf, trialWays, type Entry, type TrialSide } from '#core/book'
import { isSound, type Edit, type Way, type Yard } from '#core/yard'
import { yearOf } from '#core/year'
import { hiveNameIn, counted, comparedInWords, shareInWords, wayFields, wayValue, type WayGroup } from '#core/words'
import * as deeds from '#core/yard/deeds'
import { localNow, localToday } from '~/composables/localTime'
import { useWritten } from '~/composables/newEntry'

const props = defineProps<{ yard: Yard }>()
const book = useBook()
const preferences = usePreferences()
const yards = useYards()
/** What one may try on some hives and not on others without other boxes. */
const TRIED_IN: ReadonlySet<WayGroup> = new Set<WayGroup>(['winter', 'comb', 'work'])
const written = useWritten()
const today = localToday()
const from = daysLater(today, -366 * 6)
const { entries, problem, load } = useYardBook(() => ({
  yardId: props.yard.id,
  from,
  to: today,
  sorts: ['mites', 'fate', 'trial', 'look'],
}))
const nameOf = (id: string) => hiveNameIn(props.yard, id)
const trials = computed(() =>
  trialsOf(entries.value ?? []).map((trial) => ({
    ...trial,
    outcome: trialOutcome(trial, entries.value ?? [], yearOf(props.yard), today),
  })),
)
const name = ref('')
/** Only colonies that live and are under no suspicion are drawn. */
const sound = computed(() => props.yard.hives.filter(({ id }) => isSound(props.yard, id)))
const chosen = ref<string[]>(props.yard.hives.map(({ id }) => id))
const picked = computed(() => chosen.value.filter((id) => sound.value.some((hive) => hive.id === id)))
const leftOut = computed(() => props.yard.hives.filter(({ id }) => !isSound(props.yard, id)))
const fields = computed(() => wayFields(preferences.reader).filter(({ group }) => TRIED_IN.has(group)))
/** What is tried goes into the plans of its hives, so that their year, the van and what is due have it. */
const field = ref<keyof Way | ''>('')
const choices = computed(() => fields.value.find((one) => one.field === field.value)?.choices ?? [])
const sideWays = reactive<Record<TrialSide, string>>({ with: '', without: '' })
watch(choices, ([first, second]) => {
  sideWays.with = first?.value ?? ''
  sideWays.without = second?.value ?? ''
})
const alike = computed(() =>
  field.value !== '' && sideWays.with === sideWays.without
    ? 'Both sides would be kept alike: choose another way for one of them.'
    : '',
)
/** Each hive as its side is kept from now on. */
function keptSo(sides: Readonly<Record<TrialSide, readonly string[]>>): Edit[] {
  const of = field.value
  if (of === '') return []
  return trialWays(props.yard, sides, of, {
    with: wayValue(of, sideWays.with),
    without: wayValue(of, sideWays.without),
  })
}
const drawn = shallowRef<ReturnType<typeof drawTrial> | null>(null)
const taken = computed(() => trials.value.some((trial) => trial.name === name.value.trim()))
const wrong = computed(() =>
  taken.value
    ? 'A trial has this name already: give it another one.'
    : picked.value.length < 2
      ? 'Two hives at least are drawn from.'
      : '',
)
/** A lot that nobody can foresee: 32 bits of the device’s own chance. */
const chance = () => crypto.getRandomValues(new Uint32Array(1))[0]! / 2 ** 32
const draw = () => {
  drawn.value = drawTrial(picked.value, chance)
}
async function begin() {
  const sides = drawn.value
  if (!sides || wrong.value || alike.value) return
  const at = localNow()
  const all = (['with', 'without'] as const).flatMap((side) =>
    sides[side].map((hiveId): Entry => ({
      ...written(hiveId, at),
      sort: 'trial',
      body: { trial: name.value.trim(), side },
    })),
  )
  const kept = keptSo(sides)
  if (kept.length > 0 && !yards.perform(props.yard.id, deeds.together(...kept))) return
  await book.write(props.yard.id, all)
  name.value = ''
  drawn.value = null
  await load()
}
const SIDES = [
  ['with', 'With it'],
  ['without', 'Without it'],
] as const
</script>

<template>
  <section class="trials" aria-label="Trials" data-testid="trials">
    <p v-if="problem" role="alert">{{ problem }} <ElButton @click="load">Try again</ElButton></p>
    <p v-if="entries && trials.length === 0">
      No trial yet. Choose what to try, let the lot say which hives have it, and look again when winter is over.
    </p>
    <UiCard v-for="trial in trials" :key="trial.name" :title="trial.name" :data-trial="trial.name">
      <p>
        Drawn on {{ preferences.day(trial.began) }}.
        {{
          trial.outcome.compared
            ? comparedInWords(trial.outcome.compared, 'it', 'none')
            : 'What became of the hives is not noted on both sides yet.'
        }}
      </p>
      <div class="sides">
        <div v-for="[side, word] in SIDES" :key="side">
          <h3>{{ word }}: {{ counted(trial[side].length, 'hive') }}</h3>
          <p>{{ trial[side].map(nameOf).join(', ') }}</p>
          <p>
            Alive: {{ trial.outcome.alive[side] ? shareInWords(trial.outcome.alive[side]) : 'not noted' }}. Mites a day,
            last count:
            {{
              trial.outcome.fall[side]
                ? `${trial.outcome.fall[side].mean.toFixed(1)} in the mean of ${counted(trial.outcome.fall[side].of, 'hive')}`
                : 'not counted'
            }}.
          </p>
        </div>
      </div>
    </UiCard>
    <UiCard class="new" title="A new trial">
      <label
        >What is tried
        <ElInput v-model="name" :maxlength="80" aria-label="What is tried" placeholder="such as: slab on the crown"
      /></label>
      <div class="ways">
        <label
          >It goes into their plans as
          <ElSelect v-model="field" data-testid="trial-field" aria-label="It goes into their plans as">
            <ElOption value="" label="nothing: it is only watched" />
            <ElOption v-for="one in fields" :key="one.field" :value="one.field" :label="one.word" /> </ElSelect
        ></label>
        <template v-if="field !== ''">
          <label v-for="[side, word] in SIDES" :key="side"
            >{{ word }}
            <ElSelect v-model="sideWays[side]" :data-testid="`trial-${side}`" :aria-label="word">
              <ElOption v-for="one in choices" :key="one.value" :value="one.value" :label="one.word" /> </ElSelect
          ></label>
        </template>
      </div>
      <p v-if="alike" class="wrong" role="alert">{{ alike }}</p>
      <ElCheckboxGroup v-model="chosen" aria-label="Hives to draw from">
        <ElCheckbox v-for="hive in sound" :key="hive.id" :value="hive.id">{{ hive.name }}</ElCheckbox>
      </ElCheckboxGroup>
      <p v-if="leftOut.length > 0" class="soft" data-testid="trial-left-out">
        Not drawn from: {{ leftOut.map(({ name: hive }) => hive).join(', ') }}. Only colonies that live and are under no
        suspicion are.
      </p>
      <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
      <p class="large-acts">
        <ElButton data-testid="trial-draw" :disabled="picked.length < 2" @click="draw">Draw by lot</ElButton>
        <ElButton
          type="primary"
          data-testid="trial-begin"
          :disabled="drawn === null || name.trim() === '' || wrong !== '' || alike !== ''"
          @click="begin"
          >Begin the trial</ElButton
        >
      </p>
      <p v-if="drawn" role="status" data-testid="trial-drawn">
        With it: {{ drawn.with.map(nameOf).join(', ') }}. Without it: {{ drawn.without.map(nameOf).join(', ') }}.
      </p>
    </UiCard>
  </section>
</template>

<style scoped>
.trials {
  display: flex;
  flex-direction: column;
  gap: var(--space-4);
  max-width: 1000px;
}

p {
  margin: 0 0 var(--space-3);
}

h3 {
  margin: 0;
  font-size: var(--type-3);
}

.sides {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(260px, 1fr));
  gap: var(--space-3) var(--space-6);
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3) var(--space-5);
  margin: var(--space-3) 0;
}

.ways .el-select {
  width: 240px;
}

.new .el-input {
  max-width: 360px;
}

.new .el-checkbox-group {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--space-5);
}

.large-acts {
  gap: var(--space-4);
}
</style>
