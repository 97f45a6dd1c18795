<script setup lang="ts">
// What was seen of their health: what it is, others say.
import { SIGNS } from '#core/book'
import { SIGN_CAUTION, SIGN_WORDS } from '#core/words'
import type { LookDraft } from './lookDraft'

const props = defineProps<{ draft: LookDraft }>()
const signs = props.draft.field('signs')
</script>

<template>
  <p class="soft">Only what you see. What it is, others say.</p>
  <EntryPick v-model="signs" many name="Seen" :of="SIGNS.map((sign) => [sign, SIGN_WORDS[sign]] as const)" />
  <p v-if="signs?.length" class="sign" role="alert" data-testid="sign-caution">{{ SIGN_CAUTION }}</p>
</template>
