<script setup lang="ts">
// The combs of a colony that died: whether they may go to others, and to whom.
import { deadCombs, giftEdit, giftsByHive, type DeadCombs, type Entry } from '#core/book'
import type { Yard } from '#core/yard'
import { causeInWords, counted, hiveNameIn } from '#core/words'
import { localToday } from '~/composables/localTime'

const props = defineProps<{ yard: Yard; entries: readonly Entry[] }>()
const yards = useYards()
const book = useBook()
const along = useTreatmentsAlong()
const nameOf = (id: string) => hiveNameIn(props.yard, id)
const dead = computed(() =>
  deadCombs(props.yard, props.entries, localToday()).map((one) => ({
    ...one,
    cause: causeInWords(one.fate),
    to: [...giftsByHive(one.gifts)],
  })),
)
async function share({ hive, gifts }: DeadCombs) {
  if (gifts.length === 0 || !yards.perform(props.yard.id, giftEdit(props.yard, gifts))) return
  const own = props.entries.filter(({ hiveId }) => hiveId === hive.id)
  const treated = along(own, hive.name, [...giftsByHive(gifts).keys()])
  if (treated.length > 0) await book.write(props.yard.id, treated)
}
</script>

<template>
  <UiCard title="Combs of a colony that died">
    <p v-if="dead.length === 0">No colony here was noted as dead.</p>
    <template v-for="one in dead" :key="one.hive.id">
      <p v-if="one.may === 'never'" class="stop" role="note">
        {{ one.hive.name }}: signs were seen in its brood. Nothing of it goes to another hive: close it, have it looked
        at; some diseases must be reported.
      </p>
      <p v-else-if="one.may === 'cause-first'" class="stop" role="note" data-testid="cause-first">
        {{ one.hive.name }}: say first what it died of, in its book. Until then its combs go to no other hive, and it is
        closed so that none rob it.
      </p>
      <template v-else>
        <p>
          <b>{{ one.hive.name }}</b> ({{ one.cause }}): first to the hives that are shortest of food, in the place of
          empty frames. Each comb keeps its past.
        </p>
        <ul>
          <li v-for="[hiveId, many] in one.to" :key="hiveId">{{ counted(many, 'comb') }} to {{ nameOf(hiveId) }}</li>
        </ul>
        <ElPopconfirm
          v-if="one.to.length > 0"
          title="Did you look at every comb, with no sunken or pierced cap, no scale, no thread in any?"
          confirm-button-text="Yes"
          cancel-button-text="No"
          width="280"
          @confirm="share(one)"
        >
          <template #reference><ElButton data-testid="share-combs">They hang there now</ElButton></template>
        </ElPopconfirm>
        <p v-else>No hive is short and has room for its sealed combs.</p>
      </template>
    </template>
  </UiCard>
</template>

<style scoped>
ul {
  margin: 0;
}

.stop {
  padding: var(--space-3) var(--space-3);
  border-left: 5px solid var(--stop);
}
</style>
