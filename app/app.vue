<script setup lang="ts">
const yards = useYards()
const sync = useSync()
const aside = useAside()
/** Changes that a page left behind are taken up when one comes back to this one. */
function back() {
  if (document.visibilityState === 'visible') void sync.takeUp()
}
onMounted(() => {
  void yards.load()
  document.addEventListener('visibilitychange', back)
})
onBeforeUnmount(() => document.removeEventListener('visibilitychange', back))
</script>

<template>
  <DrawingHatchesOnce />
  <NuxtPage />
  <ShellConflict v-if="sync.conflict && sync.clash" />
  <LazyShellAside v-if="aside.shown" />
  <ShellMessage />
</template>
