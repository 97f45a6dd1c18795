<script setup lang="ts">
// A length as people type it; what was typed stays, and what is wrong with it is said below.
import { parseLength, showLength, type LengthLimits } from '#core/units'
import { lengthProblemInWords } from '#core/words'

const props = defineProps<{ label: string; limits: LengthLimits; name: string }>()
const mm = defineModel<number | null>({ required: true })
const preferences = usePreferences()
const typed = ref<string | null>(null)
const problem = ref('')
const shown = computed(() => typed.value ?? (mm.value === null ? '' : showLength(mm.value, preferences.units)))
watch(
  () => preferences.units,
  () => {
    if (problem.value === '') typed.value = null
  },
)
function read(text: string) {
  typed.value = text
  const parsed = parseLength(text, preferences.units, props.limits)
  problem.value = parsed.ok
    ? ''
    : lengthProblemInWords(props.label, parsed.problem, props.limits, preferences.units, parsed.readings)
  if (parsed.ok) mm.value = parsed.mm
}
</script>

<template>
  <div class="field">
    <label :for="`length-${name}`">{{ label }}</label>
    <UiTyped
      :id="`length-${name}`"
      :value="shown"
      :data-testid="`length-${name}`"
      :aria-invalid="problem !== ''"
      :aria-describedby="problem ? `problem-${name}` : undefined"
      @change="read($event)"
    />
    <p v-if="problem" :id="`problem-${name}`" class="wrong" role="alert">{{ problem }}</p>
  </div>
</template>

<style scoped>
.field {
  display: flex;
  flex-direction: column;
  font-size: var(--type-2);
}

.el-input {
  width: 100%;
}
</style>
