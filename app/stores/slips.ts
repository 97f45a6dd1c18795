import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { asSent } from '#core/units'
import { device } from '~/sync/device'
import { countOf, type Slip } from '~/sync/slips'
import { tabs } from '~/sync/tabs'
import { useHeld } from './held'

/** One that comes from another device says after which change it was written. */
type NewSlip<S extends Slip = Slip> = S extends Slip
  ? Omit<S, 'id' | 'after' | 'keptAt'> & { readonly after?: string | null }
  : never

/** What was written of hives and waits on this device until the server has it. */
export const useSlips = defineStore('slips', () => {
  const held = useHeld()
  const all = shallowRef<readonly Slip[]>([])
  const count = computed(() => all.value.reduce((sum, slip) => sum + countOf(slip), 0))
  /** The browser has no room for some of it: it is in this page only. */
  const unkept = shallowRef<ReadonlySet<string>>(new Set())

  /** Reads them from the device; what only this page has stays. */
  async function read(): Promise<void> {
    const before = new Set(all.value.map(({ id }) => id))
    const kept = await (await device()).slips().catch(() => [])
    const now = new Set(all.value.map(({ id }) => id))
    const known = new Set(kept.map(({ id }) => id))
    // What was added or dropped here meanwhile is not in what was read.
    all.value = [
      ...kept.filter(({ id }) => now.has(id) || !before.has(id)),
      ...all.value.filter(({ id }) => !known.has(id) && (unkept.value.has(id) || !before.has(id))),
    ]
  }

  async function add(slip: NewSlip): Promise<Slip> {
    const after = slip.after === undefined ? (held.held.get(slip.yardId)?.waiting.at(-1)?.id ?? null) : slip.after
    const kept: Slip = asSent({ ...slip, id: crypto.randomUUID(), after, keptAt: new Date().toISOString() })
    all.value = [...all.value, kept]
    const on = await device()
    await on.addSlip(kept).catch(() => {
      unkept.value = new Set(unkept.value).add(kept.id)
    })
    if (!on.lasting) unkept.value = new Set(unkept.value).add(kept.id)
    tabs().tell({ slips: true })
    return kept
  }

  /** Keeps one otherwise, in its place. */
  async function replace(next: Slip): Promise<void> {
    all.value = all.value.map((slip) => (slip.id === next.id ? next : slip))
    await (await device()).replaceSlip(next).catch(() => {})
  }

  async function drop(id: string): Promise<void> {
    all.value = all.value.filter((slip) => slip.id !== id)
    await (await device()).dropSlip(id).catch(() => {})
    tabs().tell({ slips: true })
  }

  /** The one of a yard that is to be sent next. */
  const nextOf = (yardId: string) => all.value.find((slip) => slip.yardId === yardId)
  const has = (id: string) => all.value.some((slip) => slip.id === id)
  const entriesOf = (yardId: string) =>
    all.value.flatMap((slip) => (slip.yardId === yardId && slip.sort === 'entries' ? slip.entries : []))

  return { all, count, unkept, read, add, replace, drop, nextOf, has, entriesOf }
})
