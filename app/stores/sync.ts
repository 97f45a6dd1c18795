import { defineStore, storeToRefs } from 'pinia'
import { ref, shallowRef, watch } from 'vue'
import { fresh, resumed, withLog } from '#core/hive'
import type { RemovedYard } from '#wire/answers'
import type { Waiting } from '~/sync/outbox'
import { useConflict } from './conflict'
import { useHeld } from './held'
import { useSending } from './sending'
import { server } from '~/sync/server'

/** Takes what the server has, and puts on top what was left behind here. */
export const useSync = defineStore('sync', () => {
  const store = useHeld()
  const conflict = useConflict()
  const sending = useSending()
  const loaded = ref(false)
  const removed = shallowRef<readonly RemovedYard[]>([])
  const { trouble, reachable } = storeToRefs(sending)

  async function load(): Promise<void> {
    const answer = await server.yards()
    if (!answer.ok) return sending.troubled(answer, () => void load())
    sending.trouble = null
    store.replaceAll(answer.value)
    // Drawn before the logs are here, unless something is waiting that has to be held against them.
    if (!(await store.somethingWaits())) loaded.value = true
    await Promise.all([loadRemoved(), ...answer.value.map(({ yard }) => loadLog(yard.id))])
    await store.adopt(resume)
    loaded.value = true
  }

  /** Takes up what pages that are gone meanwhile left behind. */
  async function takeUp(): Promise<void> {
    if (loaded.value) await store.adopt(resume)
  }
  watch(
    () => sending.retries,
    () => void takeUp(),
    { flush: 'sync' },
  )
  watch(
    () => sending.gone,
    () => void loadRemoved(),
    { flush: 'sync' },
  )

  async function loadRemoved(): Promise<void> {
    const answer = await server.removed()
    if (answer.ok) removed.value = answer.value
  }

  async function loadLog(yardId: string): Promise<void> {
    const answer = await server.log(yardId)
    const now = store.held.get(yardId)
    if (answer.ok && now) store.hold(yardId, withLog(now, answer.value))
  }

  /** Puts edits that an earlier page left behind back on top, or asks where others came first. */
  function resume({ yardId, entries, baseRevision }: Waiting): void {
    const now = store.held.get(yardId)
    const gone = removed.value.find(({ id }) => id === yardId)?.name ?? ''
    if (!now)
      return conflict.setAside(yardId, 'The yard was taken away before these changes were saved.', entries, gone)
    const laid = resumed(now, { entries, baseRevision })
    if (laid && conflict.take(yardId, laid)) void sending.flush(yardId)
  }

  /** Yards as the server has them now, where nothing waits here. */
  async function refresh(yardIds?: readonly string[]): Promise<void> {
    const answer = await server.yards()
    if (!answer.ok) return
    const isWanted = (id: string) => !yardIds || yardIds.includes(id) || !store.held.has(id)
    const news = answer.value.filter(({ yard: { id } }) => !store.held.get(id)?.waiting.length && isWanted(id))
    for (const one of news) store.hold(one.yard.id, { ...fresh(one), log: store.held.get(one.yard.id)?.log ?? [] })
    await Promise.all(news.map(({ yard }) => loadLog(yard.id)))
  }

  return { loaded, trouble, reachable, removed, load, loadRemoved, takeUp, refresh }
})
