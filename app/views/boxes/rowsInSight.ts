import { useWindowVirtualizer } from '@tanstack/vue-virtual'
import { useElementSize } from '@vueuse/core'
import type { Ref } from 'vue'
import type { BoxGroup } from '#core/ask'

const COLUMN_PX = 308
const USUAL_WIDTH_PX = 1248
const ROW_PX = 270
/** So many hives are there as a whole; of more, what is in sight. */
const AT_ONCE = 40

/** Groups side by side in as many columns as have room; rows that are in sight, with the groups that had their turn. */
export function useRowsInSight(groups: Ref<readonly BoxGroup[]>, list: Ref<HTMLElement | null>) {
  const { width } = useElementSize(list)
  const columns = computed(() => Math.max(1, Math.floor((width.value || USUAL_WIDTH_PX) / COLUMN_PX)))
  const rows = computed(() =>
    Array.from({ length: Math.ceil(groups.value.length / columns.value) }, (_, i) =>
      groups.value.slice(i * columns.value, (i + 1) * columns.value),
    ),
  )
  const virtualizer = useWindowVirtualizer(
    computed(() => ({
      count: rows.value.length,
      estimateSize: () => ROW_PX,
      overscan: groups.value.length <= AT_ONCE ? rows.value.length : 1,
      scrollMargin: list.value?.offsetTop ?? 0,
      getItemKey: (i: number) => rows.value[i]?.[0]?.key ?? i,
    })),
  )
  const measureRow = (row: unknown) => {
    if (row instanceof Element) virtualizer.value.measureElement(row)
  }
  const items = computed(() => virtualizer.value.getVirtualItems())
  const drawnNow = useInTurn(
    computed(() => items.value.reduce((sum, { index }) => sum + (rows.value[index]?.length ?? 0), 0)),
  )
  const inSight = computed(() =>
    items.value.flatMap((item, i) => {
      const some = rows.value[item.index]?.slice(0, Math.max(0, drawnNow.value - i * columns.value)) ?? []
      return some.length > 0 ? [{ item, groups: some }] : []
    }),
  )
  return { virtualizer, measureRow, inSight, columns }
}
