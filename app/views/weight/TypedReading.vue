<script setup lang="ts">
// A reading as it is typed: of a scale, or of a half-lift at each side.
import { TYPED } from '#core/yard'
import { massUnit, parseMass } from '#core/units'
import { massRule } from '~/kit/formRules'
import type { WeighIn } from '#wire/readings/weight'

defineProps<{ wrongAt: string }>()
const emit = defineEmits<{ sound: [row: WeighIn]; typed: [] }>()
const method = defineModel<WeighIn['method']>('method', { required: true })
const preferences = usePreferences()
const METHODS = [
  ['scale', 'One reading'],
  ['heft', 'A half-lift at each side'],
] as const
const model = reactive({ kg: '', left: '', right: '', at: localNow() })
const fields = computed(() =>
  method.value === 'scale'
    ? ([['kg', 'Reading', 'Without the stand']] as const)
    : ([
        ['left', 'Left half', 'Left half'],
        ['right', 'Right half', 'Right half'],
      ] as const),
)
const isMoment = (at: unknown) => typeof at === 'string' && !Number.isNaN(Date.parse(at))
const rules = computed(() => ({
  ...Object.fromEntries(fields.value.map(([name, word]) => [name, massRule(word, TYPED.reading, preferences.units)])),
  at: {
    schema: { isValidSync: isMoment },
    sentence: 'When is not a date with a time: such as 31 May 2026, 14:15.',
  },
}))
watch(model, () => emit('typed'))
const kgOf = (text: string) => {
  const parsed = parseMass(text, preferences.units, TYPED.reading)
  return parsed.ok ? parsed.kg : 0
}
function send() {
  const at = `${new Date(model.at).toISOString().slice(0, 16)}:00Z`
  const [leftKg, rightKg] = [kgOf(model.left), kgOf(model.right)]
  emit(
    'sound',
    method.value === 'scale'
      ? { at, kg: kgOf(model.kg), method: 'scale' }
      : { at, kg: leftKg + rightKg, method: 'heft', leftKg, rightKg },
  )
}
</script>

<template>
  <UiModes v-model="method" :of="METHODS" name="How it is weighed" />
  <UiForm :model="model" :rules="rules" line class="typed" @sound="send">
    <UiField
      v-for="[name, , label] in fields"
      :key="name"
      :name="name"
      :label="`${label}, ${massUnit(preferences.units)}`"
      :for="`weigh-${name}`"
    >
      <ElInput :id="`weigh-${name}`" v-model="model[name]" inputmode="decimal" :data-testid="`weigh-${name}`" />
    </UiField>
    <UiField name="at" label="When" :wrong="wrongAt">
      <UiDay name="When" time :value="model.at" data-testid="weigh-at" @change="model.at = $event" />
    </UiField>
    <ElButton type="primary" native-type="submit" data-testid="weigh-add">Keep it</ElButton>
  </UiForm>
</template>

<style scoped>
.typed {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: var(--space-3);
  align-items: start;
}

.typed .el-button {
  grid-column: 1 / -1;
  justify-self: start;
}
</style>
