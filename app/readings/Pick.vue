<script setup lang="ts" generic="T extends string">
// One thing that has to be known of a file: picked from a list.
defineProps<{
  label: string
  of: readonly (T | { readonly value: T; readonly label: string })[]
  test: string
  typed?: boolean
}>()
const model = defineModel<T>({ required: true })
const valueOf = (one: T | { readonly value: T }) => (typeof one === 'string' ? one : one.value)
const labelOf = (one: T | { readonly label: string }) => (typeof one === 'string' ? one : one.label)
</script>

<template>
  <ShellInTurn>
    <label>
      {{ label }}
      <ElSelect v-model="model" :data-testid="test" :filterable="typed" :empty-values="[null, undefined]">
        <ElOption v-for="one in of" :key="valueOf(one)" :value="valueOf(one)" :label="labelOf(one)" />
      </ElSelect>
    </label>
  </ShellInTurn>
</template>

<style scoped>
label {
  display: flex;
  flex-direction: column;
  font-size: var(--type-2);
}
</style>
