<script setup lang="ts">
// What a hive is weighed as: state, timber, how full a full comb is.
import { CATALOGUE, STARTING_FORMAT, boxOfSize } from '#core/catalogue'
import { boxOfPattern } from '#core/fit'
import { showMass } from '#core/units'
import { FULLNESSES, TIMBERS, fillOf, fullBoxKg, honeyKg } from '#core/weight'
import { FULLNESS_WORDS, capital, rangeInWords } from '#core/wording'

const weighing = useWeighing()
const view = useView()
const preferences = usePreferences()
/** What is often said of a box, and what its combs hold. */
const SAID = [
  { size: 'medium', lowKg: 22.7, highKg: 31.8 },
  { size: 'shallow', lowKg: 13.6, highKg: 13.6 },
] as const
const said = computed(() =>
  SAID.map(({ size, lowKg, highKg }) => {
    const box = boxOfPattern(boxOfSize(CATALOGUE, STARTING_FORMAT, size)!, CATALOGUE).resolved
    const claim =
      lowKg === highKg
        ? showMass(lowKg, preferences.units)
        : rangeInWords({ low: lowKg, high: highKg }, preferences.reader)
    return `A ${size} of ten frames is said to hold ${claim} of honey; by its combs it is ${rangeInWords(honeyKg([box]), preferences.reader)}, and the whole box weighs ${rangeInWords(fullBoxKg(box), preferences.reader)}.`
  }),
)
const usualFill = computed(() => {
  const { low, middle, high } = fillOf(view.catalogue.figures)
  return `${middle * 100} (${low * 100} to ${high * 100})`
})
const problem = ref('')
function setFill(text: string) {
  const value = text.trim() === '' ? null : Number(text.replace(',', '.').replace('%', ''))
  problem.value =
    value === null || (value >= 0 && value <= 100)
      ? ''
      : 'Fill is not a share from 0 to 100 per cent: type one such as 88, or leave it empty.'
  if (problem.value === '') weighing.fillPercent = value
}
</script>

<template>
  <div class="choices">
    <label
      >Weighed as
      <select v-model="weighing.fullness" data-testid="fullness">
        <option v-for="one in FULLNESSES" :key="one" :value="one">{{ capital(FULLNESS_WORDS[one]) }}</option>
      </select>
    </label>
    <label
      >Timber
      <select v-model="weighing.timber" data-testid="timber">
        <option v-for="(one, key) in TIMBERS" :key="key" :value="key">
          {{ capital(one.label) }}, {{ Math.round(one.kgPerM3) }} kg/m³
        </option>
      </select>
    </label>
    <label
      >Fill of a full comb, %
      <input
        type="text"
        inputmode="decimal"
        :value="weighing.fillPercent ?? ''"
        :placeholder="usualFill"
        data-testid="fill"
        @change="setFill(typedIn($event))"
      />
    </label>
    <p v-if="problem" class="wrong" role="alert">{{ problem }}</p>
    <ElCollapse class="said"
      ><ElCollapseItem title="What a full box is said to hold"
        ><p v-for="line in said" :key="line">
          {{ line }} Who says more has often weighed the box with it, or counts combs of the fattest kind.
        </p></ElCollapseItem
      ></ElCollapse
    >
  </div>
</template>

<style scoped>
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
}

.said {
  flex-basis: 100%;
}

label {
  display: flex;
  flex: 1;
  flex-direction: column;
  min-width: 120px;
  font-size: 14px;
}

input {
  min-height: 40px;
  width: 100%;
  padding: 0 8px;
  border: 1px solid var(--indigo);
  border-radius: 7px;
  background: #fff;
  font: inherit;
}

.wrong {
  width: 100%;
  color: var(--stop);
}
</style>
