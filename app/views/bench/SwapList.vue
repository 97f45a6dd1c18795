<script setup lang="ts">
// What the selected part can be swapped for; looking at one shows it on the drawing.
import { there } from '#core/units'
import { findAll, type Pattern, inWords } from '#core/parts'
import { PLACEHOLDER, findPart, swapEdit } from '#core/yard'
import { capital } from '#core/words'

const props = defineProps<{ partId: string; name: string }>()
const emit = defineEmits<{ done: [] }>()
const bench = useBench()
const preferences = usePreferences()

const part = computed(() => bench.yard && findPart(bench.yard, props.partId))
const choices = computed(() => {
  const now = bench.catalogue.patterns.get(part.value?.patternId ?? '')
  return (now ? findAll(bench.catalogue, { kind: now.kind }) : []).filter(
    (pattern) => now && pattern.id !== now.id && (pattern.format === now.format || now.format === 'any'),
  )
})
function editFor(pattern: Pattern) {
  let n = 0
  return swapEdit(
    there(bench.hive),
    there(part.value),
    pattern,
    bench.catalogue,
    () => `${PLACEHOLDER}${pattern.id}/${n++}`,
  )
}
function choose(pattern: Pattern) {
  const at = bench.selectedIndex
  bench.perform(editFor(pattern))
  bench.selectedId = bench.hive?.stack[at]?.partId ?? null
  emit('done')
}
onBeforeUnmount(() => {
  bench.tried = null
})
</script>

<template>
  <nav class="swap" aria-label="Swap for">
    <h2>Swap {{ name }} for</h2>
    <ElButton
      v-for="pattern in choices"
      :key="pattern.id"
      class="bare item"
      @mouseenter="bench.tried = editFor(pattern)"
      @focus="bench.tried = editFor(pattern)"
      @mouseleave="bench.tried = null"
      @click="choose(pattern)"
    >
      <DrawingPatternPicture :pattern="pattern" />
      <span>{{ capital(inWords(pattern.label, preferences.vocabulary)) }}</span>
    </ElButton>
    <p v-if="choices.length === 0">The catalogue has no other pattern of this kind.</p>
    <ElButton @click="emit('done')">Leave it as it is</ElButton>
  </nav>
</template>

<style scoped>
.swap {
  display: flex;
  flex-direction: column;
  gap: var(--space-2);
}

h2 {
  margin-bottom: var(--space-2);
  font-size: var(--type-3);
}

.item {
  display: flex;
  align-items: center;
  gap: var(--space-3);
  min-height: 46px;
  padding: var(--space-2) var(--space-3);
  border: 1px solid var(--seam);
  border-radius: 7px;
  background: var(--sheet);
  color: var(--ink);
  text-align: left;
  line-height: 1.15;
  cursor: pointer;
}

.item:hover {
  border-color: var(--indigo);
}
</style>
