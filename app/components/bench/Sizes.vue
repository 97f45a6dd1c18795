<script setup lang="ts">
// The sizes of one part as the ruler has them; typed in any unit, every reading kept, nothing typed lost.
import { keysOf, showLength, type Length } from '#core/units'
import { otherWithSize, type DimensionName, type Pattern, type Part, type Reading } from '#core/parts'
import {
  RULERS,
  isUpright,
  limitsOf,
  parseDimension,
  sizeNonsense,
  withMeasured,
  withReading,
  withReadingInUse,
} from '#core/yard'
import { dimensionWord, lengthProblemInWords, patternName, sizeNonsenseInWords, withPlusMinus } from '#core/words'

const props = defineProps<{
  part: Part
  name: string
  pattern: Pattern | undefined
  focus?: DimensionName | null
  swappable?: boolean
}>()
const emit = defineEmits<{ take: [part: Part]; swap: []; close: [] }>()
const view = useView()
const preferences = usePreferences()

const rows = computed(() =>
  keysOf({ ...props.pattern?.dimensions, ...props.part.measured }).map((name) => ({
    name,
    drawn: props.pattern?.dimensions[name],
    measured: props.part.measured?.[name],
    readings: (props.part.readings ?? []).filter(({ dimension }) => dimension === name),
  })),
)
/** What stands in the fields: what was measured, or nothing where the standard holds. */
const measuredAs = (name: DimensionName) => {
  const measured = props.part.measured?.[name]
  return measured ? showLength(measured.mm, preferences.units) : ''
}
const typed = reactive<Partial<Record<DimensionName, string>>>({})
const written = (name: DimensionName) => typed[name] ?? measuredAs(name)
/** The right or back side, where it is another one: both sides bear, so that a gap opens towards the lower. */
const otherAs = (name: DimensionName) => {
  const mm = props.part.measured?.[name]?.otherMm
  return mm === undefined ? '' : showLength(mm, preferences.units)
}
const typedOther = reactive<Partial<Record<DimensionName, string>>>({})
const otherProblems = reactive<Partial<Record<DimensionName, string>>>({})
const writtenOther = (name: DimensionName) => typedOther[name] ?? otherAs(name)
const isOpen = (name: DimensionName) => typedOther[name] !== undefined || otherAs(name) !== ''
function readOther(name: DimensionName): { readonly otherMm?: number } | undefined {
  const text = writtenOther(name).trim()
  if (text === '') return {}
  const parsed = parseDimension(name, text, preferences.units)
  if (parsed.ok) return { otherMm: parsed.mm }
  otherProblems[name] = lengthProblemInWords(
    `${dimensionWord(name)}, right or back side,`,
    parsed.problem,
    limitsOf(name),
    preferences.units,
    parsed.readings,
  )
  return undefined
}
/** The size that is lit on the drawing. */
const lit = ref<DimensionName | null>(props.focus ?? null)
/** Another pattern's own size was typed: asked about once. */
const asked = reactive<Partial<Record<DimensionName, { readonly mm: number; readonly other: string }>>>({})
const problems = reactive<Partial<Record<DimensionName, string>>>({})
const meanings = reactive<Partial<Record<DimensionName, readonly string[]>>>({})
const ruler = ref<(typeof RULERS)[number]['id']>(preferences.units === 'mm' ? 'half-mm' : 'thirty-second')
const RULER_WORDS = { 'half-mm': '0.5 mm', 'one-mm': '1 mm', 'thirty-second': '1/32 in', sixteenth: '1/16 in' } as const
/** What is typed next takes the place of what was measured. */
function light(name: DimensionName, { target }: FocusEvent) {
  lit.value = name
  if (target instanceof HTMLInputElement) target.select()
}
function focusWanted() {
  if (props.focus) document.getElementById(`size-${props.focus}`)?.focus()
}

