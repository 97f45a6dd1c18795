<script setup lang="ts">
// What was held is free again: somebody looked at it and found nothing, or it was cleaned as the law asks.
import { CLEARED_HOW, type Cleared } from '#core/book'
import { CLEARED_WORDS } from '#core/words'

const body = defineModel<Cleared | null>({ required: true })
const typed = reactive<{ how: Cleared['how'] | undefined; who: string }>({
  how: body.value?.how,
  who: body.value?.who ?? '',
})
watchEffect(() => {
  const who = typed.who.trim()
  body.value = typed.how ? { how: typed.how, ...(who ? { who } : {}) } : null
})
</script>

<template>
  <div class="form">
    <EntryPick v-model="typed.how" name="It was" :of="CLEARED_HOW.map((how) => [how, CLEARED_WORDS[how]] as const)" />
    <EntryText v-model="typed.who" name="By whom" :most="80" />
    <UiCaution>
      From here on its kit may go to other hives. Where a disease was found, do as the inspector says: some kit is
      burned, not cleaned.
    </UiCaution>
  </div>
</template>
