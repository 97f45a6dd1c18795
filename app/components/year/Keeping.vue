<script setup lang="ts">
// How bees are kept: each choice with what it gains and what it gives up; for the yard, with exceptions by hive.
import { hiveIn } from '#core/hive-in'
import type { Way, Yard } from '#core/hive'
import { formBoxes, formatToAdd, ownedKinds, usualWay, wayOf } from '#core/season'
import { showMass } from '#core/units'
import { wayFields, wayValue } from '#core/wording'
import { openDoor } from '~/composables/useYardGrades'
import type { YearFigures } from '~/workers/plan-yard'
import { catalogueOf } from '#core/catalogue'
import * as deeds from '#core/hive/deeds'

const props = defineProps<{ yard: Yard }>()
const yards = useYards()
const preferences = usePreferences()
const weighing = useWeighing()
const hiveId = ref('')
const hive = computed(() => props.yard.hives.find(({ id }) => id === hiveId.value))
const set = computed<Partial<Way>>(() => (hive.value ? hive.value.season?.way : props.yard.season?.way) ?? {})
const sample = computed(() => hive.value ?? props.yard.hives[0])
const stack = computed(() => (sample.value ? hiveIn(props.yard, sample.value).assembled.stack : []))
const now = computed<Way>(() =>
  wayOf(props.yard, hive.value ?? {}, usualWay(stack.value, ownedKinds(props.yard), catalogueOf(props.yard))),
)
const fields = computed(() =>
  wayFields(preferences.reader).map((one) => ({
    ...one,
    value: String(now.value[one.field]),
    choices: one.choices.filter(
      ({ value }) =>
        one.field !== 'broodForm' ||
        value === 'as-it-stands' ||
        formBoxes(
          value as Exclude<Way['broodForm'], 'as-it-stands'>,
          formatToAdd(stack.value),
          catalogueOf(props.yard),
        ),
    ),
  })),
)
function take(field: keyof Way, text: string) {
  keep({ ...set.value, [field]: wayValue(field, text) })
}
/** What each choice of a field makes of the year of this hive, worked out once it is asked for. */
const answers = shallowRef<Partial<Record<keyof Way, ReadonlyMap<string, YearFigures>>>>({})
watch([() => props.yard, sample], () => {
  answers.value = {}
})
async function ask(field: keyof Way) {
  const one = fields.value.find((each) => each.field === field)
  if (!one || !sample.value || answers.value[field]) return
  const asked = props.yard
  const answer = await openDoor().choicesOfHive(
    toRaw(asked),
    sample.value.id,
    { ...weighing.own },
    field,
    one.choices.map(({ value }) => wayValue(field, value)),
  )
  if (asked === props.yard)
    answers.value = { ...answers.value, [field]: new Map(one.choices.map(({ value }, i) => [value, answer[i]!])) }
}
function said(field: keyof Way, value: string): string[] {
  const figures = answers.value[field]?.get(value)
  return figures
    ? [
        String(figures.boxes),
        showMass(figures.heaviestKg, preferences.units),
        String(figures.lifts),
        showMass(figures.winterKg, preferences.units),
        `${Math.round(figures.broodCells / 1000)} 000`,
      ]
    : []
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
    <label class="scope"
      >For
      <select v-model="hiveId" data-testid="way-scope">
        <option value="">the whole yard</option>
        <option v-for="one in yard.hives" :key="one.id" :value="one.id">{{ one.name }} only</option>
      </select></label
    >
    <div class="fields">
      <div v-for="one in fields" :key="one.field" class="field">
        <label
          >{{ one.word }}
          <select :value="one.value" :data-way-field="one.field" @change="take(one.field, typedIn($event))">
            <option v-for="choice in one.choices" :key="choice.value" :value="choice.value">{{ choice.word }}</option>
          </select>
        </label>
        <details
          v-if="sample"
          class="all"
          :data-choices="one.field"
          @toggle="elementOf($event)?.hasAttribute('open') && ask(one.field)"
        >
          <summary>All choices, for {{ sample.name }}</summary>
          <p v-if="!answers[one.field]">working it out…</p>
          <div v-else class="scroll">
            <table>
              <thead>
                <tr>
                  <th scope="col">Choice</th>
                  <th scope="col">Boxes</th>
                  <th scope="col">Heaviest lift</th>
                  <th scope="col">Lifts a year</th>
                  <th scope="col">Winter stores</th>
                  <th scope="col">Brood cells</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="choice in one.choices" :key="choice.value" :class="{ now: choice.value === one.value }">
                  <th scope="row">
                    {{ choice.word }}<small>Gains: {{ choice.gains }}. Gives up: {{ choice.gives }}.</small>
                  </th>
                  <td v-for="(text, i) in said(one.field, choice.value)" :key="i">{{ text }}</td>
                </tr>
              </tbody>
            </table>
          </div>
        </details>
        <template v-for="choice in one.choices" :key="choice.value"
          ><p v-if="choice.value === one.value">
            <span class="gains">Gains: {{ choice.gains }}.</span>
            <span class="gives">Gives up: {{ choice.gives }}.</span>
          </p></template
        >
        <button v-if="set[one.field] !== undefined" class="plain-button quiet" type="button" @click="clear(one.field)">
          {{ hive ? 'As the yard has it' : 'As it usually is' }}
        </button>
      </div>
    </div>
  </section>
</template>

<style scoped>
.keeping {
  padding: 0 16px 30px;
}

.scope {
  display: inline-flex;
  gap: 8px;
  align-items: center;
  margin-bottom: 10px;
}

.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(280px, 1fr));
  gap: 10px 22px;
}

.field select {
  max-width: 340px;
}

.field label {
  display: flex;
  flex-direction: column;
  font-weight: 700;
}

.field p {
  margin: 3px 0 0;
  font-size: 14px;
}

.all {
  margin-top: 4px;
}

summary {
  color: var(--indigo);
  cursor: pointer;
}

.field:has(details[open]) {
  grid-column: 1 / -1;
}

.scroll {
  overflow-x: auto;
}

th,
td {
  padding: 4px 18px 4px 0;
  border-bottom: 1px solid var(--seam);
  font-weight: 400;
  text-align: left;
  vertical-align: top;
}

.now th[scope='row'] {
  font-weight: 700;
}

small {
  display: block;
  color: var(--soft-ink);
  font-weight: 400;
}

.gains {
  color: var(--good);
}

.gives {
  color: var(--soft-ink);
}
</style>
