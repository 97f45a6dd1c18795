import { defineStore } from 'pinia'
import { nextTick, ref, watch } from 'vue'
import type { DimensionName, Part } from '#core/parts'
import { findPart, partEdit, type Hive } from '#core/yard'
import * as deeds from '#core/yard/deeds'
import { useBench } from './store'
import { useYards } from '~/stores/yards'

/** A name that is asked for, and what becomes of it. */
interface Naming {
  readonly title: string
  readonly value: string
  readonly long?: boolean
  readonly required?: boolean
  readonly take: (value: string) => void
}

/** What lies open on the bench: the tray, the list to swap from, what can be done with a part, a name, its sizes. */
export const useBenchOpen = defineStore('bench-open', () => {
  const bench = useBench()
  const swapping = ref(false)
  const traying = ref(false)
  /** On a phone what can be done with a part comes from below when it is asked for. */
  const acting = ref(false)
  const names = naming(() => {
    acting.value = false
  })
  const sizing = ref(false)
  const measuring = ref<DimensionName | null>(null)
  watch(
    () => bench.selectedId,
    () => {
      swapping.value = false
      acting.value = false
    },
  )

  /** The tray, with the keys in it. */
  function tray(): void {
    acting.value = false
    traying.value = true
    void nextTick(() => document.querySelector<HTMLElement>('.tray .item')?.focus())
  }
  function trayOver(): void {
    bench.overId = bench.selectedId
    tray()
  }
  function swap(): void {
    sizing.value = false
    acting.value = false
    swapping.value = true
    traying.value = true
  }
  function sizes(name: DimensionName | null): void {
    acting.value = false
    measuring.value = name
    sizing.value = true
  }
  function takeSizes(part: Part): void {
    const before = bench.yard && findPart(bench.yard, part.id)
    if (before) bench.perform(partEdit(before, part))
    sizing.value = false
  }

  /** Nothing lies open any more: the bench is left. */
  function clear(): void {
    for (const one of [swapping, traying, acting, sizing]) one.value = false
    names.naming.value = null
  }

  const shown = { swapping, traying, acting, sizing, measuring }
  return { ...shown, clear, tray, trayOver, swap, sizes, takeSizes, ...names }
})

/** Names and notes that are asked for: of a part, of the hive. */
function naming(begin: () => void) {
  const bench = useBench()
  const yards = useYards()
  const naming = ref<Naming | null>(null)
  /** What is said of the hive itself is said of it as it stands. */
  function setHive(change: Partial<Pick<Hive, 'name' | 'note' | 'stage'>>): void {
    if (bench.standingYard && bench.standing)
      yards.perform(bench.standingYard.id, deeds.setHive(bench.standing, change))
  }
  function namePart(): void {
    begin()
    const part = bench.yard && bench.selectedId ? findPart(bench.yard, bench.selectedId) : undefined
    if (!part) return
    naming.value = {
      title: `Name of ${bench.names.get(part.id)}`,
      value: part.name ?? '',
      take: (name) => {
        const { name: _old, ...rest } = part
        bench.perform(partEdit(part, name ? { ...rest, name } : rest))
      },
    }
  }
  function nameHive(): void {
    const value = bench.hive?.name ?? ''
    naming.value = { title: 'Name of this hive', value, required: true, take: (name) => setHive({ name }) }
  }
  function note(): void {
    if (!bench.hive) return
    const { name, note: value } = bench.hive
    naming.value = { title: `Note on ${name}`, value, long: true, take: (text) => setHive({ note: text }) }
  }
  function takeName(name: string): void {
    naming.value?.take(name)
    naming.value = null
  }

  return { naming, setHive, namePart, nameHive, note, takeName }
}
