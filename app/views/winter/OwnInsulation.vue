<script setup lang="ts">
// A slab or a wrap of the keeper's own: by thickness and material, or by the R that its maker gives, in either unit.
import { TYPED } from '#core/yard'
import { find, withSizes, type Format } from '#core/parts'
import type { Edit } from '#core/yard'
import { INSULATIONS, insulationMaterial, insulationR, type Insulation } from '#core/heat'
import { parseLength, resistanceFrom, showR, type Length } from '#core/units'
import { INSULATION_WORDS } from '#core/words'
import * as deeds from '#core/yard/deeds'
import { nameSchema } from '#wire/names-schema'
import { rValueSchema } from '#wire/pattern-fields'
import { lengthRule, numberOf, type FieldRule } from '~/kit/formRules'

const props = defineProps<{ format: Format }>()
const emit = defineEmits<{ keep: [edit: Edit, wayId: string]; close: [] }>()
const view = useView()
const preferences = usePreferences()
const WHAT = [
  ['slab', 'Over the bees'],
  ['wrap', 'Round the boxes'],
] as const
const UNITS = [
  ['mm', 'm²K/W'],
  ['inches', 'US R'],
] as const
const what = ref<(typeof WHAT)[number][0]>('slab')
const unit = ref<(typeof UNITS)[number][0]>(preferences.units)
const model = reactive<{ name: string; thick: string; of: Insulation; r: string }>({
  name: '',
  thick: '',
  of: 'foam',
  r: '',
})
const typedR = computed(() => (model.r.trim() === '' ? null : resistanceFrom(numberOf(model.r), unit.value)))
const thick = computed(() => parseLength(model.thick, preferences.units, TYPED.insulation))
const comesTo = computed(() => {
  const r = typedR.value ?? (thick.value.ok ? insulationR(model.of, thick.value.mm, view.catalogue.figures) : null)
  return r !== null && rValueSchema.isValidSync(r) ? `${showR(r, 'mm')} m²K/W, US ${showR(r, 'inches')}` : ''
})
const rules = computed<Record<string, FieldRule>>(() => ({
  name: {
    schema: nameSchema,
    sentence: 'The name is empty: give it one, such as Wool sleeve.',
  },
  thick: {
    ...lengthRule('Thickness', TYPED.insulation, preferences.units),
    schema: { isValidSync: () => thick.value.ok },
    sentence: (text) =>
      text === '' || text === undefined
        ? `Thickness is empty: type how thick it is, such as ${preferences.units === 'mm' ? '50 mm' : '2 in'}.`
        : `Thickness cannot be read, or is less than 0.1 mm or more than 300 mm: type one such as ${preferences.units === 'mm' ? '50 mm' : '2 in'}.`,
  },
  r: {
    schema: { isValidSync: () => typedR.value === null || rValueSchema.isValidSync(typedR.value) },
    sentence: `R is no figure that insulation has: type one above zero, such as ${unit.value === 'mm' ? '1.5' : '8.5'}, or leave it empty.`,
  },
}))
function keep() {
  const base =
    what.value === 'slab'
      ? find(view.catalogue, { kind: 'slab', format: props.format })
      : find(view.catalogue, { kind: 'wrap' })
  if (!base || !thick.value.ok) return
  const id = `own-${crypto.randomUUID()}`
  const name = model.name.trim()
  const depth: Length = {
    mm: thick.value.mm,
    plusMinusMm: view.catalogue.figures.rulerMm,
    source: { mark: 'own', text: 'the keeper’s own pattern' },
    ...(thick.value.inches ? { inches: thick.value.inches } : {}),
  }
  const material = insulationMaterial(model.of)
  const counted = typedR.value ?? insulationR(model.of, depth.mm, view.catalogue.figures)
  const pattern = withSizes(
    {
      ...base,
      id,
      label: { british: name, northAmerican: name },
      own: true,
      material,
      rValue: Math.round(counted * 1000) / 1000,
    },
    { depth },
  )
  emit('keep', deeds.keepPattern(pattern), `${what.value === 'slab' ? 'top' : 'wrap'}:${id}`)
}
</script>

<template>
  <UiSheet title="Insulation of your own" @close="emit('close')">
    <UiForm :model="model" :rules="rules" @sound="keep">
      <UiModes v-model="what" :of="WHAT" name="Where it goes" />
      <UiField name="name" label="Name" for="insulation-name">
        <ElInput id="insulation-name" v-model="model.name" maxlength="80" data-testid="insulation-name" />
      </UiField>
      <UiField name="thick" label="Thickness" for="insulation-thick">
        <ElInput id="insulation-thick" v-model="model.thick" data-testid="insulation-thick" />
      </UiField>
      <UiField name="of" label="Made of" for="insulation-of">
        <ElSelect id="insulation-of" v-model="model.of" data-testid="insulation-of">
          <ElOption v-for="one in INSULATIONS" :key="one" :value="one" :label="INSULATION_WORDS[one]" />
        </ElSelect>
      </UiField>
      <UiField name="r" label="R, where its maker gives it" for="insulation-r">
        <ElInput
          id="insulation-r"
          v-model="model.r"
          inputmode="decimal"
          placeholder="by thickness and material"
          data-testid="insulation-r"
        />
      </UiField>
      <UiModes v-model="unit" :of="UNITS" name="Unit of R" />
      <p v-if="comesTo" data-testid="insulation-comes-to">
        It comes to <b>{{ comesTo }}</b>. R counts, not thickness: a thin panel with a high R holds as much.
      </p>
      <ElButton type="primary" native-type="submit" data-testid="keep-insulation">Keep it</ElButton>
    </UiForm>
  </UiSheet>
</template>
