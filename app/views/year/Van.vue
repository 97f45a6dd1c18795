<script setup lang="ts">
// What the visit to the whole yard takes: the work, on paper, in the van and home again.
import { counted, workInWords } from '#core/words'
import type { Stage, Yard } from '#core/yard'
import { usePrintYear } from './printYear'
import { useYardVisit, type YearChanges } from './yearChanges'

const props = defineProps<{ yard: Yard; stage: Stage; today: string; changes: YearChanges }>()
const view = useView()
const preferences = usePreferences()
const ofYard = useYardVisit(toRef(props, 'yard'), props.changes)
const printer = usePrintYear(() => props, props.changes, ofYard)
</script>

<template>
  <section class="van" data-testid="van">
    <h2>
      The whole yard:
      <template v-if="changes.changeovers"
        >{{ ofYard.visit.hives }} of {{ counted(yard.hives.length, 'hive') }}</template
      ><template v-else>being worked out…</template>
    </h2>
    <label class="places"
      >Set-down places
      <ElSelect v-model="view.places" data-testid="places">
        <ElOption
          v-for="n in 7"
          :key="n"
          :value="n + 1"
          :label="`${n + 1}${n + 1 === 3 ? said(': roof, ground board, spare stand') : ''}`"
        /> </ElSelect
    ></label>
    <template v-if="changes.changeovers">
      <p v-if="ofYard.untouched.asTheyStand" class="soft" data-testid="as-they-stand">
        Stay as they are: {{ ofYard.untouched.asTheyStand }}.
      </p>
      <p v-if="ofYard.untouched.notInPlan" class="soft" data-testid="not-in-plan">
        This stage is not in the year of: {{ ofYard.untouched.notInPlan }}.
      </p>
      <p>
        <b>{{ workInWords(ofYard.visit.work, preferences.reader, ofYard.visit.bounds) }}</b>
      </p>
    </template>
    <p class="ways">
      <ElButton
        data-testid="print-visit"
        :disabled="printer.printing || !changes.changeovers || ofYard.visit.hives === 0"
        @click="printer.print('visit')"
      >
        Tick sheets (PDF)
      </ElButton>
      <ElButton
        v-if="changes.shown && changes.shown.steps.length > 0"
        data-testid="print-hive"
        :disabled="printer.printing"
        @click="printer.print('hive')"
      >
        {{ changes.shownHive?.name }} alone (PDF)
      </ElButton>
      <ElButton data-testid="print-cards" :disabled="printer.printing" @click="printer.print('cards')">
        Hive cards with codes (PDF)
      </ElButton>
    </p>
    <ElCheckbox
      v-if="yard.hives.length > 1"
      v-model="preferences.printOrder"
      true-value="need"
      false-value="row"
      data-testid="need-first"
    >
      On paper the hive that needs it first; else they follow the row
    </ElCheckbox>
    <p v-if="printer.failed" role="alert" class="wrong">{{ printer.failed }}</p>
    <template v-if="changes.changeovers">
      <h3>In the van</h3>
      <ul>
        <li v-for="line in ofYard.visit.take" :key="line.patternId">{{ ofYard.kitLine(line) }}</li>
        <li v-if="ofYard.visit.take.length === 0">nothing</li>
      </ul>
      <h3>Comes home</h3>
      <ul>
        <li v-for="line in ofYard.visit.bring" :key="line.patternId">
          {{ line.count }} × {{ ofYard.name(line.patternId) }}
        </li>
        <li v-if="ofYard.visit.bring.length === 0">nothing</li>
      </ul>
      <p v-for="line in ofYard.keeping" :key="line" class="soft"><UiTerms :text="line" /></p>
    </template>
  </section>
</template>

<style scoped>
h3 {
  margin-top: var(--space-3);
}

ul {
  margin: 0;
  padding-left: var(--space-5);
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
  margin: var(--space-3) 0;
}

.places {
  display: flex;
  gap: var(--space-3);
  align-items: center;
  margin-bottom: var(--space-2);
}
</style>