function shown(length: Length | undefined): string {
  return length ? showLength(length.mm, preferences.units) : 'not known'
}
function sourceOf(drawn: Length | undefined): string {
  return drawn ? `As made ${shown(drawn)}: ${drawn.source.text}` : 'Nobody has said what it is as made.'
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
/** Whether the size that was read is another pattern's own, which has not been asked about yet. */
function isOthers(name: DimensionName, { mm, plusMinusMm }: Reading): boolean {
  if (!props.pattern || asked[name]?.mm === mm) return false
  const other = otherWithSize(view.catalogue, props.pattern, name, mm, plusMinusMm)
  if (other) asked[name] = { mm, other: patternName(other.id, view.catalogue, preferences.vocabulary) }
  return other !== undefined
}
function save() {
  let part = props.part
  let unsure = false
  for (const { name } of rows.value) {
    delete problems[name]
    delete meanings[name]
    delete otherProblems[name]
    if (written(name) === measuredAs(name) && writtenOther(name) === otherAs(name)) continue
    const other = readOther(name)
    // One side as made and the other not: what stands as made is what the pattern has.
    const text = written(name).trim() || (other?.otherMm === undefined ? '' : shown(props.pattern?.dimensions[name]))
    if (text === '') {
      part = withMeasured(part, name, undefined)
      continue
    }
    const reading = read(name, text)
    if (!reading || !other) continue
    unsure = isOthers(name, reading) || unsure
    part = withReading(part, other.otherMm === reading.mm ? reading : { ...reading, ...other })
  }
  const nonsense = sizeNonsense({ ...props.pattern?.dimensions, ...part.measured })
  if (nonsense) problems[nonsense.dimension] ??= sizeNonsenseInWords(nonsense)
  if (Object.keys(problems).length + Object.keys(otherProblems).length === 0 && !unsure) emit('take', part)
}
function use(reading: Reading) {
  emit('take', withReadingInUse(props.part, reading))
}
</script>

<template>
  <UiSheet :title="`Sizes of ${name}`" width="min(940px, 96vw)" top="6vh" @opened="focusWanted" @close="emit('close')">
    <form @submit.prevent="save">
      <div class="seen">
        <LazyBenchSizesPicture v-if="pattern" :part="part" :pattern="pattern" :lit="lit ?? rows[0]!.name" />
        <p>
          Type what the ruler says: 9 5/8, 9-5/8", 244mm, 24.4 cm. A figure without a unit is in
          {{ preferences.units === 'mm' ? 'millimetres' : 'inches' }}. Empty means: as made.
        </p>
        <label class="ruler"
          >The ruler reads to
          <ElSelect v-model="ruler">
            <ElOption v-for="{ id } in RULERS" :key="id" :value="id" :label="RULER_WORDS[id]" />
          </ElSelect>
        </label>
      </div>
      <div class="sizes">
        <div v-for="row in rows" :key="row.name" class="row">
          <label :for="`size-${row.name}`"
            >{{ dimensionWord(row.name) }}{{ ' '
            }}<small v-if="row.measured"
              >measured, ± {{ showLength(row.measured.plusMinusMm, preferences.units) }}; as made
              {{ shown(row.drawn) }}</small
            ></label
          >
          <ElInput
            :id="`size-${row.name}`"
            :model-value="written(row.name)"
            :placeholder="shown(row.drawn)"
            clearable
            :data-testid="`size-${row.name}`"
            @update:model-value="typed[row.name] = $event"
            @focus="light(row.name, $event)"
          />
          <ElTooltip :content="sourceOf(row.drawn)" placement="left" :trigger="['hover', 'focus', 'click']">
            <ElButton text class="mark" :aria-label="`${dimensionWord(row.name)}: ${sourceOf(row.drawn)}`">{{
              row.drawn?.source.mark ?? '?'
            }}</ElButton>
          </ElTooltip>
          <template v-if="isUpright(row.name)">
            <ElButton
              v-if="!isOpen(row.name)"
              text
              class="other"
              :data-testid="`other-side-${row.name}`"
              @click="typedOther[row.name] = ''"
              >Its other side differs…</ElButton
            >
            <template v-else>
              <label :for="`size-${row.name}-other`">on its right or back side</label>
              <ElInput
                :id="`size-${row.name}-other`"
                :model-value="writtenOther(row.name)"
                placeholder="as the other side"
                clearable
                :data-testid="`size-${row.name}-other`"
                @update:model-value="typedOther[row.name] = $event"
                @focus="light(row.name, $event)"
              />
              <p v-if="otherProblems[row.name]" class="wrong" role="alert">{{ otherProblems[row.name] }}</p>
            </template>
          </template>
          <p v-if="asked[row.name]" class="asked" role="status">
            {{ showLength(asked[row.name]!.mm, preferences.units) }} is the
            {{ dimensionWord(row.name).toLowerCase() }} of {{ asked[row.name]!.other }}: was that meant? Save once more
            to keep it as measured on this one.
            <ElButton v-if="swappable" @click="emit('swap')">It is another part: swap it…</ElButton>
          </p>
          <p v-if="row.readings.length > 1" class="readings">
            Read {{ row.readings.length }} times,
            {{ showLength(Math.min(...row.readings.map(({ mm }) => mm)), preferences.units) }} to
            {{ showLength(Math.max(...row.readings.map(({ mm }) => mm)), preferences.units) }}:
            <ElButton
              v-for="reading in row.readings"
              :key="reading.id"
              text
              :title="`${reading.at.slice(0, 10)}, ${reading.text}`"
              :aria-pressed="row.measured?.mm === reading.mm"
              @click="use(reading)"
            >
              {{ withPlusMinus(reading, preferences.reader) }}
            </ElButton>
          </p>
          <p v-if="problems[row.name]" class="wrong" role="alert">
            {{ problems[row.name] }}
            <ElButton v-for="meaning in meanings[row.name] ?? []" :key="meaning" @click="typed[row.name] = meaning">
              {{ meaning }}
            </ElButton>
          </p>
        </div>
      </div>
      <div class="ways">
        <ElButton type="primary" native-type="submit" data-testid="save-sizes">Save</ElButton>
        <ElButton text @click="emit('close')">Cancel</ElButton>
      </div>
    </form>
  </UiSheet>
</template>

<style scoped>
form {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: var(--space-4) var(--space-6);
}

.seen,
.sizes {
  display: grid;
  gap: var(--space-3);
  align-content: start;
}

.ways {
  grid-column: 2;
}

@media (max-width: 760px) {
  form {
    display: block;
  }
}

.ruler,
.ways {
  display: flex;
  gap: var(--space-3);
  align-items: center;
}

.row {
  display: grid;
  grid-template-columns: 1fr 170px 48px;
  gap: var(--space-2) var(--space-3);
  align-items: center;
}

small {
  display: block;
  color: var(--soft-ink);
  font-size: var(--type-1);
}

.other {
  grid-column: 1 / -1;
  justify-self: start;
  margin-top: calc(-1 * var(--space-2));
}

.readings,
.asked,
.wrong {
  grid-column: 1 / -1;
}

.readings .el-button[aria-pressed='true'] {
  border-color: var(--indigo);
  font-weight: 700;
}

.asked {
  font-weight: 700;
}
</style>
