import type { Edit } from '../edits/edit'

/** An edit as it is made and sent: by whom it was made is said once for all that are sent together. */
export interface WaitingEdit {
  readonly id: string
  readonly madeAt: string
  readonly kind: 'do' | 'undo' | 'redo'
  /** The entry that an undo or redo is about. */
  readonly targetId?: string | null
  readonly edit: Edit
}

/** The same as the log of its yard keeps it. */
export interface LoggedEdit extends WaitingEdit {
  readonly inverse: Edit
  readonly revision: number
  readonly receivedAt: string
  /** When it must have been made, whatever the clock of the device says; never before the entry above it in the log. */
  readonly happenedAt: string
  readonly device: string
  /** The keeper who was signed in; null or absent where nobody had to. */
  readonly by?: string | null
}
