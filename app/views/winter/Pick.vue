<script setup lang="ts">
// Which other way stands beside the hive: what is changed, and to what.
import { WINTER_WAY_GROUPS, type WinterWay, type WinterWayGroup } from '#core/ask'
import { WINTER_GROUP_WORDS, winterWayWord } from '#core/words'

const props = defineProps<{ ways: readonly WinterWay[] }>()
const chosen = defineModel<string>({ required: true })
const preferences = usePreferences()
const group = computed<WinterWayGroup>({
  get: () => props.ways.find(({ id }) => id === chosen.value)?.group ?? 'top',
  set: (next) => {
    chosen.value = props.ways.find((one) => one.group === next)?.id ?? ''
  },
})
</script>

<template>
  <span class="pick">
    <ElSelect v-model="group" aria-label="What is changed" data-testid="way-group">
      <ElOption v-for="one in WINTER_WAY_GROUPS" :key="one" :value="one" :label="said(WINTER_GROUP_WORDS[one])" />
    </ElSelect>
    <ElSelect v-model="chosen" aria-label="Changed to" data-testid="way" filterable>
      <ElOption
        v-for="one in ways.filter((each) => each.group === group)"
        :key="one.id"
        :value="one.id"
        :label="winterWayWord(one, preferences.reader)"
      />
    </ElSelect>
  </span>
</template>

<style scoped>
.pick {
  display: inline-grid;
  flex: 1;
  grid-template-columns: 158px minmax(0, 1fr);
  gap: var(--space-3);
}

@media (max-width: 760px) {
  .pick {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
