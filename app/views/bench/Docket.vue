<script setup lang="ts">
// What will happen: the findings, worst first, those of the selected part alone when one is selected.
import { there } from '#core/units'
import { type Assessment, remediesOf, type Finding, type Remedy } from '#core/rules'
import { capital, findingInWords, the, type Reader } from '#core/words'
import { gapKey } from '#core/stack'

const props = defineProps<{
  assessment: Assessment
  names: ReadonlyMap<string, string>
  reader: Reader
  selectedId: string | null
  tried: Remedy | null
  dry?: boolean
}>()
const emit = defineEmits<{
  show: [finding: Finding]
  showAll: []
  try: [remedy: Remedy | null]
  apply: [remedy: Remedy]
  accept: [finding: Finding, reason: string]
  withdraw: [finding: Finding]
}>()

const bench = useBench()
const listed = computed(() => {
  const { selectedId } = props
  const about = (finding: Finding) =>
    finding.partIds.includes(there(selectedId)) || remediesOf(finding).some(({ partId }) => partId === selectedId)
  const some = selectedId && !props.dry ? props.assessment.findings.filter(about) : props.assessment.findings
  return findingCards(
    some,
    (finding) => findingInWords(finding, props.names, bench.catalogue, props.reader),
    props.dry ?? false,
  )
})
const good = computed(() =>
  props.assessment.gaps.filter(
    ({ grade, verdict, lowerId, upperId }) =>
      grade === 'good' &&
      verdict !== 'out-of-reach' &&
      (!props.selectedId || props.dry || lowerId === props.selectedId || upperId === props.selectedId),
  ),
)
const goodPairs = computed(() =>
  good.value.map((gap) => ({
    key: gapKey(gap),
    text: `${props.names.get(gap.upperId)} over ${the(props.names.get(gap.lowerId) ?? '')}`,
  })),
)
</script>

<template>
  <section class="docket" aria-label="What will happen">
    <h2>
      {{ dry ? 'What would happen, put down here' : 'What will happen' }}
      <ElButton v-if="selectedId && !dry" text @click="emit('showAll')">
        Show all {{ assessment.findings.length }}
      </ElButton>
    </h2>
    <p v-if="selectedId && !dry" class="filtered">About {{ the(names.get(selectedId) ?? '') }} only.</p>
    <BenchFindingCard
      v-for="card in listed"
      :key="card.key"
      :card="card"
      :tried="tried"
      :dry="dry"
      @show="emit('show', $event)"
      @try="emit('try', $event)"
      @apply="emit('apply', $event)"
      @accept="(finding, reason) => emit('accept', finding, reason)"
      @withdraw="emit('withdraw', $event)"
    />
    <article v-if="goodPairs.length > 0" class="good">
      <p class="head">
        <ShellSeverityMark grade="good" /> <b>Good</b> · {{ goodPairs.length }}
        {{ goodPairs.length === 1 ? 'gap as it should be' : 'gaps as they should be' }}
      </p>
      <p>{{ goodPairs.map(({ text }) => capital(text)).join('; ') }}.</p>
    </article>
    <p v-if="listed.length === 0 && goodPairs.length === 0" class="none">
      Nothing to say {{ selectedId ? 'about this part' : 'yet: put a floor, a box and a roof on the stack' }}.
    </p>
    <p class="caution">
      Figures are guidance. Bees, kit and weather differ: look before you trust a drawing. Stings can kill an allergic
      person; have help within call.
    </p>
  </section>
</template>

<style scoped>
.docket {
  display: flex;
  flex-direction: column;
  gap: var(--space-3);
}

h2 {
  display: flex;
  align-items: center;
  justify-content: space-between;
  min-height: 32px;
  font-size: var(--type-4);
}

h2 .el-button {
  min-height: 32px;
  padding: 0 var(--space-3);
  color: var(--indigo);
}

.filtered,
.caution {
  color: var(--soft-ink);
  font-size: var(--type-2);
}

.good {
  padding: var(--space-3) var(--space-4);
  border: 1px solid var(--seam);
  border-left: 6px solid var(--good);
  border-radius: 8px;
  background: var(--sheet);
  font-size: var(--type-2);
}

.head {
  display: flex;
  gap: var(--space-3);
  align-items: center;
  color: var(--good);
  font-size: var(--type-3);
}

.caution {
  padding-top: var(--space-3);
  border-top: 2px dashed var(--seam);
}
</style>
