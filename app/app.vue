<script setup lang="ts">
import { until, useEventListener } from '@vueuse/core'

/** What a view needs comes first, ms. */
const LATER_MS = 300
const yards = useYards()
const journal = useJournal()
const shell = useShell()
useShellKeys()
/** Changes that a page left behind are taken up when one comes back to this one. */
function back() {
  if (document.visibilityState === 'visible') void journal.takeUp()
}
// Where the router is, not the page that is drawn: without one nothing would say that a new one has come.
const { currentRoute } = useRouter()
/** The address names a yard or a hive that is not here. */
const lost = computed(() => {
  const { yardId, hiveId } = namedBy(currentRoute.value.params)
  if (!yards.loaded || yardId === null) return false
  const yard = yards.yards.find(({ id }) => id === yardId)
  return !yard || (hiveId !== null && !yard.hives.some(({ id }) => id === hiveId))
})
const me = useMe()
onMounted(() => {
  void yards.load()
  void me.load()
})
useEventListener(document, 'visibilitychange', back)
useEventListener(window, 'online', () => void journal.takeUp())
const app = useApp()
const along = useAlong()
// Once the first view is drawn: what is kept for later is no part of it.
until(() => yards.loaded)
  .toBe(true)
  .then(() =>
    setTimeout(() => {
      // Without a service worker it could not be fetched when it is needed.
      import('~/shell/Device.vue').catch(() => {})
      void app.start().then(along.renew)
    }, LATER_MS),
  )
</script>

<template>
  <DrawingHatchesOnce />
  <div class="whole">
    <ShellHeader />
    <ShellNotices />
    <div id="view" class="view" tabindex="-1">
      <ShellWayOn v-if="lost && !me.mustSignIn" title="There is nothing at this address">
        <p>
          That yard or hive is not here: a letter may be missing, or it has been removed, and undo in its yard brings it
          back.
        </p>
      </ShellWayOn>
      <LazyShellSignIn v-else-if="me.mustSignIn && currentRoute.path !== '/join'" />
      <NuxtPage v-else />
    </div>
    <ShellFootBar />
  </div>
  <LazyShellFinder v-if="shell.seeking" :sought="shell.seeking" @close="shell.seeking = null" />
  <LazyShellAllViews v-if="shell.listing" @close="shell.listing = false" />
  <LazyShellDevice v-if="shell.ofDevice" @close="shell.ofDevice = false" />
  <LazyShellHelp v-if="shell.helping" @close="shell.helping = false" />
  <LazyShellConflict v-if="journal.question" :question="journal.question" />
  <LazyShellAside v-if="journal.aside.shown" />
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

.view:focus {
  outline: none;
}

@media (max-width: 760px) {
  .whole {
    height: auto;
    min-height: 100%;
  }

  .view {
    padding-bottom: var(--foot);
  }
}
</style>
