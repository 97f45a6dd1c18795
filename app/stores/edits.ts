import { defineStore } from 'pinia'
import { heldBack, made, withFreshIdentities, type Edit, type WaitingEdit } from '#core/yard'
import { asSent } from '#core/units'
import { editProblemInWords, heldBackInWords } from '#core/words'
import { useAside } from './aside'
import { useColonies } from './colonies'
import { usePreferences } from './preferences'
import { useHeld } from './held'
import { useSending } from './sending'
import { useUndone } from './undone'

const makeId = () => crypto.randomUUID()

/** Everything that is done to a yard: at once here, then on the server. */
export const useEdits = defineStore('edits', () => {
  const store = useHeld()
  const sending = useSending()
  const aside = useAside()
  const undone = useUndone()
  const colonies = useColonies()
  const preferences = usePreferences()

  /** Makes an edit: at once here, then on the server. False when it does not apply, with the reason as message. */
  function perform(
    yardId: string,
    edit: Edit,
    kind: WaitingEdit['kind'] = 'do',
    targetId: string | null = null,
  ): boolean {
    const now = store.held.get(yardId)
    if (!now) return false
    const held = targetId === null ? heldBack(colonies.onto(now.yard), edit) : undefined
    if (held) {
      store.message = heldBackInWords(held.hive, held.colony, preferences.reader)
      return false
    }
    const entry: WaitingEdit = {
      id: makeId(),
      madeAt: new Date().toISOString(),
      kind,
      // What a view watches cannot be put into the database of the browser as it is.
      edit: asSent(withFreshIdentities(edit, makeId)),
      ...(targetId ? { targetId } : {}),
    }
    const done = made(now, entry)
    if (!done.ok) {
      store.message = editProblemInWords(done.problem)
      return false
    }
    undone.did = null
    store.hold(yardId, done.held)
    void sending.flush(yardId)
    return true
  }

  /** Takes the last step back, or makes it again, and tells what it was and when it was made. */
  function turnBack(yardId: string, how: 'undo' | 'redo'): void {
    const step = store.historyOf(yardId)[how].at(-1)
    if (step && perform(yardId, step.edit, how, step.targetId))
      undone.tell({ edit: step.done, how, madeAt: step.madeAt })
  }
  /** Undo stops where this sitting began, unless it is asked to go on beyond it. */
  function undo(yardId: string, beyondSitting = false): void {
    const step = store.historyOf(yardId).undo.at(-1)
    if (step && !beyondSitting && step.madeAt < undone.began)
      undone.tell({ edit: step.done, how: 'stopped', madeAt: step.madeAt })
    else turnBack(yardId, 'undo')
  }
  const redo = (yardId: string) => turnBack(yardId, 'redo')

  /** Tries what was set aside again, one after the other; what does not go in now stays aside. */
  function tryAgain(asideId: string): void {
    const one = aside.all.find(({ id }) => id === asideId)
    if (!one?.yardId) return
    const left = one.entries.filter(({ edit }) => !perform(one.yardId!, edit))
    aside.take(one.id)
    if (left.length === 0) return
    aside.add({
      ...one,
      why: store.held.has(one.yardId) ? (store.message ?? one.why) : 'The yard is not here: bring it back first.',
      entries: left,
    })
  }

  return { perform, undo, redo, tryAgain }
})
