<script setup lang="ts">
// What is looked for in the row, in which order, and how it is drawn.
import { there } from '#core/units'
import { LAYOUTS, ORDERS, type Order, type RowLayout } from './useRowOrder'

const order = defineModel<Order>('order', { required: true })
const layout = defineModel<RowLayout>('layout', { required: true })
defineProps<{ planned: boolean }>()
const row = useRow()
const orderWord = computed(() => there(ORDERS.find(([one]) => one === order.value))[1])
</script>

<template>
  <div class="bar" role="search" aria-label="Hives of the row">
    <ElInput
      v-model="row.search"
      class="search"
      aria-label="Search the row by name"
      placeholder="Search by name"
      maxlength="80"
      clearable
      data-testid="row-search"
    />
    <UiMenu
      text
      :entries="ORDERS.map(([one, word]) => ({ command: one, word, chosen: one === order }))"
      data-testid="row-order"
      :aria-label="`Order: ${orderWord}`"
      @command="order = $event"
      >{{ orderWord }}<ElIconArrowDown class="caret" aria-hidden="true"
    /></UiMenu>
    <UiModes v-model="layout" :of="LAYOUTS" name="How the hives are drawn" />
    <ElButton v-if="!planned && !row.picking" text data-testid="pick-several" @click="row.begin()">
      Pick several
    </ElButton>
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-4);
  align-items: center;
  padding: var(--space-3) var(--space-5) 0;
}

.search {
  width: 220px;
}

.caret {
  width: 13px;
  height: 13px;
}

@media (max-width: 760px) {
  .search {
    flex: 1 1 100%;
  }
}
</style>
