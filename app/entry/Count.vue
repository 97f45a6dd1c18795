<script setup lang="ts">
// A small number in large steps; unsaid until it is pressed, and unsaid again below nothing.
const props = defineProps<{ name: string; least?: number; step?: number }>()
const model = defineModel<number | undefined>({ required: true })
const step = computed(() => props.step ?? 1)
function less() {
  if (model.value === undefined) return
  const next = model.value - step.value
  model.value = next < (props.least ?? 0) ? undefined : next
}
function more() {
  model.value = model.value === undefined ? 0 : model.value + step.value
}
</script>

<template>
  <div class="count" role="group" :aria-label="name">
    <span class="name">{{ name }}</span>
    <ElButton :aria-label="`${name}: less`" :disabled="model === undefined" @click="less">−</ElButton>
    <output :aria-label="name">{{ model ?? 'not said' }}</output>
    <ElButton :aria-label="`${name}: more`" :data-more="name" @click="more">+</ElButton>
  </div>
</template>

<style scoped>
.count {
  display: flex;
  gap: var(--space-3);
  align-items: center;
}

.name {
  flex: 1;
  min-width: 120px;
  font-weight: 700;
}

output {
  min-width: 64px;
  text-align: center;
  font-variant-numeric: tabular-nums;
}

.count .el-button {
  min-width: 56px;
  min-height: 46px;
  margin: 0;
  font-size: var(--type-5);
}
</style>
