<script setup lang="ts">
// Every view, on a phone: of the hive, of the yard, and what is looked up.
const emit = defineEmits<{ close: [] }>()
const view = useView()
const shell = useShell()
const route = useRoute()
const rungs = computed(() => {
  const { hive, yard, reference } = waysFrom(view.yard, view.hive)
  return [
    { title: view.hive?.name ?? '', ways: hive },
    { title: view.yard?.name ?? 'Yards', ways: yard },
    { title: 'To look up', ways: reference },
  ].filter(({ ways }) => ways.length > 0)
})
// A view that was gone to closes the list, whichever way it was gone to.
watch(
  () => route.path,
  () => emit('close'),
)
function find() {
  emit('close')
  shell.seeking = 'anything'
}
</script>

<template>
  <UiSheet title="All views" @close="emit('close')">
    <section v-for="{ title, ways } in rungs" :key="title" :aria-label="title">
      <h3>{{ title }}</h3>
      <p class="ways">
        <NuxtLink
          v-for="way in ways"
          :key="way.word"
          :to="way.path"
          class="plain-button"
          :aria-current="isHere(way, route.path) ? 'page' : undefined"
          @click="emit('close')"
          >{{ way.word }}</NuxtLink
        >
      </p>
    </section>
    <ElButton type="primary" @click="find">Find another hive or yard</ElButton>
  </UiSheet>
</template>

<style scoped>
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
  padding: var(--space-3) 0 var(--space-5);
}

.ways a {
  min-width: 84px;
  min-height: 44px;
}
</style>
