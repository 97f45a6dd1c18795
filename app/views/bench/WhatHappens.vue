<script setup lang="ts">
// What will happen: the verdict on the hive, its weight, the joint that is looked at, and every finding.
import { worstOf } from '#core/ask'
import type { Finding, Remedy } from '#core/rules'
import { gapKey } from '#core/stack'
import { counted, severityWord } from '#core/words'
import * as deeds from '#core/yard/deeds'

defineProps<{ whole: boolean }>()
const bench = useBench()
const preferences = usePreferences()
const triedRemedy = shallowRef<Remedy | null>(null)
watch(
  () => bench.tried,
  (tried) => {
    if (!tried) triedRemedy.value = null
  },
)
const gap = computed(() => bench.shown?.gaps.find((one) => gapKey(one) === bench.selectedGap))
/** While something is in the hand the docket tells of the hive as it would be. */
const docket = computed(() => {
  if (bench.hand && bench.shown) return { assessment: bench.shown, names: bench.shownNames }
  return bench.assessment ? { assessment: bench.assessment, names: bench.names } : null
})
const worst = computed(() => (bench.known ? worstOf(bench.known) : 'good'))
const summary = computed(() => {
  if (!bench.assessment) return ''
  if (bench.hive?.stack.length === 0) return 'Not a hive yet: bare ground'
  const open = bench.assessment.findings.filter(({ acceptance, severity }) => !acceptance && severity !== 'note')
  return open.length === 0 ? 'Nothing to mend' : `${severityWord(worst.value)}: ${counted(open.length, 'finding')}`
})
function show(finding: Finding) {
  const found = bench.shown?.gaps.find((one) => finding.key.endsWith(gapKey(one)))
  bench.selectedGap = found ? gapKey(found) : null
  if (!found) bench.selectedId = finding.partIds[0] ?? null
}
function tryRemedy(remedy: Remedy | null) {
  bench.tried = remedy?.edit ?? null
  triedRemedy.value = remedy
}
function apply(remedy: Remedy) {
  bench.perform(remedy.edit)
  triedRemedy.value = null
}
function accept(finding: Finding, reason: string) {
  if (bench.hive) bench.perform(deeds.accept(bench.hive, finding, reason))
}
function withdraw(finding: Finding) {
  if (bench.hive) bench.perform(deeds.withdraw(bench.hive, finding))
}
</script>

<template>
  <aside class="right side-column" aria-label="What will happen">
    <p class="summary" data-testid="summary">
      <ShellSeverityMark :grade="worst" />
      {{ summary }}
    </p>
    <p v-if="bench.hive?.note" class="soft">{{ bench.hive.note }}</p>
    <BenchWeightCard
      v-if="bench.mass && whole"
      :mass="bench.mass"
      :selected-id="bench.selectedId"
      :names="bench.shownNames"
    />
    <BenchJointCard
      v-if="gap && bench.shown"
      :assessment="bench.shown"
      :gap="gap"
      :names="bench.shownNames"
      :reader="preferences.reader"
      @close="bench.selectedGap = null"
    />
    <BenchDocket
      v-if="docket && whole"
      :assessment="docket.assessment"
      :names="docket.names"
      :reader="preferences.reader"
      :selected-id="bench.selectedId"
      :tried="triedRemedy"
      :dry="bench.hand !== null"
      @show="show"
      @show-all="bench.selectedId = null"
      @try="tryRemedy"
      @apply="apply"
      @accept="accept"
      @withdraw="withdraw"
    />
  </aside>
</template>

<style scoped>
.summary {
  display: flex;
  gap: var(--space-3);
  align-items: center;
  font-size: var(--type-4);
  font-weight: 700;
}

@media (max-width: 1020px) {
  .right {
    border: 0;
    border-top: 2px dashed var(--seam);
    overflow: visible;
  }
}
</style>
