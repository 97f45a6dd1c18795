<script setup lang="ts">
// What hives are weighed as here, said wherever it acts, until one leaves the view.
import { FULLNESS_WORDS } from '#core/words'

const weighing = useWeighing()
</script>

<template>
  <ElTag
    v-if="weighing.fullness !== 'as-said'"
    closable
    disable-transitions
    class="tag"
    data-testid="weighed-as"
    @close="weighing.asSaid()"
    >Weighed as: {{ FULLNESS_WORDS[weighing.fullness] }}</ElTag
  >
</template>

<style scoped>
.tag {
  --el-tag-font-size: var(--type-3);
  --el-tag-text-color: var(--ink);
  --el-tag-bg-color: #fff8e8;
  --el-tag-border-color: var(--watch);
  height: 34px;
}
</style>
