import { defineStore, storeToRefs } from 'pinia'
import { computed } from 'vue'
import { CATALOGUE } from '#core/catalogue'
import {
  emptyYard,
  fresh,
  made,
  startHive,
  withFreshIdentities,
  type Edit,
  type StartName,
  type WaitingEdit,
} from '#core/hive'
import { editProblemInWords } from '#core/wording'
import { useAside } from './aside'
import { useHeld } from './held'
import { useSending } from './sending'
import { server } from './server'
import { useSync } from './sync'
import * as deeds from '#core/hive/deeds'

const makeId = () => crypto.randomUUID()

/** The yards, and everything that is done to them: at once here, then on the server. */
export const useYards = defineStore('yards', () => {
  const store = useHeld()
  const sync = useSync()
  const sending = useSending()
  const aside = useAside()
  const { held, message, waitingCount } = storeToRefs(store)
  const { loaded, reachable, removed } = storeToRefs(sync)

  const yards = computed(() => [...store.held.values()].map(({ yard }) => yard))

  /** Makes an edit: at once here, then on the server. False when it does not apply, with the reason as message. */
  function perform(
    yardId: string,
    edit: Edit,
    kind: WaitingEdit['kind'] = 'do',
    targetId: string | null = null,
  ): boolean {
    const now = store.held.get(yardId)
    if (!now) return false
    const entry: WaitingEdit = {
      id: makeId(),
      madeAt: new Date().toISOString(),
      kind,
      edit: withFreshIdentities(edit, makeId),
      ...(targetId ? { targetId } : {}),
    }
    const done = made(now, entry)
    if (!done.ok) {
      store.message = editProblemInWords(done.problem)
      return false
    }
    store.hold(yardId, done.held)
    void sending.flush(yardId)
    return true
  }

  function undo(yardId: string): Edit | undefined {
    const step = store.historyOf(yardId).undo.at(-1)
    return step && perform(yardId, step.edit, 'undo', step.targetId) ? step.done : undefined
  }

  function redo(yardId: string): Edit | undefined {
    const step = store.historyOf(yardId).redo.at(-1)
    return step && perform(yardId, step.edit, 'redo', step.targetId) ? step.done : undefined
  }

  /** Tries what was set aside again, one after the other; what does not go in now stays aside. */
  function tryAgain(asideId: string): void {
    const one = aside.all.find(({ id }) => id === asideId)
    if (!one?.yardId) return
    const left = one.entries.filter(({ edit }) => !perform(one.yardId!, edit))
    aside.drop(one.id)
    if (left.length === 0) return
    aside.add({
      ...one,
      why: store.held.has(one.yardId) ? (store.message ?? one.why) : 'The yard is not here: bring it back first.',
      entries: left,
    })
  }

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
