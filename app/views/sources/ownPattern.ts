import { entriesOf, isOneOf, parseLength, resistanceFrom, type Length, there } from '#core/units'
import {
  CATALOGUE,
  DIMENSION_NAMES,
  HANGING_DIMENSIONS,
  STARTING_FORMAT,
  boxOfSize,
  isEntranceFitting,
  isFloorInsert,
  isRack,
  type DimensionName,
  type HangingDimension,
} from '#core/parts'
import { TYPED, limitsOf } from '#core/yard'
import { dimensionWord } from '#core/words'
import { nameSchema } from '#wire/names-schema'
import { frameCountSchema, rValueSchema } from '#wire/pattern-fields'
import { lengthRule, numberOf, type FieldRule } from '~/kit/formRules'

interface TypedPattern {
  name: string
  count: string
  rValue: string
  sizes: Record<string, string>
}

const limitsFor = (dimension: DimensionName | HangingDimension) =>
  isOneOf(DIMENSION_NAMES, dimension) ? limitsOf(dimension) : TYPED.frameSize

/** What is typed of a pattern of one's own: which one it is like, its name, frames and sizes. */
export function useOwnPattern() {
  const view = useView()
  const like = ref(boxOfSize(CATALOGUE, STARTING_FORMAT, 'deep')?.id ?? '')
  const hung = ref('')
  const model = reactive<TypedPattern>({ name: '', count: '', rValue: '', sizes: {} })
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
    return baseFrame.value
      ? HANGING_DIMENSIONS.map((dimension) => [dimension, there(baseFrame.value)[dimension]] as const)
      : []
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
  const { typedR, rules } = useRules({ model, hung, sizes, labels: () => [...patterns.value, ...frames.value] })
  /** The sizes as they are kept: what was typed, and the pattern’s own where nothing was. */
  const lengths = computed(() =>
    Object.fromEntries(
      sizes.value.map(([dimension, drawn]): [string, Length] => {
        const parsed = parseLength(model.sizes[dimension] ?? '', usePreferences().units, limitsFor(dimension))
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
  return { like, hung, model, patterns, frames, base, baseFrame, sizes, rules, typedR, lengths }
}

interface Ruled {
  readonly model: TypedPattern
  readonly hung: Ref<string>
  readonly sizes: Ref<readonly (readonly [DimensionName | HangingDimension, Length])[]>
  readonly labels: () => readonly { readonly label: { readonly british: string; readonly northAmerican: string } }[]
}

/** What each field takes; no two patterns have one name. */
function useRules({ model, hung, sizes, labels }: Ruled) {
  const preferences = usePreferences()
  const taken = computed(
    () =>
      new Set(labels().flatMap(({ label }) => [label.british, label.northAmerican].map((word) => word.toLowerCase()))),
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
  return { typedR, rules }
}
