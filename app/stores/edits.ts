import type { Ref } from 'vue'
import { heldBack, withFreshIdentities, type Edit, type WaitingEdit } from '#core/yard'
import { asSent } from '#core/units'
import { editProblemInWords, heldBackInWords } from '#core/words'
import { useJournal } from '~/journal'
import { useColonies } from './colonies'
import { usePreferences } from './preferences'
import { useUndone } from './undone'

const makeId = () => crypto.randomUUID()

/** What is done to a yard, undone and tried again; a sentence is left where it cannot be. */
export function useEdits(message: Ref<string | null>) {
  const journal = useJournal()
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
    const yard = journal.yards.get(yardId)?.yard
    if (!yard) return false
    const held = targetId === null ? heldBack(colonies.onto(yard), edit) : undefined
    if (held) {
      message.value = heldBackInWords(held.hive, held.colony, preferences.reader)
      return false
    }
    const problem = journal.make(yardId, {
      id: makeId(),
      madeAt: new Date().toISOString(),
      kind,
      // What a view watches cannot be put into the database of the browser as it is.
      edit: asSent(withFreshIdentities(edit, makeId)),
      ...(targetId ? { targetId } : {}),
    })
    if (problem) message.value = editProblemInWords(problem)
    else undone.did = null
    return problem === null
  }

  /** Takes the last step back, or makes it again, and tells what it was and when it was made. */
  function turnBack(yardId: string, how: 'undo' | 'redo'): void {
    const step = journal.historyOf(yardId)[how].at(-1)
    if (step && perform(yardId, step.edit, how, step.targetId))
      undone.tell({ edit: step.done, how, madeAt: step.madeAt })
  }
  /** Undo stops where this sitting began, unless it is asked to go on beyond it. */
  function undo(yardId: string, beyondSitting = false): void {
    const step = journal.historyOf(yardId).undo.at(-1)
    if (step && !beyondSitting && step.madeAt < undone.began)
      undone.tell({ edit: step.done, how: 'stopped', madeAt: step.madeAt })
    else turnBack(yardId, 'undo')
  }
  const redo = (yardId: string) => turnBack(yardId, 'redo')

  return { perform, undo, redo, tryAgain: trialOf(message, perform) }
}

/** Tries what was set aside again, one after the other; what does not go in now stays aside. */
function trialOf(message: Ref<string | null>, perform: (yardId: string, edit: Edit) => boolean) {
  const journal = useJournal()
  return (asideId: string): void => {
    const one = journal.aside.all.find(({ id }) => id === asideId)
    if (!one?.yardId) return
    const { yardId } = one
    const left = one.entries.filter(({ edit }) => !perform(yardId, edit))
    journal.aside.take(one.id)
    if (left.length === 0) return
    const why = journal.yards.has(yardId) ? (message.value ?? one.why) : 'The yard is not here: bring it back first.'
    journal.aside.add({ ...one, why, entries: left })
  }
}
