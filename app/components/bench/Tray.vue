<script setup lang="ts">
// The tray of parts: press one to take it in the hand, or drag it onto the stack.
import type { Pattern } from '#core/catalogue'
import { formatsOf, resolvePart } from '#core/parts'
import { shedOf, type Part } from '#core/hive'
import { capital, partDetail, shortPatternName } from '#core/wording'
import { TRAY_FORMATS, trayFor } from '~/drawing/tray'
import { vDragPart } from '~/composables/dragPart'

const emit = defineEmits<{ taken: [] }>()
const bench = useBench()
const preferences = usePreferences()
const chosen = ref<Pattern['format'] | null>(null)

const own = computed<Pattern['format']>(() =>
  bench.assessment ? (formatsOf(bench.assessment.assembled.stack)[0] ?? 'any') : 'any',
)
const format = computed<Pattern['format']>({
  get: () => chosen.value ?? (own.value === 'any' ? 'langstroth-10' : own.value),
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
const groups = computed(() => trayFor(bench.catalogue, format.value).filter(({ patterns }) => patterns.length > 0))
const shed = computed(() => (bench.yard ? shedOf(bench.yard) : []))
const patternOf = (patternId: string) => bench.catalogue.patterns.get(patternId)
const nameOf = (pattern: Pattern | undefined, patternId: string) =>
  pattern ? shortPatternName(pattern, preferences.vocabulary) : patternId

function take(patternId: string) {
  bench.takePattern(patternId)
  emit('taken')
}

function takeFromShed(part: Part): void {
  bench.takeFromShed(part)
  emit('taken')
}
</script>

<template>
  <nav class="tray" aria-label="Parts to add">
    <label class="format"
      >Format
      <select v-model="format" data-testid="tray-format">
        <option v-for="one in TRAY_FORMATS" :key="one.format" :value="one.format">{{ capital(one.name) }}</option>
      </select>
    </label>
    <section v-for="group in groups" :key="group.title">
      <h2>{{ group.title }}</h2>
      <button
        v-for="pattern in group.patterns"
        :key="pattern.id"
        v-drag-part="{ patternId: pattern.id }"
        class="item"
        type="button"
        :data-pattern="pattern.id"
        @click="take(pattern.id)"
      >
        <BenchPatternPicture :pattern="pattern" />
        <span>{{ nameOf(pattern, pattern.id) }}</span>
      </button>
    </section>
    <section v-if="shed.length > 0">
      <h2>In the shed</h2>
      <button
        v-for="part in shed"
        :key="part.id"
        v-drag-part="{ shedId: part.id }"
        class="item"
        type="button"
        :data-shed="part.id"
        @click="takeFromShed(part)"
      >
        <BenchPatternPicture v-if="patternOf(part.patternId)" :pattern="patternOf(part.patternId)!" />
        <span
          >{{ part.name ?? nameOf(patternOf(part.patternId), part.patternId)
          }}<small>{{
            partDetail(resolvePart(part, bench.catalogue), preferences.vocabulary).split(', ').at(-1)
          }}</small></span
        >
      </button>
    </section>
  </nav>
</template>

<style scoped>
.tray {
  display: flex;
  flex-direction: column;
  gap: 10px;
}

h2 {
  margin: 0 0 2px;
  font-size: 13.5px;
  color: var(--soft-ink);
}

.item {
  display: flex;
  align-items: center;
  gap: 9px;
  width: 100%;
  min-height: 42px;
  padding: 3px 6px;
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
  font-size: 12.5px;
}

.format {
  color: var(--soft-ink);
  font-size: 13.5px;
}

select {
  width: 100%;
  min-height: 38px;
  border: 1px solid var(--indigo);
  border-radius: 7px;
  background: #fff;
  font: inherit;
  font-size: 15px;
}
</style>
