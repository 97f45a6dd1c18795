<script setup lang="ts">
// Two diagonals measured: how far out of square a box is, and whether a frame still clears.
import { TYPED } from '#core/yard'
import { diagonalProblem, squareCheck } from '#core/parts/making'
import { dimensionMm, type ResolvedPart } from '#core/parts'
import { squareInWords, squareProblemInWords } from '#core/words'
import { showCut } from '#core/units'

const props = defineProps<{ box: ResolvedPart }>()
const preferences = usePreferences()
const first = ref<number | null>(null)
const second = ref<number | null>(null)
const ideal = computed(() =>
  Math.hypot(dimensionMm(props.box, 'outsideLength'), dimensionMm(props.box, 'outsideWidth')),
)
const said = computed(() => {
  if (first.value === null || second.value === null) return null
  const problem = diagonalProblem(props.box, first.value, second.value)
  if (problem) return { bad: true, text: squareProblemInWords(problem, preferences.reader) }
  const check = squareCheck(props.box, first.value, second.value)
  return { bad: !check.clears, text: squareInWords(check, preferences.reader) }
})
</script>

<template>
  <section class="square" aria-labelledby="square-check">
    <h2 id="square-check">Is it square?</h2>
    <p>Measure both outside diagonals before the glue sets. Square, each is {{ showCut(ideal, preferences.units) }}.</p>
    <div class="fields">
      <BuildLengthField v-model="first" name="first" label="First diagonal" :limits="TYPED.diagonal" />
      <BuildLengthField v-model="second" name="second" label="Second diagonal" :limits="TYPED.diagonal" />
    </div>
    <p v-if="said" data-testid="square-answer" :class="{ bad: said.bad }" role="status">{{ said.text }}</p>
  </section>
</template>

<style scoped>
.square {
  display: flex;
  flex-direction: column;
  gap: var(--space-3);
}

.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: var(--space-3);
}
</style>
