<script setup lang="ts">
// Food given: syrup and fondant by what goes on, combs by the stores in them.
import type { FeedGiven } from '#core/book'

const body = defineModel<FeedGiven | null>({ required: true })
const FEEDS = [
  ['two-to-one', 'Syrup 2 : 1'],
  ['one-to-one', 'Syrup 1 : 1'],
  ['fondant', 'Fondant'],
  ['comb', 'Combs'],
] as const
const typed = reactive<{ feed: FeedGiven['feed']; kg: number | undefined }>({
  feed: 'two-to-one',
  kg: undefined,
  ...body.value,
})
watchEffect(() => {
  body.value = typed.kg ? { feed: typed.feed, kg: typed.kg } : null
})
</script>

<template>
  <div class="form">
    <UiModes v-model="typed.feed" :of="FEEDS" name="What" />
    <EntryMass v-model="typed.kg" name="Food" :most-kg="100" />
  </div>
</template>
