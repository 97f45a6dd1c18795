<script setup lang="ts">
// Findings of one cause: each with what will happen, and the ways out of them all as buttons.
import type { Finding, Remedy } from '#core/checks'
import type { FindingCardWords } from '~/composables/findingCards'

const props = defineProps<{ card: FindingCardWords; tried: Remedy | null; dry?: boolean }>()
const emit = defineEmits<{
  show: [finding: Finding]
  try: [remedy: Remedy | null]
  apply: [remedy: Remedy]
  accept: [finding: Finding, reason: string]
  withdraw: [finding: Finding]
}>()
const worst = computed(() => props.card.findings[0]!.finding)
const last = computed(() => props.card.findings.length - 1)
</script>

<template>
  <article
    class="finding"
    :class="worst.acceptance ? 'accepted' : worst.severity"
    :data-rule="worst.rule"
    :data-severity="worst.severity"
  >
    <BenchFindingPart
      v-for="({ finding, words }, i) in card.findings"
      :key="finding.key"
      :finding="finding"
      :words="words"
      :dry="dry"
      :data-rule="i === 0 ? undefined : finding.rule"
      @show="emit('show', finding)"
      @accept="emit('accept', finding, $event)"
      @withdraw="emit('withdraw', finding)"
    >
      <template v-if="i === last">
        <p v-if="last > 0" class="one">{{ last === 1 ? 'Both' : 'All' }} have one cause.</p>
        <template v-for="{ remedy, word } in card.ways" :key="word">
          <template v-if="tried === remedy">
            <span class="trying">Shown on the drawing: {{ word }}</span>
            <ElButton type="primary" @click="emit('apply', remedy)">Do it</ElButton>
            <ElButton @click="emit('try', null)">Leave it</ElButton>
          </template>
          <ElButton v-else @click="emit('try', remedy)">{{ word }}</ElButton>
        </template>
      </template>
    </BenchFindingPart>
  </article>
</template>

<style scoped>
.finding {
  display: flex;
  flex-direction: column;
  gap: 10px;
  padding: 9px 12px 10px;
  border: 1px solid var(--seam);
  border-left: 6px solid var(--tone);
  border-radius: 8px;
  background: var(--sheet);
  --tone: var(--note);
}

.stop {
  --tone: var(--stop);
  background: #fff6f5;
}
.mend {
  --tone: var(--mend);
}
.watch {
  --tone: var(--watch);
}
.accepted {
  --tone: var(--seam);
}

.one,
.trying {
  width: 100%;
}

.one {
  color: var(--soft-ink);
  font-size: 14px;
}

.trying {
  color: var(--indigo);
}
</style>
