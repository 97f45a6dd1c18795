<script setup lang="ts">
// A day, written the reader's way: 26 Nov 2026 to a British keeper, Nov 26, 2026 to a North American one.
import dayjs from 'dayjs'
import { dayFromTyped } from './typedDay'
const props = defineProps<{
  /** `2026-11-26`, or nothing. */
  value: string
  /** The last day that can be taken. */
  last?: string
  /** The first day that can be taken. */
  first?: string
  /** A day of every year: no year is shown. */
  everyYear?: boolean
  /** The hour and minute as well: `2026-11-26T09:30`. */
  time?: boolean
  name: string
}>()
defineOptions({ inheritAttrs: false })
const emit = defineEmits<{ change: [day: string] }>()
const preferences = usePreferences()
const format = computed(() => {
  const day = preferences.vocabulary === 'british' ? 'D MMM' : 'MMM D'
  if (props.everyYear) return day
  return `${day}${preferences.vocabulary === 'british' ? '' : ','} YYYY${props.time ? ' HH:mm' : ''}`
})
const isOut = (day: Date) =>
  (props.last !== undefined && day.getTime() > Date.parse(`${props.last}T23:59:59`)) ||
  (props.first !== undefined && day.getTime() < Date.parse(`${props.first}T00:00:00`))
/** What is typed, as it was before: leaving the field without a change is no typing. */
let before = ''
const problem = ref('')
const example = computed(() => {
  const written = dayjs('2026-12-20T09:30').format(format.value)
  return props.everyYear
    ? written
    : `${written} or ${preferences.vocabulary === 'british' ? '20/12/2026' : '12/20/2026'}`
})
function enter({ target }: FocusEvent) {
  if (target instanceof HTMLInputElement) before = target.value
}
/** The picker knows one way to write a day: what else a keeper types is put so, or told what would be right. */
function typed(event: Event) {
  const field = event.target
  if (!(field instanceof HTMLInputElement) || field.value === before) return
  before = field.value
  problem.value = ''
  if (field.value.trim() === '') return
  const day = dayFromTyped(field.value, {
    vocabulary: preferences.vocabulary,
    today: localToday(),
    ...(props.last ? { last: props.last } : {}),
    ...(props.everyYear ? { everyYear: true } : {}),
    ...(props.time ? { time: true, hour: props.value.slice(11, 16) || '12:00' } : {}),
  })
  problem.value =
    day === undefined ? `${props.name}: “${field.value}” is no day: type one such as ${example.value}.` : wrongOf(day)
  if (day === undefined || problem.value !== '') return
  field.value = dayjs(day).format(format.value)
  before = field.value
  field.dispatchEvent(new Event('input', { bubbles: true }))
}
function choose(day: string | null) {
  problem.value = ''
  emit('change', day ?? '')
}
function wrongOf(day: string): string {
  const said = (one: string) => preferences.day(one.slice(0, 10))
  if (props.last && day.slice(0, 10) > props.last)
    return `${props.name}: ${said(day)} is still to come: ${said(props.last)} is the last that it can be.`
  if (props.first && day.slice(0, 10) < props.first)
    return `${props.name}: ${said(day)} is past: ${said(props.first)} is the first that it can be.`
  return ''
}
</script>

<template>
  <span v-bind="$attrs" class="day" @focusin.capture="enter" @keydown.enter.capture="typed" @change.capture="typed">
    <ElDatePicker
      :model-value="value || null"
      :type="time ? 'datetime' : 'date'"
      :value-format="time ? 'YYYY-MM-DD[T]HH:mm' : 'YYYY-MM-DD'"
      :format="format"
      :disabled-date="isOut"
      :aria-label="name"
      :placeholder="time ? 'a day and a time' : 'a day'"
      @update:model-value="choose($event)"
    />
    <small v-if="problem" class="wrong" role="alert">{{ problem }}</small>
  </span>
</template>

<style scoped>
.wrong {
  display: block;
  max-width: 260px;
  color: var(--stop);
  font-size: var(--type-1);
}
</style>
