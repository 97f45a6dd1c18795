<script setup lang="ts">
// A pattern of the keeper's own, from one that is like it: name, and the sizes that differ.
import {
  entriesOf,
  isOneOf,
  mapWithin,
  recordOf,
  parseLength,
  resistanceFrom,
  showLength,
  type Length,
} from '#core/units'
import {
  CATALOGUE,
  DIMENSION_NAMES,
  HANGING_DIMENSIONS,
  STARTING_FORMAT,
  boxOfSize,
  withSizes,
  type DimensionName,
  type HangingDimension,
  type HangingPattern,
  isBox,
  isEntranceFitting,
  isFloorInsert,
  isFramePattern,
  isRack,
  isSlab,
  inWords,
} from '#core/parts'
import { TYPED, limitsOf, sizeNonsense, type Edit } from '#core/yard'
import { capital, dimensionWord, sizeNonsenseInWords } from '#core/words'
import * as deeds from '#core/yard/deeds'
import { nameSchema } from '#wire/names-schema'
import { frameCountSchema, rValueSchema } from '#wire/pattern-fields'
import { lengthRule, numberOf, type FieldRule } from '~/kit/formRules'

const emit = defineEmits<{ keep: [edit: Edit]; close: [] }>()
const view = useView()
const preferences = usePreferences()
const like = ref(boxOfSize(CATALOGUE, STARTING_FORMAT, 'deep')!.id)
const hung = ref('')
const model = reactive<{ name: string; count: string; rValue: string; sizes: Record<string, string> }>({
  name: '',
  count: '',
  rValue: '',
  sizes: {},
})
/** What only shows when all sizes are there: none of them may say nonsense of another. */
const nonsense = shallowRef<{ readonly dimension: string; readonly sentence: string } | null>(null)

const patterns = computed(() =>
  [...view.catalogue.patterns.values()].filter(
    (pattern) => !isEntranceFitting({ pattern }) && !isFloorInsert({ pattern }) && !isRack({ pattern }),
  ),
)
const frames = computed(() => [...view.catalogue.hanging.values()])
const base = computed(() => view.catalogue.patterns.get(like.value))
const baseFrame = computed(() => view.catalogue.hanging.get(like.value))
const sizes = computed<readonly (readonly [DimensionName | HangingDimension, Length])[]>(() => {
  if (base.value) return entriesOf<DimensionName, Length>(base.value.dimensions)
  return baseFrame.value ? HANGING_DIMENSIONS.map((dimension) => [dimension, baseFrame.value![dimension]] as const) : []
})
watch(
  like,
  () => {
    model.sizes = Object.fromEntries(sizes.value.map(([dimension]) => [dimension, '']))
    hung.value = base.value?.normalContents?.framePatternId ?? ''
    model.count = String(base.value?.normalContents?.count ?? '')
  },
  { immediate: true },
)
const taken = computed(
  () =>
    new Set(
      [...patterns.value, ...frames.value].flatMap(({ label }) =>
        [label.british, label.northAmerican].map((word) => word.toLowerCase()),
      ),
    ),
)
const typedR = computed(() =>
  model.rValue.trim() === '' ? null : resistanceFrom(numberOf(model.rValue), preferences.units),
)
const rules = computed<Record<string, FieldRule>>(() => ({
  name: {
    schema: nameSchema.test('taken', (own) => !taken.value.has((own ?? '').toLowerCase())),
    sentence: (own) =>
      own === ''
        ? 'The name is empty: give the pattern one, such as “Uncle’s super”.'
        : `A pattern named “${String(own)}” is there already: give this one another name.`,
  },
  count: {
    schema: { isValidSync: (text) => hung.value === '' || frameCountSchema.isValidSync(numberOf(text)) },
    sentence: 'Number of frames is not a whole number from 1 to 40: type how many it hangs, such as 10.',
  },
  rValue: {
    schema: {
      isValidSync: () => typedR.value === null || (typedR.value > 0 && rValueSchema.isValidSync(typedR.value)),
    },
    sentence: `R is not a figure above zero, or is more than any slab has: type one such as ${preferences.units === 'mm' ? '1.5' : '8.5'}, or leave it empty.`,
  },
  ...Object.fromEntries(
    sizes.value.map(([dimension]) => [
      `sizes.${dimension}`,
      lengthRule(dimensionWord(dimension), limitsFor(dimension), preferences.units),
    ]),
  ),
}))
const limitsFor = (dimension: DimensionName | HangingDimension) =>
  isOneOf(DIMENSION_NAMES, dimension) ? limitsOf(dimension) : TYPED.frameSize
