<script setup lang="ts">
// Which box to open, and what another spacing would make of all the supers of a yard.
import { there } from '#core/units'
import { boxGroups, hiveIn, supersOf, type BoxGroup } from '#core/ask'
import { capital } from '#core/words'
import { boxTold } from './boxTold'
import { useRowsInSight } from './rowsInSight'

const view = useView()
const preferences = usePreferences()
const MODES = [
  ['boxes', 'Box by box'],
  ['compare', 'Compare spacings, all supers'],
] as const
const mode = useInAddress('see', modeOf(MODES), 'boxes')
/** The boxes are gone through in a turn of their own, after the page. */
const begun = useInTurn(1)
const groups = computed(() => (view.yard && begun.value > 0 ? boxGroups(view.yard) : []))
const list = ref<HTMLElement | null>(null)
const { virtualizer, measureRow, inSight, columns } = useRowsInSight(groups, list)
/** The rows in sight, with what is said of each box. */
const seen = computed(() =>
  inSight.value.map(({ item, groups: some }) => ({
    item,
    groups: some.map((group) => ({ ...group, boxes: toldOf.value(group) })),
  })),
)
/** What is said of a group's boxes; worked out once. */
const toldOf = computed(() => {
  const known = new WeakMap<BoxGroup, ReturnType<typeof boxTold>[]>()
  const { yard, context } = view
  const { reader } = preferences
  return (group: BoxGroup) => {
    const told =
      known.get(group) ??
      group.boxes.map(({ part, placement, hive }) =>
        boxTold(there(yard), part, placement, hive ? hiveIn(there(yard), hive).context : context, reader),
      )
    known.set(group, told)
    return told
  }
})
const supers = computed(() => (view.yard ? supersOf(view.yard) : []))
useHead({ title: 'Frames – Duvet' })
</script>

<template>
  <ShellPage :title="`Frames at ${view.yard?.name ?? ''}`">
    <template #bar>
      <UiModes v-model="mode" :of="MODES" name="What to see" />
    </template>
    <template v-if="mode === 'compare'">
      <p class="lead">
        {{ supers.length === 1 ? 'The one super' : `All ${supers.length} supers` }} of {{ view.yard?.name }}, each full,
        at full count and with one or two frames less.
      </p>
      <FramesCompare :boxes="supers" :catalogue="view.catalogue" />
    </template>
    <p v-else-if="view.yard && begun > 0 && groups.length === 0" class="none">
      No box holds frames here yet. Stack a hive in the <NuxtLink to="/">Row</NuxtLink>, or add boxes in the
      <NuxtLink :to="yardPath(there(view.yard).id, 'shed')">Shed</NuxtLink>.
    </p>
    <div v-else ref="list" class="list" :style="{ height: `${virtualizer.getTotalSize()}px` }">
      <div
        v-for="{ item, groups: here } in seen"
        :key="String(item.key)"
        :ref="measureRow"
        :data-index="item.index"
        class="groups"
        :style="{
          top: `${item.start - virtualizer.options.scrollMargin}px`,
          gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))`,
        }"
      >
        <section v-for="group in here" :key="group.key">
          <h2>{{ group.name }}</h2>
          <ShellColonyNote v-if="group.hive" :yard="there(view.yard)" :hive="group.hive" />
          <NuxtLink
            v-for="box in group.boxes"
            :key="box.part.id"
            class="box"
            :to="boxPath(there(view.yard).id, box.part.id)"
            :data-box="box.part.id"
          >
            <ShellSeverityMark :grade="box.grade" />
            <span
              ><b>{{ box.name }}</b
              ><small>{{ capital(box.detail) }}</small
              ><small>{{ box.say }}</small></span
            >
          </NuxtLink>
        </section>
      </div>
    </div>
  </ShellPage>
</template>

<style scoped>
.list {
  position: relative;
  margin: 0 var(--space-5) var(--space-6);
}

.groups {
  position: absolute;
  left: 0;
  right: 0;
  display: grid;
  gap: 0 var(--space-5);
  padding: var(--space-2) 0 var(--space-4);
}

.box {
  display: flex;
  gap: var(--space-3);
  padding: var(--space-3) var(--space-3);
  margin-top: var(--space-3);
  border: 1px solid var(--seam);
  border-radius: 8px;
  background: var(--sheet);
  color: var(--ink);
  text-decoration: none;
}

.box:hover {
  border-color: var(--indigo);
}

small {
  display: block;
  color: var(--soft-ink);
  font-size: var(--type-2);
}

.lead,
.none {
  padding: var(--space-3) var(--space-5);
}
</style>
