<script setup lang="ts">
// What holds until it is mended: what keeps the server from saving, what this browser cannot keep, what was set aside, which hive stands open.
import { catalogueOf } from '#core/catalogue'
import { standsOpen } from '#core/season/stands-open'

const yards = useYards()
const sync = useSync()
const store = useHeld()
const aside = useAside()
const waiting = computed(() =>
  yards.waitingCount === 0
    ? 'Nothing is waiting.'
    : yards.waitingCount === 1
      ? 'One change is kept here and sent when it can be.'
      : `${yards.waitingCount} changes are kept here and sent when they can be.`,
)
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
const unkept = computed(() =>
  store.unkept === 'forbidden' ? 'This browser keeps nothing for Duvet' : 'This browser’s storage is full',
)
</script>

<template>
  <div class="notices" aria-live="polite">
    <p v-if="sync.trouble" class="away" data-testid="away">{{ sync.trouble.sentence }} {{ waiting }}</p>
    <p v-if="store.unkept && yards.waitingCount > 0" class="away" data-testid="unkept">
      {{ unkept }}: {{ yards.waitingCount === 1 ? 'a change is' : `${yards.waitingCount} changes are` }} kept in this
      page only until the server has {{ yards.waitingCount === 1 ? 'it' : 'them' }}. Do not close it before.
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
  gap: 4px 12px;
  align-items: center;
  padding: 6px 14px;
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
