<script setup lang="ts">
// A pattern of the keeper's own, from one that is like it: name, and the sizes that differ.
import { entriesOf, isOneOf, mapWithin, recordOf } from '#core/plain'
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
} from '#core/catalogue'
import { limitsOf, sizeNonsense, type Edit } from '#core/hive'
import { parseLength, resistanceFrom, showLength, type Length } from '#core/units'
import { capital, dimensionWord, inWords, lengthProblemInWords, sizeNonsenseInWords } from '#core/wording'
import { isBox, isEntranceFitting, isFloorInsert, isFramePattern, isSlab } from '#core/parts'
import * as deeds from '#core/hive/deeds'

const emit = defineEmits<{ keep: [edit: Edit]; close: [] }>()
const view = useView()
const preferences = usePreferences()
const like = ref(boxOfSize(CATALOGUE, STARTING_FORMAT, 'deep')!.id)
const name = ref('')
const typed = reactive<Record<string, string>>({})
const problems = reactive<Record<string, string>>({})
const hung = ref('')
const count = ref('')
const rValue = ref('')
const typedR = computed(() => (rValue.value.trim() === '' ? null : Number(rValue.value.replace(',', '.'))))

const FRAME_LIMITS = { minMm: 1, maxMm: 700 }
const patterns = computed(() =>
  [...view.catalogue.patterns.values()].filter(
    (pattern) => !isEntranceFitting({ pattern }) && !isFloorInsert({ pattern }),
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
    for (const key of Object.keys(typed)) delete typed[key]
    hung.value = base.value?.normalContents?.framePatternId ?? ''
    count.value = String(base.value?.normalContents?.count ?? '')
  },
  { immediate: true },
)

const limitsFor = (dimension: DimensionName | HangingDimension) =>
  isOneOf(DIMENSION_NAMES, dimension) ? limitsOf(dimension) : FRAME_LIMITS
function keep() {
  for (const key of Object.keys(problems)) delete problems[key]
  const own = name.value.trim()
  const taken = [...patterns.value, ...frames.value].some(({ label }) =>
    [label.british, label.northAmerican].some((word) => word.toLowerCase() === own.toLowerCase()),
  )
  if (own === '') problems.name = 'The name is empty: give the pattern one, such as “Uncle’s super”.'
  else if (taken) problems.name = `A pattern named “${own}” is there already: give this one another name.`
  const lengths: Record<string, Length> = {}
  for (const [dimension, drawn] of sizes.value) {
    const text = typed[dimension]
    if (text === undefined || text === '') {
      lengths[dimension] = drawn
      continue
    }
    const parsed = parseLength(text, preferences.units, limitsFor(dimension))
    if (!parsed.ok)
      problems[dimension] = lengthProblemInWords(
        dimensionWord(dimension),
        parsed.problem,
        limitsFor(dimension),
        preferences.units,
        parsed.readings,
      )
    else
      lengths[dimension] = {
        mm: parsed.mm,
        plusMinusMm: 0.5,
        source: { mark: 'own', text: 'the keeper’s own pattern' },
        ...(parsed.inches ? { inches: parsed.inches } : {}),
      }
  }
  if (isSlab({ pattern: base.value }) && typedR.value !== null && !(typedR.value > 0 && typedR.value <= 200))
    problems.rValue = `R is not a figure above zero: type one such as ${preferences.units === 'mm' ? '1.5' : '8.5'}, or leave it empty.`
  const nonsense = base.value && sizeNonsense(lengths)
  if (nonsense) problems[nonsense.dimension] ??= sizeNonsenseInWords(nonsense)
  if (isBox({ pattern: base.value }) && hung.value !== '' && !/^([1-9]|[1-3]\d|40)$/.test(count.value.trim()))
    problems.count = 'Number of frames is not a whole number from 1 to 40: type how many it hangs, such as 10.'
  if (Object.keys(problems).length > 0) return
  emit('keep', editFor(own, lengths))
}
function editFor(own: string, lengths: Record<string, Length>): Edit {
  const id = `own-${crypto.randomUUID()}`
  const label = { british: own, northAmerican: own }
  if (base.value) {
    const { twinId: _twin, normalContents, ...rest } = base.value
    const frames = !isBox({ pattern: base.value })
      ? normalContents
      : hung.value === ''
        ? undefined
        : hung.value === normalContents?.framePatternId && count.value === String(normalContents.count)
          ? normalContents
          : { framePatternId: hung.value, count: Number(count.value) }
    const panel =
      isSlab({ pattern: base.value }) && typedR.value !== null
        ? { rValue: Math.round(resistanceFrom(typedR.value, preferences.units) * 1000) / 1000 }
        : {}
    const pattern = withSizes({ ...rest, ...panel, id, label, own: true, normalContents: frames }, lengths)
    return deeds.keepPattern(mapWithin(pattern, (_key, inner) => inner))
  }
  const hanging = {
    ...baseFrame.value!,
    ...recordOf(HANGING_DIMENSIONS, (dimension) => lengths[dimension] ?? baseFrame.value![dimension]),
    id,
    label,
    own: true,
  } satisfies HangingPattern
  return deeds.keepHanging(hanging)
}
</script>

