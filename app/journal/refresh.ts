import { shallowRef } from 'vue'
import { withLog } from '#core/yard'
import type { RemovedYard } from '#wire/answers'
import { server } from '~/client/server'
import type { Held } from './held'
import { withStored, withYard } from './machine'

/** Books that are asked for along with the yards; the first view waits for some. */
export interface Alongside {
  readonly load: () => Promise<unknown>
  readonly isAwaited: boolean
}

/** Asks the server what others did meanwhile. */
export function useRefresh({ state, become }: Held) {
  /** Yards that were taken away and can be brought back. */
  const removed = shallowRef<readonly RemovedYard[]>([])
  const alongside = new Set<Alongside>()
  const loadBooks = () => Promise.all([...alongside].map(({ load: ask }) => ask()))
  const last = { at: 0 }

  async function loadLog(yardId: string): Promise<void> {
    const answer = await server.log(yardId)
    const now = state.value.yards.get(yardId)
    if (answer.ok && now) become(withYard(state.value, yardId, withLog(now, answer.value)))
  }

  async function loadRemoved(): Promise<void> {
    const answer = await server.removed()
    if (answer.ok) removed.value = answer.value
  }

  /** Yards as the server has them now, where nothing waits here. */
  async function refresh(yardIds?: readonly string[]): Promise<void> {
    last.at = Date.now()
    const [answer] = await Promise.all([server.yards(), loadBooks()])
    if (!answer.ok) return
    const isWanted = (id: string) => !yardIds || yardIds.includes(id) || !state.value.yards.has(id)
    const news = answer.value.filter(({ yard: { id } }) => isWanted(id))
    become(news.reduce(withStored, state.value))
    await Promise.all(news.map(({ yard }) => loadLog(yard.id)))
  }

  return { removed, alongside, last, loadBooks, loadLog, loadRemoved, refresh }
}
