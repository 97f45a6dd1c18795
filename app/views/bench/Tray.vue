<script setup lang="ts">
// The tray of parts: press one and it goes to its usual place, or drag it anywhere onto the stack.
import { there } from '#core/units'
import { STARTING_FORMAT, type Pattern, formatsOf, isRack, resolvePart, type Part } from '#core/parts'
import { shedOf } from '#core/yard'
import { capital, partDetail, shortPatternName } from '#core/words'
import { TRAY_FORMATS, trayFor } from '~/drawing/tray'
import { vDragPart } from './dragPart'

const emit = defineEmits<{ taken: [] }>()
const bench = useBench()
const preferences = usePreferences()
const chosen = ref<Pattern['format'] | null>(null)

const own = computed<Pattern['format']>(() =>
  bench.assessment ? (formatsOf(bench.assessment.assembled.stack)[0] ?? 'any') : 'any',
)
const format = computed<Pattern['format']>({
  get: () => chosen.value ?? (own.value === 'any' ? STARTING_FORMAT : own.value),
  set: (value) => {
    chosen.value = value
  },
})
watch(
  () => bench.hiveId,
  () => {
    chosen.value = null
  },
)
const patternOf = (patternId: string) => bench.catalogue.patterns.get(patternId)
const nameOf = (pattern: Pattern | undefined, patternId: string) =>
  pattern ? shortPatternName(pattern, preferences.vocabulary) : patternId
const sought = ref('')
const opened = ref<ReadonlySet<string>>(new Set())
const isNamed = (pattern: Pattern) => isSought(nameOf(pattern, pattern.id))
const isSought = (name: string) => name.toLowerCase().includes(sought.value.trim().toLowerCase())
const groups = computed(() =>
  trayFor(bench.catalogue, format.value, bench.assessment?.assembled.stack)
    .map(({ title, patterns, rare }) => {
      const found = rare.filter(isNamed)
      const unfolded = sought.value.trim() !== '' || opened.value.has(title)
      return {
        title,
        patterns: [...patterns.filter(isNamed), ...(unfolded ? found : [])],
        folded: unfolded ? 0 : found.length,
      }
    })
    .filter(({ patterns, folded }) => patterns.length + folded > 0),
)
const shed = computed(() =>
  (bench.yard ? shedOf(bench.yard) : []).filter(
    (part) =>
      !isRack({ pattern: bench.catalogue.patterns.get(part.patternId) }) &&
      isSought(part.name ?? nameOf(patternOf(part.patternId), part.patternId)),
  ),
)
const over = computed(() => (bench.overId ? bench.names.get(bench.overId) : undefined))
function take(patternId: string) {
  bench.putPattern(patternId)
  emit('taken')
}

function takeFromShed(part: Part): void {
  bench.putFromShed(part)
  emit('taken')
}
</script>

<template>
  <nav class="tray" aria-label="Parts to add">
    <label class="format"
      >Format
      <ElSelect v-model="format" data-testid="tray-format" filterable>
        <ElOption v-for="one in TRAY_FORMATS" :key="one.format" :value="one.format" :label="capital(one.name)" />
      </ElSelect>
    </label>
    <ElInput
      v-model="sought"
      class="search"
      aria-label="Search the parts"
      placeholder="Search the parts"
      maxlength="60"
      clearable
      data-testid="tray-search"
    />
    <p v-if="over" class="over" role="status">
      The next part goes over {{ over }}.
      <ElButton text @click="bench.overId = null">At its usual place</ElButton>
    </p>
    <p v-if="groups.length === 0 && shed.length === 0" role="status">
      No part of {{ TRAY_FORMATS.find((one) => one.format === format)?.name }} is called that.
    </p>
    <section v-for="group in groups" :key="group.title">
      <h2>{{ said(group.title) }}</h2>
      <ElButton
        v-for="pattern in group.patterns"
        :key="pattern.id"
        v-drag-part="{ patternId: pattern.id }"
        class="bare item"
        :data-pattern="pattern.id"
        @click="take(pattern.id)"
      >
        <DrawingPatternPicture :pattern="pattern" />
        <span>{{ nameOf(pattern, pattern.id) }}</span>
      </ElButton>
      <ElButton
        v-if="group.folded > 0"
        text
        :data-more="group.title"
        :aria-label="`${group.folded} more, seldom used: ${said(group.title).toLowerCase()}`"
        @click="opened = new Set([...opened, group.title])"
        >{{ group.folded }} more…</ElButton
      >
    </section>
    <section v-if="shed.length > 0">
      <h2>In the shed</h2>
      <ElButton
        v-for="part in shed"
        :key="part.id"
        v-drag-part="{ shedId: part.id }"
        class="bare item"
        :data-shed="part.id"
        @click="takeFromShed(part)"
      >
        <DrawingPatternPicture v-if="patternOf(part.patternId)" :pattern="there(patternOf(part.patternId))" />
        <span
          >{{ part.name ?? nameOf(patternOf(part.patternId), part.patternId)
          }}<small>{{
            partDetail(resolvePart(part, bench.catalogue), preferences.vocabulary).split(', ').at(-1)
          }}</small></span
        >
      </ElButton>
    </section>
  </nav>
</template>

<style scoped>
.tray {
  display: flex;
  flex-direction: column;
  gap: var(--space-3);
}

h2 {
  margin: 0 0 var(--space-1);
  font-size: var(--type-2);
  color: var(--soft-ink);
}

.item {
  display: flex;
  align-items: center;
  gap: var(--space-3);
  width: 100%;
  min-height: 42px;
  padding: var(--space-2) var(--space-3);
  border: 1px solid transparent;
  border-radius: 7px;
  background: none;
  color: var(--ink);
  text-align: left;
  line-height: 1.15;
  cursor: grab;
}

.item:hover {
  border-color: var(--seam);
  background: var(--sheet);
}

small {
  display: block;
  color: var(--soft-ink);
  font-size: var(--type-1);
}

.format {
  color: var(--soft-ink);
  font-size: var(--type-2);
}

.el-select {
  --el-select-width: 100%;
  width: 100%;
}
</style>
