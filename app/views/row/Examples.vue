<script setup lang="ts">
// The example yards: looked round in from the start, and thrown away again when one has seen enough.
import { listed } from '#core/words'

const yards = useYards()
const examples = useExamples()
</script>

<template>
  <p v-if="yards.yards.length === 0" class="examples">
    <ElButton :loading="examples.busy" data-testid="bring-examples" @click="examples.bring()"
      >Look round in two example yards</ElButton
    >
    Eleven hives, right and wrong; throw them away when you have seen enough.
  </p>
  <p v-else-if="examples.here.length > 0" class="examples banner" data-testid="examples">
    <span>{{ listed(examples.here.map(({ name }) => name)) }}: examples to look round in. Change what you like.</span>
    <ElButton :loading="examples.busy" data-testid="throw-examples" @click="examples.throwAway()"
      >Throw them away</ElButton
    >
  </p>
</template>

<style scoped>
.examples {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3) var(--space-4);
  align-items: center;
}

.banner {
  margin: var(--space-3) var(--space-5) 0;
  padding: var(--space-3) var(--space-4);
  border: 1px dashed var(--indigo);
  border-radius: 9px;
  background: var(--paper);
}
</style>
