<script setup lang="ts">
// A number with a press for one less and one more; what is typed is read as people write it, or told what is wrong.
import type { InputInstance } from 'element-plus'
import { numberField, type NumberOf } from './numberField'

const props = withDefaults(
  defineProps<{
    name: string
    id?: string
    placeholder?: string
    /** What numbers there are: from where to where, in what unit and how exactly. */
    of: NumberOf
    /** Smaller, or with no presses beside it. */
    look?: 'usual' | 'small' | 'bare'
    /** Nothing is 0: there is no such thing as not said. */
    always?: boolean
    /** Taken when the field is left, not with every key. */
    lazy?: boolean
  }>(),
  { id: undefined, placeholder: undefined, look: 'usual' },
)
defineOptions({ inheritAttrs: false })
const model = defineModel<number | undefined>({ required: true })
const { figureOf, fits, reading, problemOf, stepped } = numberField(
  () => props.name,
  () => props.of,
)
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
/** What is typed is taken at once where it is sound; what is wrong is said when the field is left. */
function type(text: string) {
  draft.value = text
  const value = reading(text)
  problem.value = ''
  if (!props.lazy) take(text, value)
}
function take(text: string, value: number | undefined) {
  if (text.trim() === '') give(props.always ? props.of.min : undefined)
  else if (value !== undefined && fits(value)) give(value)
  else if (!props.always) give(undefined)
}
function leave() {
  const value = reading(draft.value)
  problem.value = problemOf(draft.value)
  if (problem.value !== '' || value === undefined) return
  if (props.lazy) take(draft.value, value)
  draft.value = String(figureOf(value)).replace('-', '−')
}
function step(by: 1 | -1) {
  const to = stepped(model.value, by)
  problem.value = ''
  give(props.of.kept?.(to) ?? to)
  draft.value = String(to).replace('-', '−')
}
</script>

<template>
  <span class="number" v-bind="$attrs">
    <span class="row">
      <ElButton
        v-if="look !== 'bare'"
        :size="look === 'small' ? 'small' : 'default'"
        :aria-label="`One less: ${name}`"
        :disabled="model !== undefined && figureOf(model) <= of.min"
        @click="step(-1)"
        >−</ElButton
      >
      <ElInput
        :id="id"
        ref="field"
        :placeholder="placeholder"
        :model-value="draft"
        :size="look === 'small' ? 'small' : 'default'"
        :inputmode="of.min < 0 ? 'text' : 'decimal'"
        :aria-label="name"
        :aria-valuenow="model === undefined ? undefined : figureOf(model)"
        :aria-valuemin="of.min"
        :aria-valuemax="of.max"
        :aria-invalid="problem !== ''"
        @update:model-value="type"
        @change="leave"
        @keydown.up.prevent="step(1)"
        @keydown.down.prevent="step(-1)"
      />
      <ElButton
        v-if="look !== 'bare'"
        :size="look === 'small' ? 'small' : 'default'"
        :aria-label="`One more: ${name}`"
        :disabled="model !== undefined && figureOf(model) >= of.max"
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
