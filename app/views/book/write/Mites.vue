<script setup lang="ts">
// A count of mites: on a tray over days, or among bees that were washed or rolled in sugar.
import { beesInCups, type MiteCount } from '#core/book'
import type { YardYear } from '#core/year'

defineProps<{ year: YardYear }>()
const body = defineModel<MiteCount | null>({ required: true })
const WAYS = [
  ['tray', 'On a tray'],
  ['wash', 'Washed'],
  ['sugar', 'In sugar'],
] as const
const typed = reactive<{
  way: (typeof WAYS)[number][0]
  mites: number | undefined
  days: number | undefined
  bees: number | undefined
}>({ way: 'tray', mites: undefined, days: 3, bees: 300, ...body.value })
watchEffect(() => {
  const { way, mites, days, bees } = typed
  body.value =
    mites === undefined
      ? null
      : way === 'tray'
        ? days === undefined
          ? null
          : { way, mites, days }
        : bees === undefined
          ? null
          : { way, mites, bees }
})
</script>

<template>
  <div class="form">
    <UiModes v-model="typed.way" :of="WAYS" name="How they were counted" />
    <EntryNumber v-model="typed.mites" :of="{ min: 0, max: 100000 }" name="Mites" />
    <EntryNumber
      v-if="typed.way === 'tray'"
      v-model="typed.days"
      :of="{ min: 0.5, max: 120, decimals: 1 }"
      name="Days the tray was in"
      hint="ants carry counts away: grease the tray"
    />
    <EntryNumber
      v-else
      v-model="typed.bees"
      :of="{ min: 10, max: 5000 }"
      name="Bees in the sample"
      :hint="`half a cup is about ${beesInCups(0.5, year.figures)}`"
    />
  </div>
</template>
