<script setup lang="ts">
const yards = useYards()
const sync = useSync()
const conflict = useConflict()
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
  <div class="whole">
    <ShellNotices />
    <div class="view"><NuxtPage /></div>
  </div>
  <ShellConflict v-if="conflict.open && conflict.clash" />
  <LazyShellAside v-if="aside.shown" />
  <ShellMessage />
</template>

<style scoped>
.whole {
  display: flex;
  flex-direction: column;
  height: 100%;
}

.view {
  flex: 1;
  min-height: 0;
}
</style>
