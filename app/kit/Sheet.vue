<script setup lang="ts">
// Something to do or read on top of a view: a dialog at a desk, a drawer from below on a phone. Focus goes back to
// what opened it.
import { useEventListener, useMediaQuery } from '@vueuse/core'

withDefaults(defineProps<{ title: string; width?: string; top?: string; held?: boolean }>(), {
  width: 'min(620px, 94vw)',
  top: '10vh',
})
const emit = defineEmits<{ close: []; opened: [] }>()
const small = useMediaQuery('(max-width: 760px)')
const openedBy = lastHeld()
const inside = ref<HTMLElement | null>(null)
// The head of a sheet is no banner of the page.
onMounted(async () => {
  await nextTick()
  for (const head of document.querySelectorAll('.el-overlay header')) head.setAttribute('role', 'presentation')
})
// A menu hands the focus to its button after the sheet it opened has taken it: a sheet holds it fast.
useEventListener(document, 'focusin', ({ target }) => {
  if (!(target instanceof Element) || target.closest('.el-overlay, .el-popper')) return
  inside.value?.closest<HTMLElement>('[role="dialog"][tabindex], .el-drawer, .el-dialog')?.focus()
})
onBeforeUnmount(() => {
  const own = inside.value?.closest('.el-overlay')
  // While it fades out it holds the focus fast.
  function giveBack() {
    if (own?.isConnected) requestAnimationFrame(giveBack)
    else if (!document.activeElement?.closest('#__nuxt, .el-overlay'))
      (openedBy?.isConnected ? openedBy : document.getElementById('view'))?.focus()
  }
  void nextTick(giveBack)
})
</script>

<template>
  <ElDrawer
    v-if="small"
    :model-value="true"
    :title="title"
    direction="btt"
    size="auto"
    append-to-body
    class="sheet"
    :show-close="!held"
    :close-on-click-modal="!held"
    :close-on-press-escape="!held"
    @opened="emit('opened')"
    @close="emit('close')"
  >
    <div ref="inside"><slot /></div>
  </ElDrawer>
  <ElDialog
    v-else
    :model-value="true"
    :title="title"
    :width="width"
    :top="top"
    append-to-body
    :show-close="!held"
    :close-on-click-modal="!held"
    :close-on-press-escape="!held"
    @opened="emit('opened')"
    @close="emit('close')"
  >
    <div ref="inside"><slot /></div>
  </ElDialog>
</template>
