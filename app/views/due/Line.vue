<script setup lang="ts">
// One line of what is due: its day, what and why, and what becomes of it.
import type { DueLine } from '#core/book'
import type { DueWords } from '#core/words'

defineProps<{
  line: DueLine
  words: DueWords
  /** The hive that it is due at, and where it is done. */
  hive: string
  to: string
  today: string
  /** Whether it is due at a hive, whose book takes the answer; a loan is done in the shed. */
  ofHive: boolean
  /** Why it waits for a warmer day; nothing where it need not. */
  waits: string
}>()
defineEmits<{ done: []; 'put-off': []; drop: [] }>()
const preferences = usePreferences()
</script>

<template>
  <li :data-due="line.id" :class="{ late: line.day < today }">
    <span class="day">{{ preferences.day(line.day) }}</span>
    <NuxtLink class="what" :to="to">
      <b>{{ hive }}: {{ words.text }}</b>
      <small
        ><b v-if="waits" class="cold">{{ waits }} </b>{{ words.why
        }}{{ line.wasDay ? `; put off from ${preferences.day(line.wasDay)}` : '' }}</small
      >
    </NuxtLink>
    <span v-if="ofHive" class="large-acts">
      <ElButton :aria-label="`Done: ${words.text}`" @click="$emit('done')">Done</ElButton>
      <ElButton :aria-label="`Put off: ${words.text}`" @click="$emit('put-off')">Put off</ElButton>
      <ElButton text :aria-label="`Drop: ${words.text}`" @click="$emit('drop')">Drop</ElButton>
    </span>
    <span v-else class="large-acts"><NuxtLink :to="to">To the shed</NuxtLink></span>
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 116px minmax(0, 1fr) auto;
  gap: var(--space-2) var(--space-5);
  align-items: center;
  padding: var(--space-3) var(--space-3);
  border-bottom: 1px solid var(--seam);
  background: var(--sheet);
}

.late {
  border-left: 5px solid var(--watch);
}

.day {
  font-variant-numeric: tabular-nums;
}

.what {
  display: flex;
  flex-direction: column;
  justify-content: center;
  min-height: 44px;
  color: var(--ink);
  text-decoration: none;
}

.what b {
  color: var(--indigo);
}

small {
  color: var(--soft-ink);
  font-size: var(--type-1);
}

.what .cold {
  color: var(--stop);
}

@media (max-width: 760px) {
  li {
    grid-template-columns: 1fr;
  }
}
</style>
