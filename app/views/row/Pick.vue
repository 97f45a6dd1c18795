<script setup lang="ts">
// Picks a hive, to do something with several at once.
defineProps<{ name: string; picked: boolean }>()
defineEmits<{ pick: [on: boolean] }>()
</script>

<template>
  <ElCheckbox
    :model-value="picked"
    :aria-label="`Pick ${name}`"
    :data-testid="`pick-${name}`"
    class="box"
    @update:model-value="$emit('pick', $event === true)"
  />
</template>

<style scoped>
.box {
  min-width: 44px;
  min-height: 44px;
}
</style>
