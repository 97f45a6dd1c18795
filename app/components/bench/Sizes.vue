<script setup lang="ts">
// The sizes of one part as the ruler has them; typed in any unit, and nothing typed is lost.
import type { DimensionName } from '#core/catalogue'
import { RULERS, limitsOf, parseDimension, withMeasured, type Part } from '#core/hive'
import { showLength, type Length } from '#core/units'
import { dimensionWord, lengthProblemInWords } from '#core/wording'

const props = defineProps<{ part: Part; name: string }>()
const emit = defineEmits<{ take: [part: Part]; close: [] }>()
const bench = useBench()
const preferences = usePreferences()

const pattern = computed(() => bench.catalogue.patterns.get(props.part.patternId))
const rows = computed(() => (Object.keys({ ...pattern.value?.dimensions, ...props.part.measured }) as DimensionName[]).map((name) => ({
  name, drawn: pattern.value?.dimensions[name], measured: props.part.measured?.[name],
})))
const typed = reactive<Partial<Record<DimensionName, string>>>({})
const problems = reactive<Partial<Record<DimensionName, string>>>({})
const readings = reactive<Partial<Record<DimensionName, readonly string[]>>>({})
const ruler = ref<(typeof RULERS)[number]['id']>(preferences.units === 'mm' ? 'half-mm' : 'thirty-second')
const RULER_WORDS = { 'half-mm': '0.5 mm', 'one-mm': '1 mm', 'thirty-second': '1/32 in', sixteenth: '1/16 in' } as const

function shown(length: Length | undefined): string {
  return length ? showLength(length.mm, preferences.units) : 'not known'
}
function sourceOf({ drawn, measured }: { drawn?: Length | undefined; measured?: Length | undefined }): string {
  if (measured) return `measured, ± ${showLength(measured.plusMinusMm, preferences.units)}; as made ${shown(drawn)}`
  return drawn ? `[${drawn.source.mark}] ${drawn.source.text}` : ''
}
function save() {
  let part = props.part
  let wrong = false
  for (const { name } of rows.value) {
    delete problems[name]
    delete readings[name]
    const text = typed[name]
    if (text === undefined) continue
    const parsed = parseDimension(name, text, preferences.units)
    if (!parsed.ok) {
      wrong = true
      problems[name] = lengthProblemInWords(dimensionWord(name), parsed.problem, limitsOf(name), preferences.units, parsed.readings)
      if (parsed.readings) readings[name] = parsed.readings
      continue
    }
    const { plusMinusMm } = RULERS.find(({ id }) => id === ruler.value)!
    const source = { mark: 'measured', text: `ruler read to ${RULER_WORDS[ruler.value]}` } as const
    part = withMeasured(part, name, { mm: parsed.mm, plusMinusMm, source, ...(parsed.inches ? { inches: parsed.inches } : {}) })
  }
  if (!wrong) emit('take', part)
}
function asMade(name: DimensionName) {
  delete typed[name]
  emit('take', withMeasured(props.part, name, undefined))
}
</script>

<template>
  <ElDialog :model-value="true" :title="`Sizes of ${name}`" width="min(640px, 96vw)" append-to-body @close="emit('close')">
    <form @submit.prevent="save">
      <p>Type what the ruler says: 9 5/8, 9-5/8", 244mm, 24.4 cm. A figure without a unit is in {{ preferences.units === 'mm' ? 'millimetres' : 'inches' }}.</p>
      <label class="ruler">The ruler reads to
        <select v-model="ruler"><option v-for="{ id } in RULERS" :key="id" :value="id">{{ RULER_WORDS[id] }}</option></select>
      </label>
      <div v-for="row in rows" :key="row.name" class="row">
        <label :for="`size-${row.name}`">{{ dimensionWord(row.name) }}<small>{{ sourceOf(row) }}</small></label>
        <ElInput :id="`size-${row.name}`" v-model="typed[row.name]" :placeholder="shown(row.measured ?? row.drawn)" :data-testid="`size-${row.name}`" />
        <button v-if="row.measured" class="plain-button quiet" type="button" @click="asMade(row.name)">As made</button>
        <p v-if="problems[row.name]" class="wrong" role="alert">
          {{ problems[row.name] }}
          <button v-for="reading in readings[row.name] ?? []" :key="reading" class="plain-button" type="button" @click="typed[row.name] = reading">{{ reading }}</button>
        </p>
      </div>
      <div class="ways">
        <button class="plain-button filled" type="submit" data-testid="save-sizes">Save</button>
        <button class="plain-button quiet" type="button" @click="emit('close')">Cancel</button>
      </div>
    </form>
  </ElDialog>
</template>

<style scoped>
form {
  display: grid;
  gap: 9px;
}

.ruler {
  display: flex;
  gap: 8px;
  align-items: center;
}

select {
  min-height: 40px;
  border: 1px solid var(--indigo);
  border-radius: 7px;
  background: #fff;
  font: inherit;
}

.row {
  display: grid;
  grid-template-columns: 1fr 150px auto;
  gap: 4px 10px;
  align-items: center;
}

small {
  display: block;
  color: var(--soft-ink);
  font-size: 12.5px;
}

.wrong {
  grid-column: 1 / -1;
  color: var(--stop);
}

.ways {
  display: flex;
  gap: 8px;
}
</style>
