import { defineStore, storeToRefs } from 'pinia'
import { fresh, withLog } from '#core/hive'
import { useHeld } from './held'
import { useRemoved } from './removed'
import { useSending } from './sending'
import { server } from '~/sync/server'

/** Takes what the server has. */
export const useSync = defineStore('sync', () => {
  const store = useHeld()
  const sending = useSending()
  const { loaded } = storeToRefs(store)
  const gone = useRemoved()
  const { removed } = storeToRefs(gone)
  const { trouble, reachable } = storeToRefs(sending)

  async function load(): Promise<void> {
    const answer = await server.yards()
    if (!answer.ok) return sending.troubled(answer, () => void load())
    sending.trouble = null
    store.replaceAll(answer.value)
    // Drawn before the logs are here, unless something is waiting that has to be held against them.
    if (!(await store.somethingWaits())) loaded.value = true
    await Promise.all([gone.loadRemoved(), ...answer.value.map(({ yard }) => loadLog(yard.id))])
    await store.adopt(sending.resume)
    loaded.value = true
  }

  async function loadLog(yardId: string): Promise<void> {
    const answer = await server.log(yardId)
    const now = store.held.get(yardId)
    if (answer.ok && now) store.hold(yardId, withLog(now, answer.value))
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

  return {
    loaded,
    trouble,
    reachable,
    removed,
    load,
    loadRemoved: gone.loadRemoved,
    takeUp: sending.takeUp,
    refresh,
  }
})