<template>
  <UiSheet title="A pattern of your own" width="min(620px, 96vw)" top="5vh" @close="emit('close')">
    <form @submit.prevent="keep">
      <label for="own-name">Name</label>
      <ElInput id="own-name" v-model="name" maxlength="80" placeholder="Uncle’s super" data-testid="own-name" />
      <p v-if="problems.name" class="wrong" role="alert">{{ problems.name }}</p>
      <label for="own-like">It is like</label>
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
      <p class="soft">Type the sizes that differ; the rest stays as it is.</p>
      <div v-for="[dimension, length] in sizes" :key="dimension" class="row">
        <label :for="`own-${dimension}`">{{ dimensionWord(dimension) }}</label>
        <ElInput
          :id="`own-${dimension}`"
          v-model="typed[dimension]"
          :placeholder="showLength(length.mm, preferences.units)"
          :data-testid="`own-${dimension}`"
        />
        <p v-if="problems[dimension]" class="wrong" role="alert">{{ problems[dimension] }}</p>
      </div>
      <div v-if="isBox({ pattern: base })" class="row">
        <label for="own-frame">Frames it hangs</label>
        <ElSelect id="own-frame" v-model="hung" data-testid="own-frame" :empty-values="[null, undefined]" filterable>
          <ElOption value="" label="none" />
          <ElOption
            v-for="one in frames.filter(isFramePattern)"
            :key="one.id"
            :value="one.id"
            :label="capital(inWords(one.label, preferences.vocabulary))"
          />
        </ElSelect>
        <label for="own-count">Number of frames</label>
        <ElInput id="own-count" v-model="count" inputmode="numeric" :disabled="hung === ''" />
        <p v-if="problems.count" class="wrong" role="alert">{{ problems.count }}</p>
      </div>
      <div v-if="isSlab({ pattern: base })" class="row">
        <label for="own-r">R, where its maker gives it{{ preferences.units === 'mm' ? ', m²K/W' : ', US' }}</label>
        <ElInput id="own-r" v-model="rValue" inputmode="decimal" placeholder="by thickness" data-testid="own-r" />
        <p v-if="problems.rValue" class="wrong" role="alert">{{ problems.rValue }}</p>
      </div>
      <ElButton type="primary" native-type="submit" data-testid="keep-pattern">Keep it</ElButton>
    </form>
  </UiSheet>
</template>

<style scoped>
form {
  display: grid;
  gap: 8px;
}

.row {
  display: grid;
  grid-template-columns: 1fr 170px;
  gap: 4px 10px;
  align-items: center;
}

.wrong {
  grid-column: 1 / -1;
  color: var(--stop);
}

.soft {
  color: var(--soft-ink);
}
</style>
