<script setup lang="ts">
// Queen cells that may be sealed tomorrow: the ways of acting now, each step by step.
import { SWARM_WAYS } from '#core/words'

const open = ref('')
</script>

<template>
  <section aria-label="Ways of acting on it" data-testid="swarm-ways">
    <ElCollapse v-model="open" accordion>
      <ElCollapseItem v-for="way in SWARM_WAYS" :key="way.id" :name="way.id" :title="said(way.name)">
        <p>Gains: {{ said(way.gains) }}. Gives up: {{ said(way.givesUp) }}.</p>
        <ol>
          <li v-for="step in way.steps" :key="step">{{ said(step) }}</li>
        </ol>
      </ElCollapseItem>
    </ElCollapse>
  </section>
</template>

<style scoped>
p {
  margin: 0 0 var(--space-2);
}

ol {
  margin: 0;
  padding-left: var(--space-6);
}
</style>
