<script setup lang="ts">
// The climate of a yard, asked by pictures; it closes once it is said.
import type { Yard } from '#core/yard'

defineProps<{ yard: Yard }>()
defineEmits<{ close: [] }>()
</script>

<template>
  <UiSheet :title="`The climate of ${yard.name}`" width="min(760px, 96vw)" @close="$emit('close')">
    <YearClimates :yard="yard" @chosen="$emit('close')" />
  </UiSheet>
</template>
