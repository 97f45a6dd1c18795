import type { Edit } from '../edits/edit'
import type { LoggedEdit } from './logged-edit'

/** An entry of a log, as far as undo needs it. */
export type Undoable = Pick<LoggedEdit, 'id' | 'madeAt' | 'kind' | 'targetId' | 'edit' | 'inverse'>

/** What undo or redo would do next. */
interface HistoryStep {
  readonly targetId: string
  /** When it was first made, by the clock of the device that made it. */
  readonly madeAt: string
  /** The edit to apply for the step. */
  readonly edit: Edit
  /** The edit as it was first made, to tell the keeper what it is. */
  readonly done: Edit
}

/** The steps that undo and redo would make. */
export interface History {
  readonly undo: readonly HistoryStep[]
  readonly redo: readonly HistoryStep[]
}

/**
 * Folds a log into what can be undone and redone, newest last: undo and redo are entries of their own, so the
 * same stacks come back after a reload or on another machine.
 */
export function foldHistory(log: readonly Undoable[]): History {
  let undo: HistoryStep[] = []
  let redo: HistoryStep[] = []
  for (const { id, madeAt, kind, targetId, edit, inverse } of log) {
    switch (kind) {
      case 'do':
        undo.push({ targetId: id, madeAt, edit: inverse, done: edit })
        redo = []
        break
      case 'undo':
        undo = moved(undo, redo, targetId, inverse)
        break
      case 'redo':
        redo = moved(redo, undo, targetId, inverse)
    }
  }
  return { undo, redo }
}

/** What is left of a stack once the step that an entry is about has gone over to the other. */
function moved(
  from: HistoryStep[],
  to: HistoryStep[],
  targetId: string | null | undefined,
  inverse: Edit,
): HistoryStep[] {
  const step = from.find((candidate) => candidate.targetId === targetId)
  if (!step) return from
  to.push({ ...step, edit: inverse })
  return from.filter((candidate) => candidate !== step)
}
