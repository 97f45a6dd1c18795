<script setup lang="ts">
// What the way beside the hive gains and gives up, told as whoever keeps to it would; kept with one press.
import type { WinterWay } from '#core/ask'
import { winterWayCase, winterWayWord } from '#core/words'

const props = defineProps<{ way: WinterWay | undefined }>()
const emit = defineEmits<{ keep: [way: WinterWay] }>()
const preferences = usePreferences()
const said = computed(() => props.way && winterWayCase(props.way, preferences.reader))
</script>

<template>
  <section class="choose" aria-label="What it gains and gives up">
    <h2>{{ way ? winterWayWord(way, preferences.reader) : 'Beside it' }}</h2>
    <template v-if="said && way">
      <p><b>Gains:</b> {{ said.gains }}</p>
      <p><b>Gives up:</b> {{ said.gives }}</p>
      <p class="soft"><b>At its best:</b> {{ said.best }} <b>Not known:</b> {{ said.unknown }}</p>
      <ElButton v-if="way.compare === undefined" data-testid="keep-way" @click="emit('keep', way)"
        >Winter this hive so</ElButton
      >
      <p v-else-if="way.compare !== undefined" class="soft">
        Compared only: boxes are changed on a mild day, not by a press.
      </p>
    </template>
  </section>
</template>

<style scoped>
.choose {
  display: grid;
  gap: var(--space-3);
}
</style>
