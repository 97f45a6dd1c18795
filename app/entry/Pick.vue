<script setup lang="ts" generic="T extends string">
// Something seen or not, in large steps: press it to say so, press it again to leave it unsaid.
const props = defineProps<{
  name: string
  of: readonly (readonly [value: T, word: string])[]
  /** Several may be true. */
  many?: boolean
}>()
const model = defineModel<T | readonly T[] | undefined>({ required: true })
const isOn = (value: T) => (Array.isArray(model.value) ? model.value.includes(value) : model.value === value)
function press(value: T) {
  if (!props.many) {
    model.value = isOn(value) ? undefined : value
    return
  }
  const said: readonly T[] = Array.isArray(model.value) ? model.value : []
  const next = said.includes(value) ? said.filter((one) => one !== value) : [...said, value]
  model.value = next.length > 0 ? next : undefined
}
</script>

<template>
  <div class="pick" role="group" :aria-label="name">
    <span class="name">{{ name }}</span>
    <ElButton
      v-for="[value, word] in of"
      :key="value"
      :aria-pressed="isOn(value)"
      :data-pick="value"
      :class="{ on: isOn(value) }"
      @click="press(value)"
    >
      {{ said(word) }}
    </ElButton>
  </div>
</template>

<style scoped>
.pick {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
  align-items: center;
}

.name {
  min-width: 120px;
  font-weight: 700;
}

.pick .el-button {
  min-height: 46px;
  margin: 0;
  padding: var(--space-2) var(--space-4);
  white-space: normal;
}

@media (max-width: 760px) {
  .name {
    flex-basis: 100%;
  }
}

.on {
  color: var(--sheet);
  background: var(--indigo);
}
</style>
