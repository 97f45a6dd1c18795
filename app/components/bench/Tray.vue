<script setup lang="ts">
// The tray of parts: press one to take it in the hand, or drag it onto the stack.
import type { Pattern } from '#core/catalogue'
import { CATALOGUE } from '#core/catalogue'
import { shedOf } from '#core/hive'
import { capital, inWords, partDetail, shortPatternName } from '#core/wording'
import { formatOf, trayFor } from '~/drawing/tray'
import { vDragPart } from '~/composables/dragPart'

const emit = defineEmits<{ taken: [] }>()
const bench = useBench()
const preferences = usePreferences()
const everything = ref(false)

const format = computed<Pattern['format']>(() => (bench.assessment ? formatOf(bench.assessment.assembled) : 'any'))
const onlyOne = computed(() => !everything.value && format.value !== 'any')
const groups = computed(() => trayFor(everything.value ? 'any' : format.value))
const shed = computed(() => (bench.yard ? shedOf(bench.yard) : []))
const nameOf = (pattern: Pattern | undefined, patternId: string) => (pattern ? (onlyOne.value ? shortPatternName(pattern, preferences.vocabulary) : capital(inWords(pattern.label, preferences.vocabulary))) : patternId)
const formatWord = (pattern: Pattern) => (pattern.kind !== 'box' && (everything.value || format.value === 'any') && pattern.format !== 'any' ? { 'langstroth-10': 'Langstroth', national: 'National' }[pattern.format] : '')

function take(patternId: string) {
  bench.takePattern(patternId)
  emit('taken')
}
</script>

<template>
  <nav class="tray" aria-label="Parts to add">
    <section v-for="group in groups" :key="group.title">
      <h2>{{ group.title }}</h2>
      <button
        v-for="pattern in group.patterns" :key="pattern.id" v-drag-part="{ patternId: pattern.id }" class="item" type="button" :data-pattern="pattern.id" @click="take(pattern.id)"
      >
        <BenchPatternPicture :pattern="pattern" />
        <span>{{ nameOf(pattern, pattern.id) }}<small v-if="formatWord(pattern)">{{ formatWord(pattern) }}</small></span>
      </button>
    </section>
    <section v-if="shed.length > 0">
      <h2>In the shed</h2>
      <button
        v-for="part in shed" :key="part.id" v-drag-part="{ shedId: part.id }" class="item" type="button" :data-shed="part.id"
        @click="bench.takeFromShed(part); emit('taken')"
      >
        <BenchPatternPicture v-if="CATALOGUE.patterns.get(part.patternId)" :pattern="CATALOGUE.patterns.get(part.patternId)!" />
        <span>{{ part.name ?? nameOf(CATALOGUE.patterns.get(part.patternId), part.patternId) }}<small>{{ partDetail({ part, pattern: CATALOGUE.patterns.get(part.patternId) }, preferences.vocabulary).split(', ').at(-1) }}</small></span>
      </button>
    </section>
    <button v-if="format !== 'any'" class="plain-button quiet more" type="button" :aria-pressed="everything" @click="everything = !everything">
      {{ everything ? 'Only this format' : 'Other formats too' }}
    </button>
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

.more {
  color: var(--indigo);
}
</style>
