<script setup lang="ts">
// A crop: by the boxes that were taken, by its mass, or as comb honey; how much was sealed, how wet it is.
import { usualSectionKg, squaresOf, type Crop } from '#core/book'
import { hiveIn } from '#core/ask'
import type { Hive, Yard } from '#core/yard'
import { isBox, isFrame } from '#core/parts'
import { massOfPart, usualWeighing } from '#core/loads'
import { showMass } from '#core/units'
import { capital } from '#core/words'

const props = defineProps<{ yard: Yard; hive: Hive }>()
const body = defineModel<Crop | null>({ required: true })
/** Whether the boxes that were taken came off the hive; null until it is said. */
const cameOff = defineModel<boolean | null>('cameOff', { required: true })
const preferences = usePreferences()
const known = computed(() => hiveIn(props.yard, props.hive))
const names = computed(() => known.value.names(preferences.vocabulary))
/** Supers from the top down, each with what is in it by the weight model. */
const supers = computed(() =>
  known.value.assembled.stack
    .filter((layer) => isBox(layer) && layer.placement.role === 'super')
    .map(({ part, resolved, hung }) => ({
      id: part.id,
      name: capital(names.value.get(part.id) ?? 'super'),
      kg: massOfPart(resolved, 'super', usualWeighing(props.hive.stage)).items.honey.middle,
      squares: hung
        .filter(isFrame)
        .reduce((sum, { pattern }) => sum + squaresOf(pattern, known.value.context.figures).count, 0),
    }))
    .reverse(),
)
const percentOf = (share: number | undefined) => (share === undefined ? undefined : Math.round(share * 1000) / 10)
const typed = reactive<{
  kg: number | undefined
  boxIds: string[]
  sealed: number | undefined
  water: number | undefined
  squares: number | undefined
  sections: number | undefined
}>({
  kg: body.value?.kg,
  boxIds: [...(body.value?.boxIds ?? [])],
  sealed: percentOf(body.value?.sealedShare),
  water: percentOf(body.value?.water),
  squares: body.value?.squares,
  sections: body.value?.sections,
})
const frame = computed(() =>
  known.value.assembled.stack.findLast((layer) => layer.placement.role === 'super')?.hung.find(isFrame),
)
const squareKg = computed(() => {
  const { figures } = known.value.context
  return frame.value ? squaresOf(frame.value.pattern, figures).eachKg : usualSectionKg(figures)
})
const pieces = computed(
  () => (typed.squares ?? 0) * squareKg.value + (typed.sections ?? 0) * usualSectionKg(known.value.context.figures),
)
const taken = computed(() => supers.value.filter(({ id }) => typed.boxIds.includes(id)))
/** What boxes and pieces come to, until the keeper weighs it. */
const usualKg = computed(() => taken.value.reduce((sum, { kg }) => sum + kg, 0) + pieces.value)
watchEffect(() => {
  const kg = typed.kg ?? Math.round(usualKg.value * 10) / 10
  body.value =
    kg > 0
      ? {
          kg,
          ...(typed.boxIds.length > 0 ? { boxIds: [...typed.boxIds] } : {}),
          ...(typed.sealed === undefined ? {} : { sealedShare: typed.sealed / 100 }),
          ...(typed.water === undefined ? {} : { water: typed.water / 100 }),
          ...(typed.squares ? { squares: typed.squares } : {}),
          ...(typed.sections ? { sections: typed.sections } : {}),
        }
      : null
})
</script>

<template>
  <div class="form">
    <ElCheckboxGroup v-if="supers.length > 0" v-model="typed.boxIds" aria-label="Boxes that were taken" class="boxes">
      <ElCheckbox v-for="one in supers" :key="one.id" :value="one.id"
        >{{ one.name }}: about {{ showMass(one.kg, preferences.units, 0) }}, or {{ one.squares }} squares</ElCheckbox
      >
    </ElCheckboxGroup>
    <ElRadioGroup
      v-if="typed.boxIds.length > 0"
      :model-value="cameOff ?? undefined"
      aria-label="Did these boxes come off the hive?"
      data-testid="crop-came-off"
      @update:model-value="cameOff = $event === true"
    >
      <ElRadio :value="true">They came off: to the shed</ElRadio>
      <ElRadio :value="false">They stand on it again, emptied</ElRadio>
    </ElRadioGroup>
    <EntryMass v-model="typed.kg" name="Crop" :most-kg="400" />
    <small v-if="typed.kg === undefined && usualKg > 0" data-testid="crop-usual"
      >by the boxes and pieces about {{ showMass(usualKg, preferences.units, 1) }}; type what the scale says</small
    >
    <EntryNumber v-model="typed.sealed" :of="{ min: 0, max: 100 }" name="Cells sealed, %" />
    <EntryNumber v-model="typed.water" :of="{ min: 10, max: 35, decimals: 1 }" name="Water, %" />
    <EntryNumber
      v-model="typed.squares"
      :of="{ min: 0, max: 5000 }"
      name="Squares of comb, 4 × 4 in"
      :hint="`about ${showMass(squareKg, preferences.units, 2)} each`"
    />
    <EntryNumber v-model="typed.sections" :of="{ min: 0, max: 5000 }" name="Sections" />
  </div>
</template>

<style scoped>
.boxes {
  display: flex;
  flex-direction: column;
}

small {
  color: var(--soft-ink);
  font-size: var(--type-1);
}
</style>
