<script setup lang="ts">
// Findings of one cause: each with what will happen, and the ways out of them all as buttons.
import type { Finding, Remedy } from '#core/rules'
import type { FindingCardWords } from './findingCards'

const props = defineProps<{ card: FindingCardWords; tried: Remedy | null; dry?: boolean }>()
const emit = defineEmits<{
  show: [finding: Finding]
  try: [remedy: Remedy | null]
  apply: [remedy: Remedy]
  accept: [finding: Finding, reason: string]
  withdraw: [finding: Finding]
}>()
const worst = computed(() => props.card.findings[0]!.finding)
</script>

<template>
  <article
    class="finding toned"
    :class="worst.acceptance ? 'accepted' : worst.severity"
    :data-rule="worst.rule"
    :data-severity="worst.severity"
  >
    <BenchFindingPart
      v-for="({ finding, words, ways }, i) in card.findings"
      :key="finding.key"
      :finding="finding"
      :words="words"
      :dry="dry"
      :data-rule="i === 0 ? undefined : finding.rule"
      @show="emit('show', finding)"
      @accept="emit('accept', finding, $event)"
      @withdraw="emit('withdraw', finding)"
    >
      <BenchWays :ways="ways" :tried="tried" @try="emit('try', $event)" @apply="emit('apply', $event)" />
    </BenchFindingPart>
    <div v-if="card.shared.length > 0" class="shared">
      <p>{{ card.findings.length === 2 ? 'Both have' : 'All have' }} one cause:</p>
      <BenchWays :ways="card.shared" :tried="tried" @try="emit('try', $event)" @apply="emit('apply', $event)" />
    </div>
  </article>
</template>

<style scoped>
.finding {
  display: flex;
  flex-direction: column;
  gap: var(--space-3);
  padding: var(--space-3) var(--space-4) var(--space-3);
  border: 1px solid var(--seam);
  border-left: 6px solid var(--tone);
  border-radius: 8px;
  background: var(--sheet);
}

.stop {
  background: #fff6f5;
}
.shared {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
  padding-top: var(--space-3);
  border-top: 2px dashed var(--seam);
}

.shared p {
  width: 100%;
}
</style>
