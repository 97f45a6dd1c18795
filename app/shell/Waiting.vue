<script setup lang="ts">
// How much waits on this device, and since when: pressed, it says more.
const journal = useJournal()
const shell = useShell()
const waiting = useWaiting()
/** What goes in at once is not counted out loud. */
const SETTLE_MS = 1500
const shown = ref(false)
let timer: ReturnType<typeof setTimeout> | undefined
watch(
  () => [waiting.value.count, journal.trouble] as const,
  ([count, trouble]) => {
    clearTimeout(timer)
    if (count === 0) shown.value = false
    else if (trouble) shown.value = true
    else timer = setTimeout(() => (shown.value = journal.count > 0), SETTLE_MS)
  },
  { immediate: true },
)
onBeforeUnmount(() => clearTimeout(timer))
</script>

<template>
  <ElButton
    v-if="shown"
    text
    class="waiting"
    data-testid="waiting"
    :aria-label="`${waiting.words}: look at what waits`"
    @click="shell.ofDevice = true"
    ><ElIconUpload class="icon" aria-hidden="true" /><span class="words"
      ><b>{{ waiting.count }}</b> {{ waiting.count === 1 ? 'waits' : 'wait' }}<br /><small class="wide">{{
        waiting.since
      }}</small
      ><small class="narrow">{{ waiting.at }}</small></span
    ></ElButton
  >
</template>

<style scoped>
.waiting {
  border: 2px solid var(--watch);
  border-radius: 10px;
  padding: var(--space-1) var(--space-3);
  background: #fff8e8;
  color: var(--ink);
}

.icon {
  width: 18px;
  height: 18px;
  margin-right: var(--space-2);
}

.words {
  font-size: var(--type-1);
  line-height: 1.15;
  text-align: left;
  white-space: nowrap;
}

small {
  font-size: var(--type-1);
}

/* One line of a phone has no room for the word. */
@media (max-width: 760px) {
  .el-button.waiting {
    padding: var(--space-1) var(--space-2);
  }

  .icon,
  .wide {
    display: none;
  }
}

@media (min-width: 761px) {
  .narrow {
    display: none;
  }
}
</style>