/** The sizes as they are kept: what was typed, and the pattern’s own where nothing was. */
const lengths = computed(() =>
  Object.fromEntries(
    sizes.value.map(([dimension, drawn]): [string, Length] => {
      const parsed = parseLength(model.sizes[dimension] ?? '', preferences.units, limitsFor(dimension))
      if (!parsed.ok) return [dimension, drawn]
      const source = { mark: 'own', text: 'the keeper’s own pattern' } as const
      return [
        dimension,
        {
          mm: parsed.mm,
          plusMinusMm: view.catalogue.figures.rulerMm,
          source,
          ...(parsed.inches ? { inches: parsed.inches } : {}),
        },
      ]
    }),
  ),
)
function keep() {
  const wrong = base.value && sizeNonsense(lengths.value)
  nonsense.value = wrong ? { dimension: wrong.dimension, sentence: sizeNonsenseInWords(wrong) } : null
  if (!wrong) emit('keep', editFor(model.name.trim(), lengths.value))
}
function editFor(own: string, kept: Readonly<Record<string, Length>>): Edit {
  const id = `own-${crypto.randomUUID()}`
  const label = { british: own, northAmerican: own }
  if (base.value) {
    const { twinId: _twin, normalContents, ...rest } = base.value
    const frames = !isBox({ pattern: base.value })
      ? normalContents
      : hung.value === ''
        ? undefined
        : hung.value === normalContents?.framePatternId && numberOf(model.count) === normalContents.count
          ? normalContents
          : { framePatternId: hung.value, count: numberOf(model.count) }
    const panel =
      isSlab({ pattern: base.value }) && typedR.value !== null ? { rValue: Math.round(typedR.value * 1000) / 1000 } : {}
    const pattern = withSizes({ ...rest, ...panel, id, label, own: true, normalContents: frames }, kept)
    return deeds.keepPattern(mapWithin(pattern, (_key, inner) => inner))
  }
  const hanging = {
    ...baseFrame.value!,
    ...recordOf(HANGING_DIMENSIONS, (dimension) => kept[dimension] ?? baseFrame.value![dimension]),
    id,
    label,
    own: true,
  } satisfies HangingPattern
  return deeds.keepHanging(hanging)
}
</script>

<template>
  <UiSheet title="A pattern of your own" width="min(620px, 96vw)" top="5vh" @close="emit('close')">
    <UiForm :model="model" :rules="rules" @sound="keep">
      <UiField name="name" label="Name" for="own-name">
        <ElInput id="own-name" v-model="model.name" maxlength="80" placeholder="Uncle’s super" data-testid="own-name" />
      </UiField>
      <UiField name="like" label="It is like" for="own-like">
        <ElSelect id="own-like" v-model="like" data-testid="own-like" filterable>
          <ElOptionGroup label="Parts">
            <ElOption
              v-for="one in patterns"
              :key="one.id"
              :value="one.id"
              :label="`${capital(inWords(one.label, preferences.vocabulary))}${isBox({ pattern: one }) ? '' : ` (${one.format})`}`"
            />
          </ElOptionGroup>
          <ElOptionGroup label="Frames">
            <ElOption
              v-for="one in frames"
              :key="one.id"
              :value="one.id"
              :label="capital(inWords(one.label, preferences.vocabulary))"
            />
          </ElOptionGroup>
        </ElSelect>
      </UiField>
      <p class="soft">Type the sizes that differ; the rest stays as it is.</p>
      <div class="sizes">
        <UiField
          v-for="[dimension, length] in sizes"
          :key="dimension"
          :name="`sizes.${dimension}`"
          :label="capital(dimensionWord(dimension))"
          :for="`own-${dimension}`"
          :wrong="nonsense?.dimension === dimension ? nonsense.sentence : undefined"
        >
          <ElInput
            :id="`own-${dimension}`"
            v-model="model.sizes[dimension]"
            :placeholder="showLength(length.mm, preferences.units)"
            :data-testid="`own-${dimension}`"
          />
        </UiField>
        <template v-if="isBox({ pattern: base })">
          <UiField name="hung" label="Frames it hangs" for="own-frame">
            <ElSelect
              id="own-frame"
              v-model="hung"
              data-testid="own-frame"
              :empty-values="[null, undefined]"
              filterable
            >
              <ElOption value="" label="none" />
              <ElOption
                v-for="one in frames.filter(isFramePattern)"
                :key="one.id"
                :value="one.id"
                :label="capital(inWords(one.label, preferences.vocabulary))"
              />
            </ElSelect>
          </UiField>
          <UiField name="count" label="Number of frames" for="own-count">
            <ElInput
              id="own-count"
              v-model="model.count"
              inputmode="numeric"
              data-testid="own-count"
              :disabled="hung === ''"
            />
          </UiField>
        </template>
        <UiField
          v-if="isSlab({ pattern: base })"
          name="rValue"
          :label="`R, where its maker gives it${preferences.units === 'mm' ? ', m²K/W' : ', US'}`"
          for="own-r"
        >
          <ElInput
            id="own-r"
            v-model="model.rValue"
            inputmode="decimal"
            placeholder="by thickness"
            data-testid="own-r"
          />
        </UiField>
      </div>
      <ElButton type="primary" native-type="submit" data-testid="keep-pattern">Keep it</ElButton>
    </UiForm>
  </UiSheet>
</template>

<style scoped>
.sizes {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
  gap: 0 var(--space-5);
}

.soft {
  margin-bottom: var(--space-3);
  color: var(--soft-ink);
}
</style>
