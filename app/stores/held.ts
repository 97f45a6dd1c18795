import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { foldHistory, fresh, rebuilt, type HeldYard, type LeftOut, type WaitingEdit } from '#core/yard'
import type { StoredYard } from '#wire/answers'
import { device, keptYards, type KeptEdit, type KeptYard } from '~/sync/device'
import { inOrder } from '~/sync/order'
import { Outbox } from '~/sync/outbox'
import { tabs } from '~/sync/tabs'
import { setUnreadableAside, unkeptBy, type Unkept } from '~/sync/unkept'

/** Is told what of a yard does not apply any more. */
type Leave = (yardId: string, left: readonly LeftOut[]) => void

/** What this browser has of every yard, and the outbox that keeps what is not saved yet. */
export const useHeld = defineStore('held', () => {
  /** Every yard is here, and what earlier pages left behind is on top. */
  const loaded = ref(false)
  const held = shallowRef<ReadonlyMap<string, HeldYard>>(new Map())
  /** Where this browser cannot keep what waits: it is kept in this page only. */
  const unkept = ref<Unkept | null>(null)
  /** When what is shown was last had from the server; null where it is from the server. */
  const keptAt = ref<string | null>(null)
  /** A sentence to tell the keeper, by whoever shows it. */
  const message = ref<string | null>(null)
  let outbox: Outbox | undefined
  let opening: Promise<void> | undefined

  const waitingCount = computed(() => [...held.value.values()].reduce((sum, { waiting }) => sum + waiting.length, 0))

  function open(): Promise<void> {
    opening ??= Outbox.open(
      (yardId) => held.value.get(yardId),
      (yardId) => tabs().tell({ changed: yardId }),
    ).then((opened) => {
      outbox = opened
    })
    return opening
  }

  const set = (yardId: string, next: HeldYard) => void (held.value = new Map(held.value).set(yardId, next))

  /** Holds a yard and keeps it; `taken` are the changes that the server has taken, where that is all that is new. */
  function hold(yardId: string, next: HeldYard, taken: readonly WaitingEdit[] = []): void {
    const was = held.value.get(yardId)
    set(yardId, next)
    const kept = outbox?.keep(yardId, was, next, taken) ?? Promise.resolve()
    kept
      .then(() => {
        if (outbox?.lasting === false) unkept.value = waitingCount.value > 0 ? 'forbidden' : null
        else if (waitingCount.value === 0) unkept.value = null
      })
      .catch((error: unknown) => {
        unkept.value = waitingCount.value > 0 ? unkeptBy(error) : null
      })
  }

  function letGo(yardId: string): void {
    const left = new Map(held.value)
    left.delete(yardId)
    held.value = left
    void outbox?.forget(yardId).catch(() => {})
  }

  /** Every yard as this device kept it, and since when; what of it does not apply any more is handed out. */
  async function readKept(leave: Leave) {
    await open()
    const { yards, of } = await keptYards(setUnreadableAside)
    return {
      yards: yards.map((kept) => fromDevice(kept, of(kept.yardId), leave)),
      keptAt: yards.map(({ keptAt: at }) => at).sort()[0] ?? null,
    }
  }

  function fromDevice(kept: KeptYard, edits: readonly KeptEdit[], leave: Leave): HeldYard {
    const { held: now, left } = rebuilt(kept, edits)
    outbox?.reached(kept.yardId, now.revision)
    leave(kept.yardId, left)
    void outbox?.leave(kept.yardId, left, now).catch(() => {})
    return now
  }

  /** Reads a yard from the device again, where another tab has changed it; what only this page has stays on top. */
  async function readAgain(yardId: string, leave: Leave): Promise<void> {
    const before = held.value.get(yardId)
    const { kept, edits } = await (await device()).ofYard(yardId)
    const now = held.value.get(yardId)
    if (!kept) return
    // What was done here meanwhile is not in what was read.
    if (now !== before) return readAgain(yardId, leave)
    const known = new Set(edits.map(({ entry }) => entry.id))
    const own = unkept.value ? (now?.waiting.filter(({ id }) => !known.has(id)) ?? []) : []
    set(yardId, fromDevice(kept, [...edits, ...own.map((entry) => ({ yardId, entry }))], leave))
  }

  /** A yard as the server has it now, where that is another than it is here, and nothing waits. */
  function take(stored: StoredYard): void {
    const now = held.value.get(stored.yard.id)
    if (now && (now.waiting.length > 0 || now.revision === stored.revision)) return
    hold(stored.yard.id, { ...fresh(stored), log: now?.log ?? [] })
  }

  return {
    loaded,
    held,
    unkept,
    keptAt,
    message,
    waitingCount,
    hold,
    set,
    letGo,
    readKept,
    readAgain,
    take,
    inOrder: (yardIds: readonly string[]) => {
      held.value = inOrder(held.value, yardIds)
    },
    historyOf: (yardId: string) => foldHistory(held.value.get(yardId)?.log ?? []),
  }
})
