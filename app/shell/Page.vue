<script setup lang="ts">
// The frame of a view: where one is at the top, the name of the view with its choices.
defineProps<{ title: string; fill?: boolean }>()
/** The frame first, then its choices, then what it holds, each with the next frame: no task is long. */
const drawn = useInTurn(2)
</script>

<template>
  <div class="page" :class="{ fill }">
    <main>
      <div class="bar">
        <h1>{{ title }}</h1>
        <slot v-if="drawn > 0" name="bar" />
      </div>
      <ShellColony v-if="drawn > 0" />
      <ShellClimate v-if="drawn > 1" />
      <ShellBoundary v-if="drawn > 1"><slot /></ShellBoundary>
    </main>
  </div>
</template>

<style scoped>
.page {
  display: flex;
  flex-direction: column;
  min-height: 100%;
}

main {
  display: flex;
  flex-direction: column;
  flex: 1;
  min-height: 0;
}

.bar {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-3) var(--space-5);
  padding: var(--space-3) var(--space-5);
}

h1 {
  font-size: var(--type-5);
}

@media (min-width: 1021px) {
  .fill {
    height: 100%;
  }
}
</style>
