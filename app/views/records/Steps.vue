<script setup lang="ts">
// The steps of a visit that takes frames or joins colonies, ticked off one by one; what is ticked is there again after
// a call or a closed page.
import { useKept } from '~/composables/kept'

const props = defineProps<{ id: string; lines: readonly string[] }>()
/** All of them are ticked. */
const done = defineModel<boolean>('done', { required: true })
const ticked = useKept<number[]>(`duvet.steps.${props.id}`, [])
watch(
  () => props.lines.every((_, i) => ticked.value.includes(i)),
  (all) => {
    done.value = all
  },
  { immediate: true },
)
</script>

<template>
  <ElCheckboxGroup v-model="ticked" class="steps" aria-label="Steps">
    <ElCheckbox v-for="(line, i) in lines" :key="line" :value="i" :data-tick="i">{{ line }}</ElCheckbox>
  </ElCheckboxGroup>
</template>

<style scoped>
.steps {
  display: flex;
  flex-direction: column;
  gap: var(--space-2);
}

.steps .el-checkbox {
  height: auto;
  min-height: 44px;
  margin: 0;
  white-space: normal;
}
</style>
