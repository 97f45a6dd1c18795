<script setup lang="ts">
// The same thing due at several hives on one day: one line that opens.
import { someNamed } from '#core/words'

const props = defineProps<{ id: string; day: string; text: string; hives: readonly string[]; isLate: boolean }>()
const preferences = usePreferences()
const isOpen = defineModel<boolean>('open', { required: true })
const names = computed(() => someNamed(props.hives))
</script>

<template>
  <li :class="{ late: isLate }" :data-gathered="id">
    <ElButton class="bare" :aria-expanded="isOpen" @click="isOpen = !isOpen"
      ><span class="day">{{ preferences.day(day) }}</span
      ><span class="what"
        ><b>{{ hives.length }} hives: {{ text }}</b
        ><small>{{ names }}</small></span
      ><span class="open">{{ isOpen ? 'Close' : 'Open' }}</span></ElButton
    >
    <ol v-if="isOpen">
      <slot />
    </ol>
  </li>
</template>

<style scoped>
li {
  border-bottom: 1px solid var(--seam);
  background: var(--sheet);
}

.late {
  border-left: 5px solid var(--watch);
}

.bare {
  width: 100%;
  height: auto;
  min-height: 56px;
  padding: var(--space-3) var(--space-3);
  text-align: left;
  white-space: normal;
}

.bare :deep(> span) {
  display: grid;
  flex: 1;
  grid-template-columns: 116px minmax(0, 1fr) auto;
  gap: var(--space-2) var(--space-5);
  align-items: center;
}

.day {
  color: var(--ink);
  font-variant-numeric: tabular-nums;
}

.what {
  display: flex;
  flex-direction: column;
}

.what b {
  color: var(--indigo);
}

small {
  color: var(--soft-ink);
  font-size: var(--type-1);
}

.open {
  color: var(--indigo);
}

ol {
  margin: 0 0 0 var(--space-4);
  padding: 0;
  list-style: none;
}

@media (max-width: 760px) {
  .bare :deep(> span) {
    grid-template-columns: 1fr auto;
  }

  .day {
    grid-column: 1 / -1;
  }
}
</style>
