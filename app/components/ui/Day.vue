<script setup lang="ts">
// A day, written the reader's way: 26 Nov 2026 to a British keeper, Nov 26, 2026 to a North American one.
const props = defineProps<{
  /** `2026-11-26`, or nothing. */
  value: string
  /** The last day that can be taken. */
  last?: string
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
const isTooLate = (day: Date) => props.last !== undefined && day.getTime() > Date.parse(`${props.last}T23:59:59`)
</script>

<template>
  <span v-bind="$attrs">
    <ElDatePicker
      :model-value="value || null"
      :type="time ? 'datetime' : 'date'"
      :value-format="time ? 'YYYY-MM-DD[T]HH:mm' : 'YYYY-MM-DD'"
      :format="format"
      :disabled-date="isTooLate"
      :aria-label="name"
      :placeholder="time ? 'a day and a time' : 'a day'"
      @update:model-value="emit('change', $event ?? '')"
    />
  </span>
</template>
