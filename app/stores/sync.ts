import { defineStore, storeToRefs } from 'pinia'
import { withLog } from '#core/yard'
import type { StoredYard } from '#wire/answers'
import { useColonies } from './colonies'
import { useFoodBooks } from './food-books'
import { useConflict } from './conflict'
import { useHeld } from './held'
import { useRemoved } from './removed'
import { useSending } from './sending'
import { useSlips } from './slips'
import { useTrouble } from './trouble'
import { forgetOlder, readOlder, readOlderEntries } from '~/sync/older'
import { keepOrder, knownOrder } from '~/sync/order'
import { server } from '~/sync/server'
import { patience } from '~/sync/patience'
import { tabs, type ToldTabs } from '~/sync/tabs'

/** Who comes back to a page sooner is not shown what others did meanwhile, ms. */
const FRESH_MS = 30_000

/** Takes what the server has; where it is silent, what this device was told last. */
export const useSync = defineStore('sync', () => {
  const [store, gone] = [useHeld(), useRemoved()]
  const [slips, sending] = [useSlips(), useSending()]
  const [conflict, troubles] = [useConflict(), useTrouble()]
  const [{ loaded }, { removed }] = [storeToRefs(store), storeToRefs(gone)]
  const [colonies, foodBooks] = [useColonies(), useFoodBooks()]
  const loadBooks = () => Promise.all([colonies.load(), foodBooks.load()])
  const { now: trouble, reachable } = storeToRefs(troubles)

  async function load(): Promise<void> {
    const asked = server.yards()
    void foodBooks.load()
    // A hive that is dead or closed is never shown as one that lives, not for a moment.
    const told = Promise.race([colonies.load(), patience()])
    await Promise.all([slips.read(), loaded.value ? undefined : readKept()])
    const soon = store.held.size > 0 ? await Promise.race([asked, patience()]) : await asked
    await told
    // Who is not signed in is not shown what this device has.
    if (!soon?.ok && soon?.status !== 401 && store.held.size > 0) loaded.value = true
    if (soon && !soon.ok) store.keptAt = oldest
    const answer = soon ?? (await asked)
    if (!answer.ok) return troubles.meet(answer, () => void load())
    troubles.tell(null)
    store.keptAt = null
    await takeAll(answer.value)
    void sending.flushAll()
  }

  /** When the yard that was had from the server longest ago was had. */
  let oldest: string | null = null
  async function readKept(): Promise<void> {
    const { yards, keptAt } = await store.readKept(conflict.leave)
    for (const one of yards) store.set(one.yard.id, one)
    store.inOrder(await knownOrder())
    oldest = keptAt
  }

  /** What the server has, under what waits here. */
  async function takeAll(stored: readonly StoredYard[]): Promise<void> {
    const there = new Set(stored.map(({ yard }) => yard.id))
    const missing = [...store.held].filter(([yardId]) => !there.has(yardId))
    stored.forEach(store.take)
    store.inOrder(stored.map(({ yard }) => yard.id))
    keepOrder([...store.held.keys()])
    const older = readOlder()
    // Drawn before the logs are here, unless something is waiting that has to be held against them.
    if (!older) loaded.value = true
    await Promise.all([gone.loadRemoved(), ...stored.map(({ yard }) => loadLog(yard.id))])
    for (const [yardId, { waiting, yard }] of missing) {
      if (waiting.length > 0)
        conflict.setAside(yardId, 'The yard was taken away before these changes were saved.', waiting, yard.name)
      store.letGo(yardId)
    }
    for (const one of (await older) ?? []) sending.resume(one)
    for (const one of readOlderEntries()) await slips.add({ sort: 'entries', ...one })
    forgetOlder()
    loaded.value = true
  }

  async function loadLog(yardId: string): Promise<void> {
    const answer = await server.log(yardId)
    const now = store.held.get(yardId)
    if (answer.ok && now) store.hold(yardId, withLog(now, answer.value))
  }

  /** Yards as the server has them now, where nothing waits here. */
  let refreshedAt = 0
  async function refresh(yardIds?: readonly string[]): Promise<void> {
    refreshedAt = Date.now()
    const [answer] = await Promise.all([server.yards(), loadBooks()])
    if (!answer.ok) return
    const isWanted = (id: string) => !yardIds || yardIds.includes(id) || !store.held.has(id)
    const news = answer.value.filter(({ yard: { id } }) => isWanted(id))
    news.forEach(store.take)
    await Promise.all(news.map(({ yard }) => loadLog(yard.id)))
  }

  /** One comes back to this page, or to the network: what waits goes, and what others did comes. */
  async function takeUp(): Promise<void> {
    if (!loaded.value) return
    await slips.read()
    await sending.flushAll()
    if (Date.now() - refreshedAt > FRESH_MS) await refresh()
  }

  function hear({ changed, slips: isOther, trouble: found }: ToldTabs): void {
    if (!loaded.value) return
    if (found !== undefined) trouble.value = found
    if (isOther) void slips.read().then(leadOn).then(loadBooks)
    if (changed !== undefined) void store.readAgain(changed, conflict.leave).then(leadOn)
  }
  /** Where this tab leads, it sends what another one has left. */
  const leadOn = () => void (tabs().lead.isMine && sending.flushAll())
  sending.onAlso.add((yardIds) => void refresh(yardIds))
  tabs().listen(hear)
  tabs().lead.onLead(leadOn)

  return { loaded, trouble, reachable, removed, load, loadRemoved: gone.loadRemoved, takeUp, refresh }
})
