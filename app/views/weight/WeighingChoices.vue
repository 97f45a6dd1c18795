<script setup lang="ts">
// What a hive is weighed as: state, timber, how full a full comb is.
import { CATALOGUE, SAYINGS, boxOfSize, inWords } from '#core/parts'
import { rangeOf } from '#core/figures'
import { boxOfPattern } from '#core/stack'
import { FULLNESSES, TIMBERS, fullBoxKg, honeyKg } from '#core/loads'
import { showInUnit, there } from '#core/units'
import { FULLNESS_WORDS, capital, sayingInWords } from '#core/words'

const weighing = useWeighing()
const view = useView()
const preferences = usePreferences()
/** What is often said of a full box, and what its combs come to. */
const said = computed(() => {
  const { reader, vocabulary } = preferences
  return SAYINGS.map((saying) => {
    const pattern = there(boxOfSize(CATALOGUE, saying.format, saying.size))
    const box = boxOfPattern(pattern, CATALOGUE).resolved
    return sayingInWords(saying, inWords(pattern.label, vocabulary), honeyKg([box]), fullBoxKg(box), reader)
  })
})
const usualFill = computed(() => {
  const { low, middle, high } = rangeOf(view.catalogue.figures, 'fillShare')
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
      <ElSelect v-model="weighing.fullness" data-testid="fullness">
        <ElOption v-for="one in FULLNESSES" :key="one" :value="one" :label="capital(FULLNESS_WORDS[one])" />
      </ElSelect>
    </label>
    <label
      >Timber
      <ElSelect v-model="weighing.timber" data-testid="timber">
        <ElOption
          value="usual"
          :label="`Not chosen, ${showInUnit(view.catalogue.figures.timberDensityKgPerM3, 'kg/m³', preferences.units)}`"
        />
        <ElOption
          v-for="(one, key) in TIMBERS"
          :key="key"
          :value="key"
          :label="`${capital(one.label)}, ${showInUnit(Math.round(one.kgPerM3), 'kg/m³', preferences.units)}`"
        />
      </ElSelect>
    </label>
    <label
      >Fill of a full comb, %
      <UiTyped
        inputmode="decimal"
        :value="String(weighing.fillPercent ?? '')"
        :placeholder="usualFill"
        data-testid="fill"
        @change="setFill($event)"
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
  gap: var(--space-3) var(--space-3);
}

.said {
  flex-basis: 100%;
}

label {
  display: flex;
  flex: 1;
  flex-direction: column;
  min-width: 120px;
  font-size: var(--type-2);
}

.el-input {
  width: 100%;
}

.wrong {
  width: 100%;
  color: var(--stop);
}
</style>
