<script setup lang="ts">
// The books of a yard together: mites, winters, trials, frames as stock, and everything out and in.
import { yardPath } from '~/composables/paths'

const MODES = [
  ['mites', 'Mites'],
  ['winters', 'Winters'],
  ['trials', 'Trials'],
  ['frames', 'Frames'],
  ['files', 'Out and in'],
] as const
const view = useView()
const yard = computed(() => view.yard)
const mode = useInAddress('see', modeOf(MODES), 'mites')
useHead({ title: computed(() => `Records of ${yard.value?.name ?? 'a yard'} – Duvet`) })
</script>

<template>
  <ShellPage :title="yard ? `Records of ${yard.name}` : 'Records'">
    <template #bar>
      <NuxtLink v-if="yard" class="way-to" :to="yardPath(yard.id, 'due')">What is due</NuxtLink>
      <UiModes v-model="mode" :of="MODES" name="What of the records" />
    </template>
    <ShellNothing v-if="!yard || yard.hives.length === 0" to="/" way="Start a hive in the row">
      No hive stands here yet. Mites, winters, trials and frames of all hives come together here.
    </ShellNothing>
    <div v-else class="records">
      <RecordsMites v-if="mode === 'mites'" :yard="yard" />
      <RecordsWinters v-else-if="mode === 'winters'" :yard="yard" />
      <RecordsTrials v-else-if="mode === 'trials'" :yard="yard" />
      <RecordsFrames v-else-if="mode === 'frames'" :yard="yard" />
      <RecordsFiles v-else :yard="yard" />
    </div>
  </ShellPage>
</template>

<style scoped>
.records {
  padding: 0 var(--space-5) calc(var(--space-6) + var(--foot));
}
</style>
