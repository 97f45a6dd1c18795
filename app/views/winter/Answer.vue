<script setup lang="ts">
// What two hives beside each other come to: in two sentences, then figure by figure.
import { CAN_GIVE_WORDS, showWatts, winterFigures, winterSentence, winterWater } from '#core/words'
import type { WinterSide } from './winterAsked'

const props = defineProps<{ sides: readonly WinterSide[]; schools: boolean }>()
const preferences = usePreferences()
const columns = computed(() => props.sides.map((side) => winterFigures(side, preferences.reader)))
const rows = computed(() =>
  (columns.value[0] ?? []).map(([word], i) => ({
    word,
    figures: columns.value.map((column) => column[i]?.[1] ?? '–'),
  })),
)
const sentence = computed(() => said(winterSentence(props.sides, props.schools, preferences.reader)))
const water = computed(() => props.sides.map((side) => ({ title: side.title, text: winterWater(side) })))
const cavity = computed(() => (props.schools ? props.sides[1] : undefined))
</script>

<template>
  <section aria-label="What it comes to">
    <h2>What it comes to</h2>
    <div class="answer" data-testid="winter-answer" role="status">
      <p>
        <b>{{ sentence }}</b>
      </p>
      <p v-for="one in water" :key="one.title">{{ said(`${one.title}: ${one.text}`) }}</p>
      <p v-if="cavity" data-testid="can-give">
        Warm all over takes {{ showWatts(cavity.state.colonyWatts) }}: <b>{{ CAN_GIVE_WORDS[cavity.canGive] }}</b>.
      </p>
    </div>
    <slot />
    <div class="figures" role="table" aria-label="Figures" :style="{ '--columns': sides.length }">
      <div role="row" class="row heads">
        <span role="columnheader" class="unseen">Figure</span>
        <b v-for="side in sides" :key="side.title" role="columnheader">{{ side.title }}</b>
      </div>
      <div v-for="row in rows" :key="row.word" role="row" class="row" :data-row="row.word">
        <span role="rowheader">{{ said(row.word) }}</span>
        <span v-for="(figure, i) in row.figures" :key="i" role="cell">{{ figure }}</span>
      </div>
    </div>
  </section>
</template>

<style scoped>
.answer {
  display: grid;
  gap: var(--space-2);
  margin: var(--space-3) 0 var(--space-3);
  padding: var(--space-3) var(--space-4);
  border: 1px solid var(--seam);
  border-radius: 9px;
  background: var(--sheet);
}

.row {
  display: grid;
  grid-template-columns: minmax(84px, 128px) repeat(var(--columns), minmax(0, 1fr));
  gap: var(--space-1) var(--space-3);
  padding: var(--space-1) 0;
  font-variant-numeric: tabular-nums;
}

.heads {
  border-bottom: 1px solid var(--seam);
}

.heads > :nth-child(2) {
  grid-column: 2;
}

.row > [role='rowheader'] {
  color: var(--soft-ink);
}
</style>
