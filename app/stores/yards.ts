import { defineStore, storeToRefs } from 'pinia'
import { computed, watch } from 'vue'
import { CATALOGUE } from '#core/parts'
import { emptyYard, fresh, startHive, type StartName } from '#core/yard'
import { useHeld } from './held'
import { useColonies } from './colonies'
import { useFoodBooks } from './food-books'
import { useFoods } from './foods'
import { useEdits } from './edits'
import { server } from '~/sync/server'
import { useSync } from './sync'
import * as deeds from '#core/yard/deeds'

const makeId = () => crypto.randomUUID()

/** The yards: which there are, added, taken away and brought back; what is done to them is done by `useEdits`. */
export const useYards = defineStore('yards', () => {
  const store = useHeld()
  const sync = useSync()
  const { perform, undo, redo, tryAgain } = useEdits()
  const { held, message, waitingCount } = storeToRefs(store)
  const { loaded, reachable, removed } = storeToRefs(sync)

  const colonies = useColonies()
  const foodBooks = useFoodBooks()
  const foods = useFoods()
  const ofColonies = computed(() => [...store.held.values()].map(({ yard }) => colonies.onto(yard)))
  watch([ofColonies, () => foodBooks.changes], () => {
    for (const yard of ofColonies.value) void foods.workOut(yard)
  })
  /** With what their books say of their colonies and their food: every view asks the same. */
  const yards = computed(() => ofColonies.value.map(foods.onto))

  async function addYard(name: string): Promise<string | undefined> {
    const yard = emptyYard(makeId(), name)
    const answer = await server.addYard(yard)
    if (!answer.ok) {
      store.message = answer.problem.sentence
      return undefined
    }
    store.hold(yard.id, fresh({ yard, revision: 0 }))
    return yard.id
  }

  /** Starts a hive in a yard; its identity, or undefined when it could not be. */
  function addHive(yardId: string, start: StartName, name: string): string | undefined {
    const yard = store.held.get(yardId)?.yard
    if (!yard) return undefined
    const { hive, parts } = startHive(start, name, CATALOGUE, makeId)
    return perform(yardId, deeds.addHive(yard, hive, parts)) ? hive.id : undefined
  }

  /** Takes a yard away once everything of it is saved; it can be brought back. */
  async function removeYard(yardId: string): Promise<void> {
    const now = store.held.get(yardId)
    if (!now) return
    if (now.waiting.length > 0) {
      store.message = `${now.yard.name} has changes that are not saved yet: wait until the server has them.`
      return
    }
    const answer = await server.setRemoved(yardId, true)
    if (!answer.ok) {
      store.message = answer.problem.sentence
      return
    }
    store.letGo(yardId)
    await sync.loadRemoved()
  }

  async function bringBack(yardId: string): Promise<void> {
    const answer = await server.setRemoved(yardId, false)
    if (!answer.ok) store.message = answer.problem.sentence
    else await sync.refresh([yardId])
    await sync.loadRemoved()
  }

  return {
    yards,
    held,
    loaded,
    reachable,
    waitingCount,
    message,
    removed,
    load: sync.load,
    historyOf: store.historyOf,
    perform,
    undo,
    redo,
    tryAgain,
    addYard,
    addHive,
    removeYard,
    bringBack,
  }
})
