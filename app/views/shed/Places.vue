<script setup lang="ts">
// Where one part has been, and what it had held by then.
import type { Stay } from '#core/yard'
import { capital, listed } from '#core/words'
import { roleWord } from '#core/stack'
import { server } from '~/client/server'

const props = defineProps<{ yardId: string; partId: string }>()
const preferences = usePreferences()
const stays = shallowRef<readonly Stay[] | null>(null)
const failed = ref(false)
watch(
  () => props.partId,
  async (partId) => {
    const answer = await server.places(props.yardId, partId)
    failed.value = !answer.ok
    if (answer.ok && partId === props.partId) stays.value = answer.value
  },
  { immediate: true },
)
function said({ hive, role, owned, lentTo, hasHeld }: Stay): string {
  const place = !owned
    ? 'gone from this yard'
    : hive
      ? `on ${hive.name}${role ? ` as ${roleWord(role, preferences.vocabulary)}` : ''}`
      : lentTo
        ? `lent to ${lentTo}`
        : 'in the shed'
  return capital(`${place}${owned ? `; has held ${hasHeld.length > 0 ? listed(hasHeld) : 'nothing yet'}` : ''}`)
}
</script>

<template>
  <p v-if="failed">Where it has been could not be fetched; the server may be away, or this part is not saved yet.</p>
  <ol v-else-if="stays" data-testid="places">
    <li v-for="(stay, i) in stays" :key="i">
      {{ said(stay) }}
      <span>{{
        stay.since
          ? `since ${preferences.day(stay.since)}, set down on ${preferences.deviceWord(stay.device ?? '')}`
          : 'from the first that is known of it'
      }}</span>
    </li>
  </ol>
</template>

<style scoped>
ol {
  margin: 0;
  padding-left: var(--space-6);
}

span {
  color: var(--soft-ink);
  font-size: var(--type-2);
}
</style>
