<script setup lang="ts">
// What goes with every loan: until when, and what has to be known before kit goes from bees to bees.
import dayjs from 'dayjs'
import { holdsKitBack } from '#core/book'
import { SHIPPED_FIGURES } from '#core/figures'
import { yearOf } from '#core/year'
import { SCORCH_CAUTION, SODA_CAUTION } from '#core/words'

const props = defineProps<{
  /** The yard that the kit leaves. */
  yardId: string
  backBy: string
}>()
const emit = defineEmits<{ 'update:backBy': [day: string]; held: [isHeld: boolean] }>()
const today = dayjs()
const yards = useYards()
const lookedBackDays = computed(() => {
  const yard = yards.yards.find(({ id }) => id === props.yardId)
  return (yard ? yearOf(yard).figures : SHIPPED_FIGURES).signsCountDays
})
const { entries, problem } = useYardBook(() => ({
  yardId: props.yardId,
  from: today.subtract(lookedBackDays.value, 'day').format('YYYY-MM-DD'),
  to: today.format('YYYY-MM-DD'),
  sorts: ['look', 'fate', 'cleared'],
}))
const preferences = usePreferences()
const signs = computed(() =>
  holdsKitBack(entries.value ?? []).map(({ at, hiveId }) => {
    const hive = yards.yards.flatMap(({ hives }) => hives).find(({ id }) => id === hiveId)
    return `${hive?.name ?? 'a hive'}, ${preferences.day(at.slice(0, 10))}`
  }),
)
const wasLookedAt = ref(false)
watch([() => signs.value.length, wasLookedAt], ([count, looked]) => emit('held', count > 0 && !looked), {
  immediate: true,
})
</script>

<template>
  <div class="terms">
    <label class="by"
      >Back by
      <UiDay
        :value="backBy"
        name="Back by"
        :first="localToday()"
        data-testid="loan-back-by"
        @change="emit('update:backBy', $event)"
      />
      <small>may be left open</small>
    </label>
    <ElAlert v-if="signs.length > 0" type="error" :closable="false" show-icon data-testid="loan-signs">
      <p>
        In this yard something was seen in the brood, or a colony died that may have been ill: {{ signs.join('; ') }}.
        Until it was looked at, no box, frame or tool leaves the yard. Some diseases of bees must be reported.
      </p>
      <ElCheckbox v-model="wasLookedAt" data-testid="loan-looked-at"
        >A bee inspector or vet looked at it since, and kit may leave</ElCheckbox
      >
    </ElAlert>
    <p v-if="problem" class="soft">Its book cannot be asked for signs now: {{ problem }}</p>
    <p class="soft">
      Boxes and combs carry foul brood from bees to bees. Scrape and scorch bare wood before it goes and when it is back
      ({{ SCORCH_CAUTION }}); foam and plastic are scrubbed ({{ SODA_CAUTION }}). A comb that has held brood stays with
      its own bees. Notifiable disease is reported to the local bee inspector.
    </p>
  </div>
</template>

<style scoped>
.terms {
  display: grid;
  gap: var(--space-4);
  margin: var(--space-4) 0;
}

.by {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
  align-items: center;
}

.soft,
small {
  color: var(--soft-ink);
}
</style>
