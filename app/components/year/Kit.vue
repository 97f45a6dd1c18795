<script setup lang="ts">
// Kit over the year: what every stage needs over all hives against what is owned, what is short and from when, and a shopping list.
import { useKept } from '~/composables/kept'
import { catalogueOf, formatName } from '#core/catalogue'
import type { Stage, Yard } from '#core/hive'
import { COOL_MARITIME, kitOf, periodsFromSpring, supersPerHive } from '#core/season'
import { capital, dayInWords, inWords, patternName, stageWord } from '#core/wording'
import type { PlannedYear } from '~/workers/plan-yard'
import { isBox } from '#core/parts'

const props = defineProps<{ yard: Yard; year: PlannedYear }>()
const preferences = usePreferences()
/** The keeper's own prices, by pattern; they stay on this device. */
const prices = useKept<Record<string, number>>('duvet.prices', {})
const catalogue = computed(() => catalogueOf(props.yard))
const periods = computed(() => periodsFromSpring(props.yard.season?.calendar ?? COOL_MARITIME))
const stages = computed<Stage[]>(() => [...new Set(periods.value.map(({ stage }) => stage))])
const lines = computed(() => kitOf(props.yard, props.year.hives, stages.value))
const perHive = computed(() =>
  supersPerHive(props.yard, (id) => catalogue.value.patterns.get(id)?.usualRole === 'super'),
)
const shopping = computed(() => lines.value.filter(({ short, frames: hung }) => short > 0 || hung.size > 0))
const total = computed(() =>
  shopping.value.reduce((sum, { patternId, short }) => sum + short * (prices.value[patternId] ?? 0), 0),
)
function name(patternId: string): string {
  const pattern = catalogue.value.patterns.get(patternId)
  const format = isBox({ pattern }) ? undefined : pattern?.format
  return (
    capital(patternName(patternId, catalogue.value, preferences.vocabulary)) +
    (format && format !== 'any' ? `, ${formatName(format)}` : '')
  )
}
function frames(all: ReadonlyMap<string, number>): string {
  return [...all]
    .map(
      ([id, count]) =>
        `${count} × ${inWords(catalogue.value.hanging.get(id)?.label ?? { british: id, northAmerican: id }, preferences.vocabulary)}`,
    )
    .join(', ')
}
const from = (stage: Stage) => dayInWords(periods.value.find((period) => period.stage === stage)!.from)
function price(patternId: string, text: string) {
  const value = Number(text.replace(',', '.'))
  prices.value = { ...prices.value, [patternId]: Number.isFinite(value) && value >= 0 ? value : 0 }
}
</script>

<template>
  <section class="kit" data-testid="kit">
    <p>
      {{ perHive.toFixed(1) }} supers for each hive. Most keepers hold 3 to 4, and 4 to 5 in a good area: running out in
      the middle of a flow costs the crop.
    </p>
    <h2>To get</h2>
    <p v-if="shopping.length === 0">Nothing: the yard owns all that its year needs.</p>
    <table v-else>
      <thead>
        <tr>
          <th scope="col">Part</th>
          <th scope="col">To get</th>
          <th scope="col">Needed from</th>
          <th scope="col">Your price for one</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="line in shopping" :key="line.patternId" :data-to-get="line.patternId">
          <th scope="row">
            {{ name(line.patternId) }}<small v-if="line.frames.size > 0">with {{ frames(line.frames) }}</small>
          </th>
          <td>{{ line.short }}</td>
          <td>{{ capital(stageWord(line.shortFrom!)) }}, {{ from(line.shortFrom!) }}</td>
          <td>
            <input
              :value="prices[line.patternId] ?? ''"
              type="text"
              inputmode="decimal"
              :aria-label="`Price of ${name(line.patternId)}`"
              @change="price(line.patternId, typedIn($event))"
            />
          </td>
        </tr>
        <tr v-if="total > 0">
          <th scope="row">In all, at your prices</th>
          <td />
          <td />
          <td data-testid="kit-total">{{ total.toFixed(2) }}</td>
        </tr>
      </tbody>
    </table>
    <h2>Needed at each stage</h2>
    <div class="scroll">
      <table>
        <thead>
          <tr>
            <th scope="col">Part</th>
            <th scope="col">Owned</th>
            <th v-for="stage in stages" :key="stage" scope="col">{{ capital(stageWord(stage)) }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="line in lines" :key="line.patternId">
            <th scope="row">{{ name(line.patternId) }}</th>
            <td>{{ line.owned }}</td>
            <td v-for="stage in stages" :key="stage" :class="{ short: (line.toGet.get(stage) ?? 0) > 0 }">
              {{ line.needed.get(stage) ?? 0
              }}<template v-if="line.toGet.get(stage)"> ({{ line.toGet.get(stage) }} short)</template>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
.kit {
  padding: 0 16px 30px;
}

h2 {
  margin-top: 12px;
  font-size: 17px;
}

th,
td {
  padding: 4px 18px 4px 0;
  border-bottom: 1px solid var(--seam);
  font-weight: 400;
  text-align: left;
  vertical-align: top;
}

.scroll {
  overflow-x: auto;
}

.short {
  color: var(--stop);
  font-weight: 700;
}

small {
  display: block;
  color: var(--soft-ink);
}

input {
  width: 90px;
  min-height: 40px;
  padding: 0 8px;
  border: 1px solid var(--indigo);
  border-radius: 7px;
  font: inherit;
}
</style>
