<script setup lang="ts">
// A number with a press for one less and one more; what is typed is read as people write it, or told what is wrong.
import type { InputInstance } from 'element-plus'
import { parseNumber } from '#core/units'

const props = withDefaults(
  defineProps<{
    name: string
    id?: string
    placeholder?: string
    /** In what is shown, not in what is kept. */
    min: number
    max: number
    decimals?: number
    /** Reads what is typed into what is kept; a number where it is left out. */
    read?: (text: string) => number | undefined
    /** What is kept, as the number that is shown; itself where it is left out. */
    shown?: (value: number) => number
    /** The other way round, for a press. */
    kept?: (shown: number) => number
    /** What could be typed: `12.5 or 27 lb`. */
    example?: string
    /** What the first press for more says. */
    start?: number
    small?: boolean
    /** Nothing is 0: there is no such thing as not said. */
    always?: boolean
    /** No presses beside it. */
    bare?: boolean
    /** Taken when the field is left, not with every key. */
    lazy?: boolean
  }>(),
  {
    decimals: 0,
    id: undefined,
    placeholder: undefined,
    read: undefined,
    shown: undefined,
    start: undefined,
    kept: undefined,
    example: '',
  },
)
defineOptions({ inheritAttrs: false })
const model = defineModel<number | undefined>({ required: true })
const figureOf = (value: number) => {
  const shown = props.shown?.(value) ?? value
  return Number(shown.toFixed(props.decimals))
}
const written = computed(() => (model.value === undefined ? '' : String(figureOf(model.value)).replace('-', '−')))
const draft = ref(written.value)
const problem = ref('')
// Element Plus keeps a role for what stands round the input.
const field = useTemplateRef<InputInstance>('field')
onMounted(() => field.value?.input?.setAttribute('role', 'spinbutton'))
/** What was given away last: it leaves what is typed as it is when it comes back. */
let given = model.value
function give(value: number | undefined) {
  given = value
  model.value = value
}
watch(model, (value) => {
  if (value === given) return
  given = value
  problem.value = ''
  draft.value = written.value
})
watch(written, (now, before) => {
  if (draft.value === before) draft.value = now
})
const reading = (text: string) => (props.read ? props.read(text) : parseNumber(text, props.decimals))
const sample = computed(() => props.example || String(Math.min(props.max, Math.max(props.min, 10))))
/** What is typed is taken at once where it is sound; what is wrong is said when the field is left. */
function type(text: string) {
  draft.value = text
  const value = reading(text)
  problem.value = ''
  if (!props.lazy) take(text, value)
}
function take(text: string, value: number | undefined) {
  if (text.trim() === '') give(props.always ? props.min : undefined)
  else if (value !== undefined && fits(value)) give(value)
  else if (!props.always) give(undefined)
}
const fits = (value: number) => {
  const shown = figureOf(value)
  return (
    shown >= props.min &&
    shown <= props.max &&
    (props.decimals > 0 || Number.isInteger(props.shown?.(value) ?? value) || props.read !== undefined)
  )
}
function leave() {
  const value = reading(draft.value)
  if (draft.value.trim() === '') problem.value = ''
  else if (value === undefined)
    problem.value = `${props.name}: “${draft.value}” is no number: type one such as ${sample.value}.`
  else if (!fits(value))
    problem.value = `${props.name}: “${draft.value}” cannot be: type ${props.decimals === 0 ? 'a whole number' : 'a number'} from ${props.min} to ${props.max}.`
  else {
    if (props.lazy) take(draft.value, value)
    draft.value = String(figureOf(value)).replace('-', '−')
  }
}
function step(by: 1 | -1) {
  // The first press says one, or what is likely: nothing said is no zero that is counted on from.
  const begun = by > 0 ? (props.start ?? Math.max(props.min, 1)) : props.min
  const next = model.value === undefined ? begun : figureOf(model.value) + by
  const to = Math.min(props.max, Math.max(props.min, Math.round(next * 100) / 100))
  problem.value = ''
  give(props.kept?.(to) ?? to)
  draft.value = String(to).replace('-', '−')
}
</script>

<template>
  <span class="number" v-bind="$attrs">
    <span class="row">
      <ElButton
        v-if="!bare"
        :size="small ? 'small' : 'default'"
        :aria-label="`One less: ${name}`"
        :disabled="model !== undefined && figureOf(model) <= min"
        @click="step(-1)"
        >−</ElButton
      >
      <ElInput
        :id="id"
        ref="field"
        :placeholder="placeholder"
        :model-value="draft"
        :size="small ? 'small' : 'default'"
        :inputmode="min < 0 ? 'text' : 'decimal'"
        :aria-label="name"
        :aria-valuenow="model === undefined ? undefined : figureOf(model)"
        :aria-valuemin="min"
        :aria-valuemax="max"
        :aria-invalid="problem !== ''"
        @update:model-value="type"
        @change="leave"
        @keydown.up.prevent="step(1)"
        @keydown.down.prevent="step(-1)"
      />
      <ElButton
        v-if="!bare"
        :size="small ? 'small' : 'default'"
        :aria-label="`One more: ${name}`"
        :disabled="model !== undefined && figureOf(model) >= max"
        @click="step(1)"
        >+</ElButton
      >
    </span>
    <small v-if="problem" class="wrong" role="alert">{{ problem }}</small>
  </span>
</template>

<style scoped>
.number {
  display: inline-flex;
  flex-direction: column;
  gap: var(--space-1);
}

.row {
  display: inline-flex;
  align-items: center;
}

.row .el-input {
  width: 96px;
}

.row .el-button {
  min-width: 44px;
  min-height: 40px;
  margin: 0;
}

.row .el-button--small {
  min-width: 32px;
  min-height: 32px;
}

.wrong {
  max-width: 300px;
  color: var(--stop);
  font-size: var(--type-1);
}
</style>
