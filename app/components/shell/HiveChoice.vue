<script setup lang="ts">
// Which hive a view is about; found by typing, and quick with a thousand of them.
const props = defineProps<{
  hives: readonly { readonly id: string; readonly name: string; readonly yard?: string }[]
  chosen: string | undefined
}>()
const emit = defineEmits<{ choose: [hiveId: string] }>()
const drawn = useInTurn(1)
/** A thousand hives are only made into choices once somebody reaches for them. */
const reached = ref(false)
const options = computed(() =>
  props.hives
    .filter(({ id }) => reached.value || id === props.chosen)
    .map(({ id, name, yard }) => ({ value: id, label: yard ? `${name}, ${yard}` : name })),
)
</script>

<template>
  <span class="choice"
    ><span id="hive-choice">Hive</span>
    <ElSelectV2
      v-if="drawn > 0"
      :model-value="chosen ?? ''"
      :options="options"
      filterable
      :persistent="false"
      :fit-input-width="260"
      aria-label="Hive"
      placeholder="Choose a hive"
      class="select"
      @focus="reached = true"
      @pointerenter="reached = true"
      @update:model-value="emit('choose', String($event))" /><span v-else class="select place"
  /></span>
</template>

<style scoped>
.choice {
  display: inline-flex;
  gap: 6px;
  align-items: center;
}

.select {
  width: 200px;
}

.place {
  height: 32px;
}
</style>
