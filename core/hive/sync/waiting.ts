import type { Edit } from '../edit'

/** An edit as it is made and sent: by whom it was made is said once for all that are sent together. */
export interface WaitingEdit {
  readonly id: string
  readonly madeAt: string
  readonly kind: 'do' | 'undo' | 'redo'
  /** The entry that an undo or redo is about. */
  readonly targetId?: string | null
  readonly edit: Edit
}
