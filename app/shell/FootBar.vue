<script setup lang="ts">
// The bar at the foot of a phone: the row, what is due, the hive one is at, and every other view.
const view = useView()
const shell = useShell()
const route = useRoute()
const ways = computed(() => waysFrom(view.yard, view.hive))
const row = computed(() => ways.value.yard[0]!)
const due = computed(() => ways.value.yard.find(({ word }) => word === 'Due'))
const bench = computed(() => ways.value.hive[0])
const inHive = computed(() => ways.value.hive.some((way) => isHere(way, route.path)))
</script>

<template>
  <nav class="foot-bar" aria-label="Views">
    <NuxtLink :to="row.path" :aria-current="isHere(row, route.path) ? 'page' : undefined"
      ><ElIconHouse class="icon" aria-hidden="true" />Row</NuxtLink
    >
    <NuxtLink v-if="due" :to="due.path" :aria-current="isHere(due, route.path) ? 'page' : undefined"
      ><ElIconCalendar class="icon" aria-hidden="true" />Due</NuxtLink
    >
    <NuxtLink v-if="bench" :to="bench.path" :aria-current="inHive ? 'page' : undefined"
      ><ElIconBox class="icon" aria-hidden="true" />Hive</NuxtLink
    >
    <ElButton class="bare" data-testid="more-views" @click="shell.listing = true"
      ><ElIconMoreFilled class="icon" aria-hidden="true" />More</ElButton
    >
  </nav>
</template>

<style scoped>
.foot-bar {
  display: none;
}

.icon {
  width: 20px;
  height: 20px;
}

@media (max-width: 760px) {
  .foot-bar {
    position: fixed;
    right: 0;
    bottom: 0;
    left: 0;
    z-index: 20;
    display: grid;
    grid-auto-columns: 1fr;
    grid-auto-flow: column;
    height: var(--foot);
    border-top: 2px dashed var(--seam);
    background: var(--paper);
  }

  a,
  .el-button.bare {
    display: flex;
    flex-direction: column;
    gap: var(--space-1);
    align-items: center;
    justify-content: center;
    min-height: 44px;
    color: var(--indigo);
    font-size: var(--type-1);
    text-decoration: none;
  }

  a[aria-current] {
    box-shadow: inset 0 3px 0 var(--indigo);
    color: var(--ink);
    font-weight: 700;
  }
}
</style>
