<script setup lang="ts">
// The hives of a yard close together, each to one scale; of many, those in sight.
import { useWindowVirtualizer } from '@tanstack/vue-virtual'
import { useElementSize } from '@vueuse/core'
import type { Hive, Stage } from '#core/yard'
import type { LaidHive } from '#core/ask'
import type { Verdict } from '#core/words'

const props = defineProps<{
  hives: readonly Hive[]
  knownOf: (hive: Hive) => LaidHive
  tallestMm: number
  verdictOf: (hive: Hive) => Verdict | undefined
  stage: Stage | null
  yardId: string
  name: string
}>()
const CELL_PX = 150
const HEIGHT_PX = 96
const row = useRow()
const list = ref<HTMLElement | null>(null)
const { width } = useElementSize(list)
const columns = computed(() => Math.max(1, Math.floor((width.value || 1248) / CELL_PX)))
const rows = computed(() =>
  Array.from({ length: Math.ceil(props.hives.length / columns.value) }, (_, i) =>
    props.hives.slice(i * columns.value, (i + 1) * columns.value),
  ),
)
const virtualizer = useWindowVirtualizer(
  computed(() => ({
    count: rows.value.length,
    estimateSize: () => 196,
    overscan: 1,
    scrollMargin: list.value ? list.value.getBoundingClientRect().top + window.scrollY : 0,
  })),
)
const measureRow = (element: unknown) => {
  if (element instanceof Element) virtualizer.value.measureElement(element)
}
const scale = computed(() => Math.min((HEIGHT_PX - 10) / props.tallestMm, (CELL_PX - 24) / 620))
</script>

<template>
  <div
    ref="list"
    class="grid"
    role="list"
    :aria-label="`Hives of ${name}`"
    :style="{ height: `${virtualizer.getTotalSize()}px` }"
  >
    <div
      v-for="item in virtualizer.getVirtualItems()"
      :key="item.index"
      :ref="measureRow"
      :data-index="item.index"
      role="presentation"
      class="cells"
      :style="{
        top: `${item.start - virtualizer.options.scrollMargin}px`,
        gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))`,
      }"
    >
      <RowCell
        v-for="hive in rows[item.index]"
        :key="hive.id"
        role="listitem"
        :hive="hive"
        :known="knownOf(hive)"
        :verdict="verdictOf(hive)"
        :scale="scale"
        :height="HEIGHT_PX"
        :stage="stage"
        :picking="row.picking"
        :picked="row.isPicked(yardId, hive.id)"
        @pick="row.pick(yardId, [hive.id], $event)"
      />
    </div>
  </div>
</template>

<style scoped>
.grid {
  position: relative;
  margin-top: var(--space-3);
}

.cells {
  position: absolute;
  right: 0;
  left: 0;
  display: grid;
  gap: 0 var(--space-3);
  padding-bottom: var(--space-3);
}
</style>
