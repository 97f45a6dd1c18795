<script setup lang="ts">
// What holds until it is mended: what keeps the server from saving, what this browser cannot keep, what was set aside, which hive stands open.
import { catalogueOf } from '#core/parts'
import { spanInWords } from '#core/words'
import { standsOpen } from '#core/year'
import { useInterval } from '@vueuse/core'
import { printing } from '~/client/printing'

const yards = useYards()
const journal = useJournal()
const { aside, clock } = journal
const shell = useShell()
const room = useRoom()
const me = useMe()
const app = useApp()
const moment = useMoment()
const waiting = computed(() => {
  const { count } = journal
  const kept =
    count === 0
      ? 'Nothing is waiting.'
      : count === 1
        ? 'One change is kept here and sent when it can be.'
        : `${count} changes are kept here and sent when they can be.`
  return journal.keptAt ? `${kept} What others did since ${moment(journal.keptAt)} is not here.` : kept
})
const clockOff = computed(() => spanInWords(Math.abs(clock.offMs)))
function chooseClock(choice: 'server' | 'device') {
  clock.choice = choice
  void journal.flushAll()
}
const notKept = computed(() => journal.unkept.count)
const route = useRoute()
/** Hives without their roof in the middle of a visit, wherever one looks but at the visit itself. */
const open = computed(() =>
  yards.yards.flatMap((yard) =>
    yard.hives
      .filter(
        (hive) =>
          hive.visit &&
          standsOpen(hive, yard, catalogueOf(yard)) &&
          !(route.path.endsWith('/visit') && route.params.yard === yard.id && route.params.hive === hive.id),
      )
      .map((hive) => ({ yard, hive })),
  ),
)
/** A print that takes longer than a moment is told, with a way to end it. */
const seconds = useInterval(1000)
const printingLong = computed(() => {
  if (!printing.value || seconds.value < 0) return 0
  return Math.floor((Date.now() - printing.value.beganAt) / 1000)
})
const unkept = computed(() =>
  journal.unkept.why === 'forbidden'
    ? 'This browser keeps nothing for Duvet'
    : journal.unkept.why === 'lost'
      ? 'What this browser kept for Duvet was cleared while the page was open'
      : 'This browser’s storage is full',
)
</script>

<template>
  <div class="notices" aria-live="polite">
    <p v-if="printingLong" class="away" data-testid="printing">
      Printing, {{ printingLong }} s so far.
      <ElButton data-testid="cancel-print" @click="printing?.cancel()">Cancel</ElButton>
    </p>
    <p v-if="journal.trouble && !me.mustSignIn" class="away" data-testid="away">
      {{ journal.trouble.sentence }} {{ waiting }}
    </p>
    <p v-if="notKept > 0" class="away" data-testid="unkept">
      {{ unkept }}: {{ notKept === 1 ? 'a change is' : `${notKept} changes are` }} kept in this page only until the
      server has {{ notKept === 1 ? 'it' : 'them' }}. Do not close it before.
    </p>
    <p v-else-if="room.short" class="away" data-testid="room-short">
      {{ room.words }}
      <ElButton @click="shell.ofDevice = true">Look at this device</ElButton>
    </p>
    <p v-if="clock.asks" class="away" data-testid="clock-asks">
      This device’s clock is {{ clockOff }} {{ clock.offMs > 0 ? 'behind' : 'ahead of' }} the server’s. What was written
      here has its days and waits until you say which is right.
      <ElButton data-testid="clock-server" @click="chooseClock('server')"
        >The server’s: put the days right by {{ clockOff }}</ElButton
      >
      <ElButton data-testid="clock-device" @click="chooseClock('device')">This device’s: leave them</ElButton>
    </p>
    <p v-if="app.isNewer && open.length === 0 && !route.path.endsWith('/visit')" class="said" data-testid="newer">
      A newer Duvet is here. Nothing that waits is lost by taking it.
      <ElButton data-testid="take-newer" @click="app.update()">Take it now</ElButton>
      <ElButton text @click="app.later()">Later</ElButton>
    </p>
    <p v-if="aside.all.length > 0" class="said" data-testid="aside">
      {{
        aside.count === 1 ? 'One change could not be saved and is' : `${aside.count} changes could not be saved and are`
      }}
      set aside.
      <ElButton data-testid="open-aside" @click="aside.shown = true">
        Look at {{ aside.count === 1 ? 'it' : 'them' }}
      </ElButton>
    </p>
    <p v-for="{ yard, hive } in open" :key="`${yard.id} ${hive.id}`" class="away" data-testid="stands-open">
      <ShellSeverityMark grade="watch" /> {{ hive.name }} stands open in the middle of a visit.
      <NuxtLink :to="hivePath(yard.id, hive.id, 'visit')">Go on with it</NuxtLink>
    </p>
  </div>
</template>

<style scoped>
p {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-4);
  align-items: center;
  padding: var(--space-3) var(--space-4);
  border-bottom: 2px solid var(--watch);
  background: #fff8e8;
}

a {
  color: var(--indigo);
}

.said {
  border-color: var(--indigo);
  background: #fff;
}
</style>
