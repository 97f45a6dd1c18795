<script setup lang="ts">
// Kit over the year: what every stage needs over all hives against what is owned, what is short and from when, and a shopping list.
import { there } from '#core/units'
import { usePrices } from '~/composables/prices'
import { kitName } from '~/composables/kitName'
import { catalogueOf, inWords } from '#core/parts'
import type { Stage, Yard } from '#core/yard'
import { kitOf, periodsFromSpring, supersPerHive, yearOf } from '#core/year'
import { capital } from '#core/words'
import type { PlannedYear } from '#core/ask'

const props = defineProps<{ yard: Yard; year: PlannedYear }>()
const preferences = usePreferences()
const { priceOf, setPrice, costOf } = usePrices()
const catalogue = computed(() => catalogueOf(props.yard))
const periods = computed(() => periodsFromSpring(yearOf(props.yard)))
const stages = computed<Stage[]>(() => [...new Set(periods.value.map(({ stage }) => stage))])
const lines = computed(() => kitOf(props.yard, props.year.hives, stages.value))
const perHive = computed(() =>
  supersPerHive(props.yard, (id) => catalogue.value.patterns.get(id)?.usualRole === 'super'),
)
const shopping = computed(() => lines.value.filter(({ short, frames: hung }) => short > 0 || hung.size > 0))
const total = computed(() => costOf(shopping.value.map(({ patternId, short }) => ({ patternId, count: short }))).sum)
const name = (patternId: string) => kitName(patternId, catalogue.value, preferences.vocabulary)
function frames(all: ReadonlyMap<string, number>): string {
  return [...all]
    .map(
      ([id, count]) =>
        `${count} × ${inWords(catalogue.value.hanging.get(id)?.label ?? { british: id, northAmerican: id }, preferences.vocabulary)}`,
    )
    .join(', ')
}
const patternOf = ({ patternId }: Line) => catalogue.value.patterns.get(patternId)
const from = (stage: Stage) => preferences.day(there(periods.value.find((period) => period.stage === stage)).from)
type Line = (typeof lines.value)[number]
const TO_GET = columnsFor<Line>(
  { key: 'part', label: 'Part', width: 220, by: ({ patternId }) => name(patternId) },
  { key: 'short', label: 'To get', number: true, text: ({ short }) => String(short), by: ({ short }) => short },
  {
    key: 'from',
    label: 'Needed from',
    width: 160,
    text: ({ shortFrom }) => (shortFrom ? `${capital(stageSaid(shortFrom))}, ${from(shortFrom)}` : ''),
  },
  { key: 'price', label: 'Your price for one', width: 120 },
)
const ALL_YEAR = computed(() =>
  columnsFor<Line>(
    {
      key: 'part',
      label: 'Part',
      width: 200,
      text: ({ patternId }) => name(patternId),
      by: ({ patternId }) => name(patternId),
    },
    { key: 'owned', label: 'At hand', number: true, text: ({ owned }) => String(owned), by: ({ owned }) => owned },
    ...stages.value.map((stage) => ({ key: stage, label: capital(stageSaid(stage)), number: true })),
  ),
)
</script>

<template>
  <section class="kit" data-testid="kit">
    <p>
      {{ perHive.toFixed(1) }} supers for each hive. One keeper’s rule: 3 to 4, and 4 to 5 in a good area: running out
      in the middle of a flow costs the crop.
    </p>
    <h2>To get</h2>
    <p v-if="shopping.length === 0">Nothing: the yard owns all that its year needs.</p>
    <template v-else>
      <UiTable :rows="shopping" :columns="TO_GET" :key-of="({ patternId }) => patternId">
        <template #part="{ row }"
          ><span class="named"
            ><DrawingPatternPicture v-if="patternOf(row)" :pattern="there(patternOf(row))" /><span
              :data-to-get="row.patternId"
              >{{ name(row.patternId) }}</span
            ></span
          ><small v-if="row.frames.size > 0">with {{ frames(row.frames) }}</small></template
        >
        <template #price="{ row }"
          ><UiNumber
            :model-value="priceOf(row.patternId) || undefined"
            look="bare"
            :name="`Price of ${name(row.patternId)}`"
            :of="{ min: 0, max: 1_000_000, decimals: 2 }"
            @update:model-value="setPrice(row.patternId, $event)"
        /></template>
      </UiTable>
      <p v-if="total > 0">
        In all, at your prices: <b data-testid="kit-total">{{ total.toFixed(2) }}</b>
      </p>
    </template>
    <h2>Needed at each stage</h2>
    <div class="scroll">
      <UiTable :rows="lines" :columns="ALL_YEAR" :key-of="({ patternId }) => patternId">
        <template #part="{ row }"
          ><span class="named"
            ><DrawingPatternPicture v-if="patternOf(row)" :pattern="there(patternOf(row))" />{{
              name(row.patternId)
            }}</span
          ></template
        >
        <template v-for="stage in stages" :key="stage" #[stage]="{ row }"
          ><span :class="{ short: (row.toGet.get(stage) ?? 0) > 0 }"
            >{{ row.needed.get(stage) ?? 0
            }}<template v-if="row.toGet.get(stage)"> ({{ row.toGet.get(stage) }} short)</template></span
          ></template
        >
      </UiTable>
    </div>
  </section>
</template>

<style scoped>
.kit {
  padding: 0 var(--space-5) var(--space-6);
}

h2 {
  margin-top: var(--space-4);
  font-size: var(--type-4);
}

.named {
  display: flex;
  gap: var(--space-3);
  align-items: center;
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

.el-input {
  width: 90px;
}
</style>
