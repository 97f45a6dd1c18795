<script setup lang="ts">
// How bees are kept: every choice a picture of the hive it makes, with what it does to these hives as bars.
import { hiveIn, type ChoiceAnswer } from '#core/ask'
import type { Stage, Way, Yard } from '#core/yard'
import { formBoxes, formatToAdd, ownedKinds, usualWay, wayOf } from '#core/year'
import { WAY_GROUPS, wayFields, wayValue, type WayGroup } from '#core/words'
import { catalogueOf } from '#core/parts'
import { planDoor } from '~/composables/doors'
import * as deeds from '#core/yard/deeds'

const props = defineProps<{ yard: Yard }>()
/** Of more hives than these, the first stand for all. */
const MOST_HIVES = 12
const STAGE_SHOWN: Record<WayGroup, Stage> = {
  brood: 'flow',
  supers: 'flow',
  comb: 'flow',
  winter: 'winter',
  work: 'flow',
}
const yards = useYards()
const preferences = usePreferences()
const weighing = useWeighing()
const group = useInAddress<WayGroup>('group', modeOf(WAY_GROUPS), 'brood')
const hiveId = ref('')
const hive = computed(() => props.yard.hives.find(({ id }) => id === hiveId.value))
const set = computed<Partial<Way>>(() => (hive.value ? hive.value.season?.way : props.yard.season?.way) ?? {})
const sample = computed(() => hive.value ?? props.yard.hives[0])
const asked = computed(() => (hive.value ? [hive.value.id] : props.yard.hives.slice(0, MOST_HIVES).map(({ id }) => id)))
const NOTHING = { stack: [], attached: [] }
const stands = computed(() => (sample.value ? hiveIn(props.yard, sample.value).assembled : NOTHING))
const now = computed<Way>(() =>
  wayOf(props.yard, hive.value ?? {}, usualWay(stands.value, ownedKinds(props.yard), catalogueOf(props.yard))),
)
const fields = computed(() =>
  wayFields(preferences.reader)
    .filter((one) => one.group === group.value)
    .map((one) => ({
      ...one,
      value: String(now.value[one.field]),
      choices: one.choices.filter(
        ({ value }) =>
          one.field !== 'broodForm' ||
          value === 'as-it-stands' ||
          formBoxes(
            value as Exclude<Way['broodForm'], 'as-it-stands'>,
            formatToAdd(stands.value.stack),
            catalogueOf(props.yard),
          ),
      ),
    })),
)
/** What each choice of a field makes of the year of these hives. */
const answers = shallowRef<Partial<Record<keyof Way, ReadonlyMap<string, ChoiceAnswer>>>>({})
let round = 0
watch(
  [() => props.yard, asked, group, () => weighing.own],
  async ([yard, ids, ofGroup, profile], before) => {
    const mine = ++round
    if (before[0] !== yard || before[1] !== ids || before[3] !== profile) answers.value = {}
    for (const { field, choices } of fields.value) {
      if (answers.value[field]) continue
      const values = choices.map(({ value }) => wayValue(field, value))
      const answer = await planDoor().choicesOf(
        toRaw(yard),
        [...ids],
        { ...profile },
        field,
        values,
        STAGE_SHOWN[ofGroup],
      )
      if (mine !== round) return
      answers.value = { ...answers.value, [field]: new Map(choices.map(({ value }, i) => [value, answer[i]!])) }
    }
  },
  { immediate: true },
)
onBeforeUnmount(() => {
  round++
})
function take(field: keyof Way, text: string) {
  keep({ ...set.value, [field]: wayValue(field, text) })
}
function clear(field: keyof Way) {
  const { [field]: _gone, ...rest } = set.value
  keep(rest)
}
function keep(way: Partial<Way>) {
  const none = Object.keys(way).length === 0
  if (hive.value) {
    const { way: _before, ...rest } = hive.value.season ?? {}
    const season = { ...rest, ...(none ? {} : { way }) }
    yards.perform(props.yard.id, deeds.setWay(hive.value, season))
  } else {
    const { way: _before, ...rest } = props.yard.season ?? {}
    const season = { ...rest, ...(none ? {} : { way }) }
    yards.perform(props.yard.id, deeds.setYear(season))
  }
}
</script>

<template>
  <section class="keeping">
    <div class="head">
      <UiModes v-model="group" :of="WAY_GROUPS" name="What belongs together" />
      <label class="scope"
        >For
        <ElSelect v-model="hiveId" data-testid="way-scope" :empty-values="[null, undefined]" filterable>
          <ElOption value="" label="the whole yard" />
          <ElOption v-for="one in yard.hives" :key="one.id" :value="one.id" :label="`${one.name} only`" /> </ElSelect
      ></label>
    </div>
    <p v-if="sample" class="soft">
      Drawn: {{ sample.name }} at {{ stageSaid(STAGE_SHOWN[group]) }}. The bars are for
      {{ hive ? hive.name : asked.length < yard.hives.length ? `the first ${asked.length} hives` : 'the whole yard' }},
      over the year.
    </p>
    <div v-for="one in fields" :key="one.field" class="field" :data-way-field="one.field">
      <h2>
        {{ one.word }}
        <ElButton v-if="set[one.field] !== undefined" text @click="clear(one.field)">
          {{ hive ? 'As the yard has it' : 'As it usually is' }}
        </ElButton>
      </h2>
      <div class="choices" role="group" :aria-label="one.word">
        <YearChoice
          v-for="choice in one.choices"
          :key="choice.value"
          :yard="yard"
          :choice="choice"
          :answer="answers[one.field]?.get(choice.value) ?? null"
          :all="[...(answers[one.field]?.values() ?? [])]"
          :chosen="choice.value === one.value"
          :rounds="one.field === 'crops' ? (choice.value === 'one' ? 1 : 2) : undefined"
          :data-choice="`${one.field}:${choice.value}`"
          @take="take(one.field, choice.value)"
        />
      </div>
    </div>
  </section>
</template>

<style scoped>
.keeping {
  padding: 0 var(--space-5) var(--space-6);
}

.head {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3) var(--space-6);
  align-items: center;
}

.scope {
  display: inline-flex;
  gap: var(--space-3);
  align-items: center;
}

.field {
  margin-top: var(--space-4);
}

.choices {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(200px, 100%), 1fr));
  gap: var(--space-3);
}
</style>
