import { defineStore } from 'pinia'
import { made, withFreshIdentities, type Edit, type WaitingEdit } from '#core/hive'
import { editProblemInWords } from '#core/wording'
import { useAside } from './aside'
import { useHeld } from './held'
import { useSending } from './sending'

const makeId = () => crypto.randomUUID()

/** Everything that is done to a yard: at once here, then on the server. */
export const useEdits = defineStore('edits', () => {
  const store = useHeld()
  const sending = useSending()
  const aside = useAside()

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

  return { perform, undo, redo, tryAgain }
})
