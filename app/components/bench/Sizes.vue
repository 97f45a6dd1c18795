<script setup lang="ts">
// The sizes of one part as the ruler has them; typed in any unit, every reading kept, nothing typed lost.
import { keysOf } from '#core/plain'
import type { DimensionName, Pattern } from '#core/catalogue'
import {
  RULERS,
  limitsOf,
  parseDimension,
  sizeNonsense,
  withMeasured,
  withReading,
  withReadingInUse,
  type Part,
  type Reading,
} from '#core/hive'
import { showLength, type Length } from '#core/units'
import { dimensionWord, lengthProblemInWords, sizeNonsenseInWords, withPlusMinus } from '#core/wording'

const props = defineProps<{ part: Part; name: string; pattern: Pattern | undefined; focus?: DimensionName | null }>()
const emit = defineEmits<{ take: [part: Part]; close: [] }>()
const preferences = usePreferences()

const rows = computed(() =>
  keysOf({ ...props.pattern?.dimensions, ...props.part.measured }).map((name) => ({
    name,
    drawn: props.pattern?.dimensions[name],
    measured: props.part.measured?.[name],
    readings: (props.part.readings ?? []).filter(({ dimension }) => dimension === name),
  })),
)
const typed = reactive<Partial<Record<DimensionName, string>>>({})
const problems = reactive<Partial<Record<DimensionName, string>>>({})
const meanings = reactive<Partial<Record<DimensionName, readonly string[]>>>({})
const ruler = ref<(typeof RULERS)[number]['id']>(preferences.units === 'mm' ? 'half-mm' : 'thirty-second')
const RULER_WORDS = { 'half-mm': '0.5 mm', 'one-mm': '1 mm', 'thirty-second': '1/32 in', sixteenth: '1/16 in' } as const
function focusWanted() {
  if (props.focus) document.getElementById(`size-${props.focus}`)?.focus()
}

function shown(length: Length | undefined): string {
  return length ? showLength(length.mm, preferences.units) : 'not known'
}
function sourceOf({ drawn, measured }: { drawn?: Length | undefined; measured?: Length | undefined }): string {
  if (measured) return `measured, ± ${showLength(measured.plusMinusMm, preferences.units)}; as made ${shown(drawn)}`
  return drawn ? `[${drawn.source.mark}] ${drawn.source.text}` : ''
}
function read(name: DimensionName, text: string): Reading | undefined {
  const parsed = parseDimension(name, text, preferences.units)
  if (!parsed.ok) {
    problems[name] = lengthProblemInWords(
      dimensionWord(name),
      parsed.problem,
      limitsOf(name),
      preferences.units,
      parsed.readings,
    )
    if (parsed.readings) meanings[name] = parsed.readings
    return undefined
  }
  const { plusMinusMm } = RULERS.find(({ id }) => id === ruler.value)!
  return {
    id: crypto.randomUUID(),
    dimension: name,
    mm: parsed.mm,
    plusMinusMm,
    text: `ruler read to ${RULER_WORDS[ruler.value]}`,
    at: new Date().toISOString(),
    ...(parsed.inches ? { inches: parsed.inches } : {}),
  }
}
function save() {
  let part = props.part
  for (const { name } of rows.value) {
    delete problems[name]
    delete meanings[name]
    const text = typed[name]
    const reading = text === undefined ? undefined : read(name, text)
    if (reading) part = withReading(part, reading)
  }
  const nonsense = sizeNonsense({ ...props.pattern?.dimensions, ...part.measured })
  if (nonsense) problems[nonsense.dimension] ??= sizeNonsenseInWords(nonsense)
  if (Object.keys(problems).length === 0) emit('take', part)
}
function asMade(name: DimensionName) {
  emit('take', withMeasured(props.part, name, undefined))
}
function use(reading: Reading) {
  emit('take', withReadingInUse(props.part, reading))
}
</script>

<template>
  <ElDialog
    :model-value="true"
    :title="`Sizes of ${name}`"
    width="min(680px, 96vw)"
    top="6vh"
    append-to-body
    @opened="focusWanted"
    @close="emit('close')"
  >
    <form @submit.prevent="save">
      <p>
        Type what the ruler says: 9 5/8, 9-5/8", 244mm, 24.4 cm. A figure without a unit is in
        {{ preferences.units === 'mm' ? 'millimetres' : 'inches' }}.
      </p>
      <label class="ruler"
        >The ruler reads to
        <select v-model="ruler">
          <option v-for="{ id } in RULERS" :key="id" :value="id">{{ RULER_WORDS[id] }}</option>
        </select>
      </label>
      <div v-for="row in rows" :key="row.name" class="row">
        <label :for="`size-${row.name}`"
          >{{ dimensionWord(row.name) }}<small>{{ sourceOf(row) }}</small></label
        >
        <ElInput
          :id="`size-${row.name}`"
          v-model="typed[row.name]"
          :placeholder="shown(row.measured ?? row.drawn)"
          :data-testid="`size-${row.name}`"
        />
        <button v-if="row.measured" class="plain-button quiet" type="button" @click="asMade(row.name)">As made</button>
        <p v-if="row.readings.length > 1" class="readings">
          Read {{ row.readings.length }} times,
          {{ showLength(Math.min(...row.readings.map(({ mm }) => mm)), preferences.units) }} to
          {{ showLength(Math.max(...row.readings.map(({ mm }) => mm)), preferences.units) }}:
          <button
            v-for="reading in row.readings"
            :key="reading.id"
            class="plain-button quiet"
            type="button"
            :title="`${reading.at.slice(0, 10)}, ${reading.text}`"
            :aria-pressed="row.measured?.mm === reading.mm"
            @click="use(reading)"
          >
            {{ withPlusMinus(reading, preferences.reader) }}
          </button>
        </p>
        <p v-if="problems[row.name]" class="wrong" role="alert">
          {{ problems[row.name] }}
          <button
            v-for="meaning in meanings[row.name] ?? []"
            :key="meaning"
            class="plain-button"
            type="button"
            @click="typed[row.name] = meaning"
          >
            {{ meaning }}
          </button>
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

.ruler,
.ways {
  display: flex;
  gap: 8px;
  align-items: center;
}

.row {
  display: grid;
  grid-template-columns: 1fr 150px 84px;
  gap: 4px 10px;
  align-items: center;
}

small {
  display: block;
  color: var(--soft-ink);
  font-size: 12.5px;
}

.readings,
.wrong {
  grid-column: 1 / -1;
}

.readings button[aria-pressed='true'] {
  border-color: var(--indigo);
  font-weight: 700;
}

.wrong {
  color: var(--stop);
}
</style>
