import { ref, type Ref } from 'vue'
import type { StoredYard } from '#wire/answers'
import { server } from '~/client/server'
import type { Held } from './held'
import { inOrder, keepOrder } from './kept/order'
import { withoutMissing, withStored } from './machine'
import type { Older } from './older'
import { patience } from './patience'
import type { useReader } from './read'
import type { useRefresh } from './refresh'
import type { useTroubles } from './trouble'

/** Who comes back to a page sooner is not shown what others did meanwhile, ms. */
const FRESH_MS = 30_000

interface Loading {
  readonly isLoaded: Ref<boolean>
  readonly troubles: ReturnType<typeof useTroubles>
  readonly reader: ReturnType<typeof useReader>
  readonly refreshing: ReturnType<typeof useRefresh>
  readonly flushAll: () => Promise<unknown>
  readonly findOlder: () => Older
}

/** Takes what the server has; where it is silent, what this browser was told last. */
export function useLoader(held: Held, { isLoaded, troubles, reader, refreshing, flushAll, findOlder }: Loading) {
  const { state, become, making } = held
  /** When what is shown was last had from the server; null where it is from the server. */
  const keptAt = ref<string | null>(null)
  const { removed, alongside, last, loadLog, loadRemoved, refresh } = refreshing

  /** When the yard that was had from the server longest ago was had. */
  let oldest: string | null = null
  async function load(): Promise<void> {
    const asked = server.yards()
    // A hive that is dead or closed is never shown as one that lives, not for a moment.
    const told = [...alongside].map(({ load: ask, isAwaited }) => ({ done: ask(), isAwaited }))
    const awaited = Promise.all(told.filter((one) => one.isAwaited).map(({ done }) => done))
    const first = Promise.race([awaited, patience()])
    const [read] = await Promise.all([isLoaded.value ? oldest : reader.readYards(), reader.readSlips()])
    oldest = read
    const hasYards = state.value.yards.size > 0
    const soon = hasYards ? await Promise.race([asked, patience()]) : await asked
    await first
    // Who is not signed in is not shown what this browser has.
    if (!soon?.ok && soon?.status !== 401 && hasYards) isLoaded.value = true
    if (soon && !soon.ok) keptAt.value = oldest
    const answer = soon ?? (await asked)
    if (!answer.ok) return troubles.meet(answer, () => void load())
    troubles.tell(null)
    keptAt.value = null
    await takeAll(answer.value)
    void flushAll()
  }

  /** What the server has, under what waits here. */
  async function takeAll(stored: readonly StoredYard[]): Promise<void> {
    const there = stored.map(({ yard }) => yard.id)
    const missing = [...state.value.yards.keys()].filter((yardId) => !there.includes(yardId))
    const taken = stored.reduce(withStored, state.value)
    become({ ...taken, yards: inOrder(taken.yards, there) })
    keepOrder([...state.value.yards.keys()])
    const older = findOlder()
    // Drawn before the logs are here, unless something is waiting that has to be held against them.
    if (!older.waits) isLoaded.value = true
    await Promise.all([loadRemoved(), ...there.map(loadLog)])
    become(withoutMissing(state.value, missing, making()))
    await older.takeUp((yardId) => removed.value.find(({ id }) => id === yardId)?.name ?? '')
    isLoaded.value = true
  }

  /** One comes back to this page, or to the network: what waits goes, and what others did comes. */
  async function takeUp(): Promise<void> {
    if (!isLoaded.value) return
    await reader.readSlips()
    await flushAll()
    if (Date.now() - last.at > FRESH_MS) await refresh()
  }

  return { keptAt, load, takeUp }
}
