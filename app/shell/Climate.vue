<script setup lang="ts">
// On the views whose figures hang on the climate: asked as long as nobody has said it.
const view = useView()
const route = useRoute()
const asking = ref(false)
const HANGS = /\/(winter|weight|book|year|due)(\/|$)/
const yard = computed(() => (HANGS.test(route.path) ? view.yard : undefined))
/** The first winter figure asks again by itself, once. */
const shownFor = new Set<string>()
watch(
  [() => route.path, () => view.yard],
  ([path, here]) => {
    if (!path.endsWith('/winter') || !here || here.season?.calendar || shownFor.has(here.id)) return
    shownFor.add(here.id)
    asking.value = true
  },
  { immediate: true },
)
</script>

<template>
  <p
    v-if="yard && !yard.season?.calendar && !route.path.endsWith('/year')"
    class="climate"
    role="note"
    data-testid="climate-unsaid"
  >
    Climate not said: figures of winter and food are those of a cool place by the sea.
    <ElButton data-testid="say-climate" @click="asking = true">Say the climate of {{ yard.name }}</ElButton>
  </p>
  <LazyYearClimateSheet v-if="yard && asking" :yard="yard" @close="asking = false" />
</template>

<style scoped>
.climate {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3) var(--space-4);
  align-items: center;
  margin: 0;
  padding: var(--space-3) var(--space-5);
  border-bottom: 1px solid var(--seam);
  background: var(--sheet);
}
</style>
