<script setup lang="ts">
// Which hive a view is about; found by typing, and quick with a thousand of them.
const props = defineProps<{ hives: readonly { readonly id: string; readonly name: string; readonly yard?: string }[]; chosen: string | undefined }>()
const emit = defineEmits<{ choose: [hiveId: string] }>()
const options = computed(() => props.hives.map(({ id, name, yard }) => ({ value: id, label: yard ? `${name}, ${yard}` : name })))
</script>

<template>
  <span class="choice"><span id="hive-choice">Hive</span> <ElSelectV2 :model-value="chosen ?? ''" :options="options" filterable :fit-input-width="260" aria-label="Hive" placeholder="Choose a hive" class="select" @update:model-value="emit('choose', String($event))" /></span>
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
</style>
