<script setup lang="ts">
// What a hive has to eat in its winter form against what the winter of its climate asks, and what to mix for the rest.
import type { Yard } from '#core/yard'
import type { PlannedStage } from '#core/year'
import { climateUnsaid, feedingInWords } from '#core/words'
import { feedingAt } from '#core/ask'

const props = defineProps<{ yard: Yard; planned: PlannedStage }>()
const preferences = usePreferences()
const food = computed(() => feedingAt(props.yard, props.planned))
const words = computed(() => food.value && feedingInWords(food.value, climateUnsaid(props.yard), preferences.reader))
</script>

<template>
  <section v-if="words" class="food" data-testid="food">
    <h2>Food</h2>
    <p>{{ words.stands }}</p>
    <p>
      <b>{{ words.todo }}</b>
    </p>
  </section>
</template>

<style scoped>
.food {
  margin: var(--space-2) 0 var(--space-3);
  padding: var(--space-3) var(--space-4);
  border: 1px solid var(--seam);
  border-radius: 9px;
  background: var(--sheet);
}
</style>
