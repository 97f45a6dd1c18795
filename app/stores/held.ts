import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { foldHistory, fresh, type HeldYard } from '#core/hive'
import type { StoredYard } from '#wire/answers'
import { browserStorage } from '~/composables/kept'
import { Outbox, type Waiting } from '~/sync/outbox'
import { claimTab, goneTabs, type Claim } from '~/sync/tab'
import { useAside } from './aside'

/** What this browser has of every yard, and the outbox that keeps what is not saved yet. */
export const useHeld = defineStore('held', () => {
  const aside = useAside()
  /** Every yard is here, and what earlier pages left behind is on top. */
  const loaded = ref(false)
  const held = shallowRef<ReadonlyMap<string, HeldYard>>(new Map())
  /** Where this browser cannot keep what waits: it is kept in this page only. */
  const unkept = ref<'full' | 'forbidden' | null>(null)
  /** A sentence to tell the keeper, by whoever shows it. */
  const message = ref<string | null>(null)
  let outbox: Outbox | undefined
  let claim: Claim = { id: '', before: null }

  const waitingCount = computed(() => [...held.value.values()].reduce((sum, { waiting }) => sum + waiting.length, 0))

  let opening: Promise<void> | undefined
  function openOutbox(): Promise<void> {
    opening ??= claimTab().then((claimed) => {
      claim = claimed
      outbox = new Outbox(browserStorage(), claimed.id)
    })
    return opening
  }

  function all(): Waiting[] {
    return [...held.value].map(([yardId, { revision, waiting }]) => ({
      yardId,
      baseRevision: revision,
      entries: waiting,
    }))
  }

  function keep(): void {
    const kept = outbox?.save(all()) ?? true
    unkept.value = kept ? null : browserStorage().lasting ? 'full' : 'forbidden'
  }

  function hold(yardId: string, next: HeldYard): void {
    held.value = new Map(held.value).set(yardId, next)
    keep()
  }
  function letGo(yardId: string): void {
    const left = new Map(held.value)
    left.delete(yardId)
    held.value = left
    keep()
  }
  /** The yards as the server has them, what waits of those that are here kept on top by whoever resumes it. */
  function replaceAll(stored: readonly StoredYard[]): void {
    held.value = new Map(stored.map((one) => [one.yard.id, fresh(one)]))
  }

  /** Whether any page has left something in this browser that is not saved yet. */
  async function somethingWaits(): Promise<boolean> {
    await openOutbox()
    return outbox!.tabs().length > 0
  }

  /** What pages that are gone left behind; it is forgotten there once `take` has kept it here. */
  async function adopt(take: (waiting: Waiting) => void): Promise<void> {
    await openOutbox()
    const tabs = await goneTabs(
      outbox!.tabs().filter((id) => id !== claim.id),
      claim.before,
    )
    const { waiting, unreadable } = await outbox!.adopt(tabs)
    for (const { text, why } of unreadable) aside.add({ yardId: null, yardName: '', why, entries: [], text })
    for (const one of waiting) take(one)
    outbox!.forget(tabs)
    keep()
  }

  function historyOf(yardId: string) {
    return foldHistory(held.value.get(yardId)?.log ?? [])
  }

  return { loaded, held, unkept, message, waitingCount, hold, letGo, replaceAll, somethingWaits, adopt, historyOf }
})
