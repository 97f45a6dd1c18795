<script setup lang="ts">
// An address that leads nowhere: one of an older Duvet leads on, of any other it is said plainly.
const route = useRoute()
const router = useRouter()
const yards = useYards()
const view = useView()
/** Views of a hive by their older names; they named no yard. */
const OLDER_OF_HIVE: Readonly<Record<string, HiveView>> = {
  hives: 'bench',
  lift: 'weight',
  log: 'book',
  visit: 'visit',
}
const OLDER_OF_YARD: Readonly<Record<string, YardView>> = { year: 'year', shed: 'shed', frames: 'boxes' }
const moved = computed(() => {
  const [older = '', id] = route.path.split('/').filter(Boolean).map(decodeURIComponent)
  const ofHive = OLDER_OF_HIVE[older]
  if (ofHive) {
    const place = id ? view.placeOf(id) : view.yard && view.hive ? { yard: view.yard, hive: view.hive } : null
    return place && hivePath(place.yard.id, place.hive.id, ofHive)
  }
  const ofYard = OLDER_OF_YARD[older]
  if (!ofYard || !view.yard) return null
  const yard = yards.yards.find(({ parts }) => parts.some((part) => part.id === id))
  const standsIn = view.yardOf(String(route.query.hive)) ?? view.yard
  return id ? (yard ? boxPath(yard.id, id) : null) : yardPath(standsIn.id, ofYard)
})
watch(
  moved,
  (path) => {
    // The log was of what was changed; the book tells what was found first.
    const see = route.path.startsWith('/log') ? { see: 'changed' } : {}
    if (path) void router.replace({ path, query: { ...see, ...route.query } })
  },
  { immediate: true },
)
useHead({ title: 'Nothing here – Duvet' })
</script>

<template>
  <ShellWayOn v-if="yards.loaded && !moved" title="There is nothing at this address">
    <p>A letter may be missing, or it is from an older Duvet. Your hives are all where they were.</p>
  </ShellWayOn>
</template>
