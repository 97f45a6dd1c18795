<script setup lang="ts">
// Which box to open, and what another spacing would make of all the supers of a yard.
import { isBox, resolvePart, type Part } from '#core/parts'
import { assessBox } from '#core/rules'
import { hiveIn } from '#core/ask'
import { newPlacement, type Hive, type Placement } from '#core/yard'
import { worse, type Grade } from '#core/stack'
import { capital, findingInWords, partDetail, severityWord, type Reader } from '#core/words'
import { useWindowVirtualizer } from '@tanstack/vue-virtual'
import { useElementSize } from '@vueuse/core'
import { boxName, namesAround } from '~/composables/boxName'

const view = useView()
const preferences = usePreferences()
const MODES = [
  ['boxes', 'Box by box'],
  ['compare', 'Compare spacings, all supers'],
] as const
const mode = useInAddress('see', modeOf(MODES), 'boxes')
const boxes = computed(() =>
  (view.yard?.parts ?? []).filter(
    (part) =>
      isBox({ pattern: view.catalogue.patterns.get(part.patternId) }) &&
      !view.catalogue.patterns.get(part.patternId)?.sections,
  ),
)
/**
 * What stands together: a hive's boxes, top first; those of the shed, and those that are lent, in handfuls. What is said
 * of them is worked out where it is seen.
 */
interface Group {
  readonly key: string
  readonly name: string
  readonly hive?: Hive
  readonly boxes: readonly { readonly part: Part; readonly placement: Placement; readonly hive: Hive | null }[]
}
const IN_THE_SHED = 8
/** The boxes are gone through in a turn of their own, after the page. */
const begun = useInTurn(1)
const groups = computed<Group[]>(() => {
  const yard = view.yard
  if (!yard || begun.value === 0) return []
  const byId = new Map(boxes.value.map((part) => [part.id, part]))
  const standing = yard.hives.map((hive): Group => ({
    key: hive.id,
    name: hive.name,
    hive,
    boxes: hive.stack
      .flatMap((placement) => {
        const part = byId.get(placement.partId)
        return part ? [{ part, placement, hive }] : []
      })
      .reverse(),
  }))
  const placed = new Set(yard.hives.flatMap(({ stack }) => stack.map(({ partId }) => partId)))
  const loose = boxes.value
    .filter(({ id }) => !placed.has(id))
    .map((part) => ({
      part,
      placement: newPlacement(part.id, view.catalogue.patterns.get(part.patternId)),
      hive: null,
    }))
  const handfuls = (name: string, all: Group['boxes']) =>
    Array.from({ length: Math.ceil(all.length / IN_THE_SHED) }, (_, i): Group => ({
      key: `${name} ${i}`,
      name: i === 0 ? name : `${name}, more`,
      boxes: all.slice(i * IN_THE_SHED, (i + 1) * IN_THE_SHED),
    }))
  const isLent = ({ part }: Group['boxes'][number]) => part.lent !== undefined
  return [
    ...standing,
    ...handfuls(
      'In the shed',
      loose.filter((one) => !isLent(one)),
    ),
    ...handfuls('Lent', loose.filter(isLent)),
  ].filter((group) => group.boxes.length > 0)
})
const COLUMN_PX = 308
/** So many hives are there as a whole; of more, what is in sight. */
const AT_ONCE = 40
const list = ref<HTMLElement | null>(null)
const { width } = useElementSize(list)
const columns = computed(() => Math.max(1, Math.floor((width.value || 1248) / COLUMN_PX)))
const rows = computed(() =>
  Array.from({ length: Math.ceil(groups.value.length / columns.value) }, (_, i) =>
    groups.value.slice(i * columns.value, (i + 1) * columns.value),
  ),
)
const virtualizer = useWindowVirtualizer(
  computed(() => ({
    count: rows.value.length,
    estimateSize: () => 270,
    overscan: groups.value.length <= AT_ONCE ? rows.value.length : 1,
    scrollMargin: list.value?.offsetTop ?? 0,
    getItemKey: (i: number) => rows.value[i]![0]!.key,
  })),
)
const measureRow = (row: unknown) => {
  if (row instanceof Element) virtualizer.value.measureElement(row)
}
const inSight = computed(() => virtualizer.value.getVirtualItems())
const drawnNow = useInTurn(
  computed(() => inSight.value.reduce((sum, { index }) => sum + (rows.value[index]?.length ?? 0), 0)),
)
/** The rows in sight, with as many of their groups as have had their turn. */
const seen = computed(() =>
  inSight.value.flatMap((item, i) => {
    const groupsOf = rows.value[item.index]?.slice(0, Math.max(0, drawnNow.value - i * columns.value)) ?? []
    return groupsOf.length > 0
      ? [{ item, groups: groupsOf.map((group) => ({ ...group, boxes: toldOf.value(group) })) }]
      : []
  }),
)
/** What is said of a group's boxes; worked out once. */
const toldOf = computed(() => {
  const known = new WeakMap<Group, ReturnType<typeof told>[]>()
  const [yard, context, reader] = [view.yard!, view.context, preferences.reader]
  return (group: Group) => {
    const said =
      known.get(group) ??
      group.boxes.map(({ part, placement, hive }) =>
        told(part, placement, hive ? hiveIn(yard, hive).context : context, reader),
      )
    known.set(group, said)
    return said
  }
})
function told(
  part: Part,
  placement: Parameters<typeof assessBox>[1],
  context: Parameters<typeof assessBox>[2],
  reader: Reader,
) {
  const findings = assessBox(part, placement, context)
  const first = findings[0]
  const name = boxName(view.yard!, part, reader.vocabulary)
  return {
    part,
    name: capital(name),
    detail: partDetail(resolvePart(part, view.catalogue), reader.vocabulary),
    grade: findings.reduce<Grade>((grade, { severity }) => worse(grade, severity), 'good'),
    say: first
      ? `${severityWord(first.severity)}: ${findingInWords(first, namesAround(view.yard!, part, reader.vocabulary), view.catalogue, reader).what}`
      : 'Nothing to mend',
  }
}
const supers = computed(() => {
  const roles = new Map(
    (view.yard?.hives ?? []).flatMap(({ stack }) => stack.map(({ partId, role }) => [partId, role] as const)),
  )
  return boxes.value
    .filter(
      (part) =>
        !part.lent && (roles.get(part.id) ?? view.catalogue.patterns.get(part.patternId)?.usualRole) === 'super',
    )
    .map((part) => resolvePart(part, view.catalogue))
})
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
      <NuxtLink :to="yardPath(view.yard!.id, 'shed')">Shed</NuxtLink>.
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
          <ShellColonyNote v-if="group.hive" :yard="view.yard!" :hive="group.hive" />
          <NuxtLink
            v-for="box in group.boxes"
            :key="box.part.id"
            class="box"
            :to="boxPath(view.yard!.id, box.part.id)"
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
